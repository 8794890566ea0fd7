import { moveKinds } from '../../core/moves/kinds.ts'

/** What is known before anything is learnt: features that speak for a reading, and how much. */
export const known: readonly (readonly [feature: string, reading: string, weight: number])[] = [
  // A verb that only one kind has is that kind.
  ...Object.keys(moveKinds).map(kind => [`V=${kind}`, kind, 2.5] as const),
  ['shaft', 'pull-off', 2],
  ['lone-plug', 'isolate', 1.5],
  ['wall', 'isolate', 1],
  ['N:water', 'isolate', 2],
  ['N:power', 'isolate', 2],
  ['sentence:?', 'note', 2],
  ['sign:?', 'note', 2],
  ['N:belt', 'slip-belt', 1],
  ['posture', 'turn-machine', 2],
  ['litres', 'drain', 1.5],
  ['V:cut', 'cut', 1],
  ['V:slacken', 'slacken', 2],
  ['V:loosen', 'slacken', 1.5],
  ['V:ease', 'slacken', 0.5],
  ['V:hang', 'park-part', 1.5],
  ['V:replace', 'replace-part', 2],
  ['V:swap', 'replace-part', 1.5],
  ['V:exchange', 'replace-part', 1.5],
  ['V:mark', 'draw-mark', 2],
  ['V:scribe', 'draw-mark', 2],
  ['V:drain', 'drain', 2],
  ['V:unplug', 'unplug', 1],
  ['V:disconnect', 'unplug', 0.7],
  ['V:unclip', 'release-clips', 1],
  ['V:unhook', 'release-clips', 0.5],
  ['V:fold', 'fold-back', 1],
  ['sized', 'remove-fasteners', 2.5],
  ['later', 'note', 0.5],
  ['neg', 'note', 0.7],
  ['modal', 'note', 0.7],
  ['question', 'note', 0.7],
]
/** The same of features that are one for all kinds. */
export const knownShared: readonly (readonly [string, number])[] = [
  ['~verb', 2],
  ['~noun', 2],
  ['~both', 1],
  ['~other-verb', -1],
  ['~other-noun', -1],
]
/** The same of how a stretch goes on from the one before. */
export const knownFollowing: readonly (readonly [string, number])[] = [
  ['~goes-on', 2],
  ['~bare', -2],
]
