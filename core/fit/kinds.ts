import { once } from '../assembly/kept.ts'
import { termsOf } from '../assembly/terms.ts'
import { isRule, ruleOf, type RuleName } from './points.ts'
import type { Rule } from './rule.ts'

/**
 * Kinds of part: words that name one · what it is compared by, what matters most first. `!` stands behind what must be looked at before
 * anything is said of the whole; `=` names the rule where it is not called as the point is.
 */
const lines = `
pump · pump · volts!, hertz!, watts!, fixing!, ways!, hole pitch, plug side, stub bore, stub length, stub faces, wires, wire length, blades
valve · valve · volts!, coils!, ways!, fixing!, outlet faces, thread, hole pitch, plug side, wires
lock · door lock, lid lock, interlock, lock · kind of lock!, volts!, ways!, hook side!, amps, fixing, hole pitch, wires, looks
switch · switch, lid switch, door switch · amps!, ways!, fixing!, hole pitch, wires
motor · motor · volts!, watts!, ways!, shaft turns!, hole pitch!, shaft length, shaft, wires
brushes · brush, carbon · width=brush width!, thickness=brush thickness!, wire at!, slope, length=brush length
element · element, heater · volts!, watts!, flange width!, earth tag!, sensor pocket!, length=element length
sensor · sensor, thermistor, probe · at 25 °C!, ways!, diameter, wire length
thermostat · thermostat, thermal cut out · amps!, ways!, fixing!, number
level sensor · pressure switch, level sensor, pressure sensor · ways!, stub bore!, fixing!, number
board · board, module, control, controller, inverter · number!, ways!, volts!, coded
bearing · bearing · bore!, outside!, width!, seals!
seal · seal, shaft seal, tub seal, lip seal, oil seal · bore=seal bore!, outside=seal bore!, width=seal width!, lips
boot · boot, bellows, door gasket, gasket · diameter!, drain at!, mark at
belt · belt · length=belt length!, ribs!, stretch!
hose · hose, tube, sleeve · length=hose length!, bore=hose bore!, ends!
ring · ring, o ring, washer, circlip, packing · bore=ring bore!, thickness=ring thickness!
capacitor · capacitor · capacitance!, volts at least!
damper · damper, shock absorber, strut · force!, length=shaft length!, pin bore!
pulley · pulley · outside=size!, shaft!, ribs!
hinge · hinge, handle, hook, strike · hook side!, hole pitch!, fixing
spring · spring · length=size!, force!
part · part · fixing!, size!, hole pitch, ways, plug side
`

/** What one kind of part is compared by. */
export interface Point {
  name: string
  rule: Rule
  /** Nothing is said of the whole before this was looked at. */
  isNeeded: boolean
}
export interface PartKind {
  name: string
  points: readonly Point[]
}

/** What is asked of every kind, after its own points: numbers say which part it is, and carry-overs stay on the old one. */
const always = ['number', 'on the old one'] as const

const pointOf = (cell: string): Point => {
  const [, name, rule = name, needed] = /^([^=!]+)(?:=([^!]+))?(!)?$/.exec(cell)! as unknown as [
    string,
    string,
    string?,
    string?,
  ]
  if (!isRule(rule)) throw new Error(`no rule is called ${rule}`)
  return { name, rule: ruleOf(rule), isNeeded: needed === '!' }
}
const table = once(() =>
  lines
    .trim()
    .split('\n')
    .map(line => {
      const [name, words, cells] = line.split(' · ') as [string, string, string]
      const own = cells.split(', ').map(pointOf)
      const more = always.filter(a => !own.some(p => p.name === a)).map((a: RuleName) => pointOf(a))
      return { name, words: words.split(', ').map(termsOf), points: [...own, ...more] }
    }),
)

/** The names of all kinds. */
export const kindNames = (): string[] => table().map(k => k.name)
/** A kind by its name; that of any part where there is none. */
export const kindNamed = (name: string): PartKind => table().find(k => k.name === name) ?? table().at(-1)!

/** Words at the end of a name that say nothing of what it is. */
const says = (term: string) => !/^(assembly|kit|set|unit|complete|new|old|\d.*)$/.test(term)
const isTail = (words: readonly string[], of: readonly string[]) =>
  of.slice(-words.length).join(' ') === words.join(' ')

/**
 * Of which kind a part is, by what it is called: the head of its name decides (`ring of the pump` is a ring, `pump bracket` none of these),
 * the longest words first. `is` is what the assembly took it for, where its own name says nothing.
 */
export function kindOf(name: string, is = name): PartKind {
  const all = termsOf(name.split(/,|\(|\b(?:of|for|on|from|with)\b/)[0]!)
  const head = all.slice(0, all.findLastIndex(says) + 1)
  const known = table()
    .flatMap(kind => kind.words.map(words => ({ kind, words })))
    .sort((a, b) => b.words.length - a.words.length)
  const found = known.find(k => isTail(k.words, head))?.kind
  return found ?? (is === name ? kindNamed('part') : kindOf(is))
}
