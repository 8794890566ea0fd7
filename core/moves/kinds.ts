import { adapt } from './adapt.ts'
import { attend } from './attend.ts'
import { cut } from './cut.ts'
import { drain } from './drain.ts'
import { drawMark } from './draw-mark.ts'
import { exchange } from './exchange.ts'
import { fitNew } from './fit-new.ts'
import { foldBack } from './fold-back.ts'
import { isolate } from './isolate.ts'
import { openJoint } from './open-joint.ts'
import { parkPart } from './park-part.ts'
import { placeTemporary } from './place-temporary.ts'
import { pullOff } from './pull-off.ts'
import { pullOut } from './pull-out.ts'
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
  'pull-out': pullOut,
  isolate,
  drain,
  'draw-mark': drawMark,
  attend,
  'replace-part': replacePart,
  exchange,
  'fit-new': fitNew,
  'fold-back': foldBack,
  adapt,
} as const
