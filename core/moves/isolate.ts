import type { InferType } from 'yup'
import { oneOf } from '../schema/atoms.ts'
import type { Caution } from '../words/cautions.ts'
import { note } from '../words/note.ts'
import { say, type Phrase } from '../words/phrase.ts'
import { moveShape, owes, turned, type MoveKind } from './move-kind.ts'

/** What is shut off or discharged before work. */
export const isolations = ['power', 'cold water', 'hot water', 'pressure', 'drain hose', 'capacitor'] as const
const schema = moveShape('isolate', { what: oneOf(isolations).required() })
type Isolate = InferType<typeof schema>

const words: Record<(typeof isolations)[number], { down: Phrase; back: Phrase; check: Phrase; caution: Caution }> = {
  power: {
    down: say`Pull the plug and keep it in sight.`,
    back: say`Plug the machine in.`,
    check: say`Nobody has a hand in it; covers on; earth tested as local codes ask`,
    caution: 'mains',
  },
  'cold water': {
    down: say`Close the cold tap; ease the joint to be sure.`,
    back: say`Open the cold tap slowly.`,
    check: say`Joint tight, washer in, no drip after a minute`,
    caution: 'water',
  },
  'hot water': {
    down: say`Close the hot tap; ease the joint to be sure.`,
    back: say`Open the hot tap slowly.`,
    check: say`Joint tight, washer in, no drip after a minute`,
    caution: 'water',
  },
  pressure: {
    down: say`Ease the inlet joint over a tray until it stops running.`,
    back: say`Tighten the inlet joint that was eased.`,
    check: say`Washer seated; no drip after the tap is open`,
    caution: 'water',
  },
  'drain hose': {
    down: say`Take the drain hose off its standpipe.`,
    back: say`Hang the drain hose back in its standpipe.`,
    check: say`At its old height, tied so that it cannot jump out`,
    caution: 'water',
  },
  capacitor: {
    down: say`Discharge the capacitor through a resistor, then measure.`,
    back: say`Reconnect the capacitor.`,
    check: say`Terminals covered, no tool left across them`,
    caution: 'capacitor',
  },
}

/** Isolates the machine from power, water or drain; the inverse restores it, with its check. */
export const isolate: MoveKind<Isolate> = {
  kind: 'isolate',
  name: 'Isolate',
  item: 'isolation',
  schema,
  fresh: ({ isolated }) => ({
    what:
      (['power', 'cold water', 'drain hose', 'hot water', 'pressure'] as const).find(w => !isolated.includes(w)) ??
      'capacitor',
  }),
  fields: () => [{ path: 'what', label: 'what', how: 'choice', options: isolations }],
  traits: ({ what }) => ({
    isolates: what,
    unseen: true,
    ...(what === 'power' && { restores: 'power' }),
    ...((what === 'cold water' || what === 'hot water') && { restores: 'water' }),
    ...((what === 'pressure' || what === 'drain hose') && { wet: true }),
  }),
  grammar: {
    verb: 'isolate',
    verbs:
      'isolate, switch, turn, shut/shut, close, kill, unplug, cut/cut, bleed/bled, discharge, short, depressurise, depressurize, drain, ease, disconnect, unhook, pull, lock, trip, flip, unload, relieve, vent, hook, lift, take/took/taken, knock, throw/threw/thrown, d/c',
    things: ['power', 'water', 'pressure', 'standpipe', 'capacitor'],
    also: ['plug', 'hose'],
  },
  opens: m => [owes(m, 'isolation', 'isolated', 1, { say: m.what })],
  invert: turned,
  subject: m => ({ say: m.what }),
  down: m => words[m.what].down,
  back: m => words[m.what].back,
  notes: m => [note(words[m.what].check)],
  tools: m => (m.what === 'capacitor' ? ['discharge resistor', 'meter'] : []),
  cautions: m => [words[m.what].caution],
}
