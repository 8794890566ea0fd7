export { absorb } from './absorb.ts'
export { type Captured, type Point, begin, draw, drop, tap, tell, untap } from './capture.ts'
export { cellFor, inCellsOfTheirOwn } from './cells.ts'
export {
  type Draft,
  adopt,
  adoptUnder,
  afterRecording,
  amending,
  atBench,
  aroundOf,
  backInDraft,
  emptyDraft,
  leaveAmending,
  needsOf,
  recordDraft,
  recordingOf,
  sameAgain,
  takeUp,
} from './draft.ts'
export { dropPoint, moveMark, passBy, retypeMark } from './marks.ts'
export { mergeSteps } from './merge.ts'
export { closeUpsOf, dropPhoto, replacePhoto, withPhoto } from './photos.ts'
export { corners, snap } from './snap.ts'
export { zoneIsSo, zoneJar } from './zone-jars.ts'
