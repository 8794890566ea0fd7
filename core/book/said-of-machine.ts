import { fieldsOf, read } from '../moves/fields-of.ts'
import type { Move } from '../moves/registry.ts'

/** Fields whose differences say something of the machine, not of who told it. */
const ofMachine = new Set('count size length thread drive ways wires housing clamp hand torque'.split(' '))

/** What a move says of the machine itself, as words by the name of the field: how many, which driver, which thread. */
export function saidOfMachine(move: Move): [field: string, value: string][] {
  return fieldsOf[move.kind].flatMap((leaf): [string, string][] => {
    const value = ofMachine.has(leaf.name) ? read(move, leaf) : undefined
    if (value === undefined) return []
    return [[leaf.name, Array.isArray(value) ? value.join('/') : `${value as string | number}`]]
  })
}
