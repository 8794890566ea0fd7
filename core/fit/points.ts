import { say } from '../words/phrase.ts'
import { adapt, harmless, no } from './judged.ts'
import { belt, brush, brushLength, elementLength, exact, hose, lead, neck, neckLength, oneOfKit } from './lengths.ts'
import { bears, capacitance, curve, force, hertz, volts, watts } from './ratings.ts'
import type { Rule } from './rule.ts'
import {
  anyNumber,
  asMany,
  atLeast,
  colours,
  has,
  mayDiffer,
  mustBe,
  neckFaces,
  partNumber,
  plugSide,
  sealed,
  sittingOn,
  slopes,
  turns,
} from './said.ts'

const guards = { guards: true } as const
const inBag = { inBag: true } as const
const doesNotMeet = say`its holes do not meet`

/** What two parts are held against each other by, and how each is judged: our own list, with the usual tolerances of a bench. */
const all = {
  number: partNumber,
  volts,
  hertz,
  watts,
  amps: bears('A'),
  'volts at least': bears('V'),
  capacitance,
  'at 25 °C': curve,
  force,
  fixing: mustBe(say`it is held in another way`),
  'hole pitch': exact(0.7, doesNotMeet),
  'pin bore': exact(0.2, say`its pin does not go in, or rattles`),
  ways: { ...asMany(say`its plug is another`), ...guards, ...inBag },
  coils: { ...asMany(say`another valve`), ...guards, ...inBag },
  'plug side': plugSide,
  wires: colours,
  'wire length': lead,
  'wire at': mustBe(say`the lead does not come out of the holder`, ['top', 'side']),
  'kind of lock': {
    ...mustBe(say`the board drives the other kind`, ['bimetal', 'solenoid', 'motor', 'switch only']),
    ...guards,
  },
  'hook side': mustBe(say`the hook comes from the other side`, ['left', 'right', 'middle']),
  'shaft turns': turns,
  'shaft length': exact(1, say`pulley and belt do not run in line`),
  shaft: exact(0.05, say`what sits on it does not go on, or runs out of true`),
  'stub bore': neck,
  'stub length': neckLength,
  'stub faces': neckFaces,
  'outlet faces': neckFaces,
  thread: exact(0.1, say`another thread`),
  blades: anyNumber(say`the pump moves the same water for the same watts`),
  looks: mayDiffer(say`only the looks differ`),
  bore: exact(0.1, say`it does not go on, or runs loose`),
  outside: exact(0.1, say`it does not go in, or turns in its seat`),
  width: exact(0.1, say`it stands out of its seat, or is loose in it`),
  seals: sealed,
  'seal bore': exact(0.3, say`it leaks, or runs dry`),
  'seal width': exact(0.3, say`it does not sit flush`),
  lips: atLeast(say`water gets past`),
  diameter: exact(1, say`it does not go into its seat`),
  size: exact(0.5, say`another size`),
  'drain at': mustBe(say`water stands in it`),
  'mark at': mayDiffer(say`set it by its drain, not by the mark`),
  'flange width': exact(0.7, say`its seal does not close`),
  'earth tag': {
    ...has(no(say`the new one has no place for the earth wire`), harmless(say`the new one has one more place`)),
    ...guards,
    ...inBag,
  },
  'sensor pocket': has(
    no(say`there is no place for the sensor`),
    adapt(say`the old one had none`, 'work', say`close the pocket with its blank, or it leaks`),
  ),
  'element length': elementLength,
  'belt length': belt,
  ribs: { ...asMany(say`it does not run in the grooves`), ...inBag },
  stretch: has(no(say`it cannot be stretched over the pulley`), no(say`it would run slack`)),
  'hose length': hose,
  'hose bore': neck,
  ends: mustBe(say`its ends are formed in another way`),
  'brush thickness': brush,
  'brush width': brush,
  'brush length': brushLength,
  slope: slopes,
  'ring bore': oneOfKit,
  'ring thickness': oneOfKit,
  coded: has(
    harmless(say`the control needs not be told`),
    adapt(say`it does not know its machine yet`, 'work', say`tell the control its machine, as its sheet says`),
  ),
  'on the old one': sittingOn,
} satisfies Record<string, Rule>
export type RuleName = keyof typeof all

/** The rule of a name. */
export const ruleOf = (name: RuleName): Rule => all[name]
export const isRule = (name: string): name is RuleName => name in all
