import type { InferType } from 'yup'
import * as yup from 'yup'
import { attend } from './attend.ts'
import { cut } from './cut.ts'
import { drain } from './drain.ts'
import { drawMark } from './draw-mark.ts'
import { isolate } from './isolate.ts'
import type { MoveKind } from './move-kind.ts'
import { openJoint } from './open-joint.ts'
import { parkPart } from './park-part.ts'
import { placeTemporary } from './place-temporary.ts'
import { pullOff } from './pull-off.ts'
import { releaseClips } from './release-clips.ts'
import { removeFasteners } from './remove-fasteners.ts'
import { removePart } from './remove-part.ts'
import { replacePart } from './replace-part.ts'
import { slacken } from './slacken.ts'
import { slipBelt } from './slip-belt.ts'
import { turnMachine } from './turn-machine.ts'
import { unplug } from './unplug.ts'
import { unroute } from './unroute.ts'

/** Every kind of move. Adding one is adding its file and its line here. */
export const moveKinds = {
  'remove-fasteners': removeFasteners,
  slacken,
  'release-clips': releaseClips,
  unplug,
  unroute,
  'open-joint': openJoint,
  'slip-belt': slipBelt,
  'remove-part': removePart,
  'park-part': parkPart,
  'pull-off': pullOff,
  cut,
  'place-temporary': placeTemporary,
  'turn-machine': turnMachine,
  isolate,
  drain,
  'draw-mark': drawMark,
  attend,
  'replace-part': replacePart,
} as const

export type MoveKindName = keyof typeof moveKinds
export type Move = { [K in MoveKindName]: InferType<(typeof moveKinds)[K]['schema']> }[MoveKindName]
export type MoveOf<K extends MoveKindName> = InferType<(typeof moveKinds)[K]['schema']>

/** The kind of a move. */
export const kindOf = (move: Move): MoveKind<Move> => moveKinds[move.kind] as unknown as MoveKind<Move>

/** The schema of any move: that of its kind; an unknown kind is an error that lists the known ones. */
export const moveSchema = yup.lazy((value: unknown) => {
  const kind = (value as Move | undefined)?.kind
  if (kind && Object.hasOwn(moveKinds, kind)) return moveKinds[kind].schema as unknown as yup.Schema<Move>
  return yup
    .mixed<Move>()
    .test('kind', `\${path}.kind must be one of ${Object.keys(moveKinds).join(', ')}`, () => false)
})
