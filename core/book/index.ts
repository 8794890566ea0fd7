export { type Book, type BookAct, type BookStep, type LessonTold, type Varies, bookOf } from './book.ts'
export { type Laid, nothingLaid, withRecording, without } from './columns.ts'
export { type Differs, type Ghost, differences, ghostOf, heard, learntAt, placeIn, takenUp } from './ghost.ts'
export { recordingOf } from './recording.ts'
