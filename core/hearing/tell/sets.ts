import type { Grammar } from '../../grammar/grammar.ts'
import { leafOf } from '../../moves/fields-of.ts'
import { moveKinds, type MoveKindName } from '../../moves/registry.ts'
import { free, is, mark, tell, where, type Telling } from './telling.ts'

/** What words tell of some fields of the move that they stand beside. */
export const setsOf = (t: Telling, ...fields: string[]): void => {
  for (const [i, a] of t.atoms.entries()) {
    if (
      !free(t, i) ||
      (a.tag !== 'quality' &&
        a.tag !== 'thing' &&
        a.tag !== 'torque' &&
        a.tag !== 'clock' &&
        a.tag !== 'turns' &&
        a.tag !== 'litres' &&
        a.tag !== 'ways' &&
        a.tag !== 'measure' &&
        a.tag !== 'cell' &&
        a.tag !== 'label')
    )
      continue
    for (const field of fields) {
      const value = a.sets?.[field]
      if (value === undefined || value === '' || field in t.values) continue
      t.values[field] = value
      if (a.tag !== 'thing') mark(t, i, field)
    }
  }
}
/** A condition in which it was found, unless it is denied. */
export function tellCondition(t: Telling): void {
  for (const i of where(t, a => a.sets?.condition !== undefined)) {
    const denied = t.atoms.slice(Math.max(0, i - 2), i).some(a => a.tag === 'neg')
    if (!denied) tell(t, i, 'condition', t.atoms[i]!.sets!.condition)
  }
}
export function tellCell(t: Telling): void {
  for (const i of where(t, a => a.tag === 'cell')) tell(t, i, 'cell', t.atoms[i]!.sets!.cell)
  for (const i of where(t, a => a.tag === 'same-cell')) mark(t, i, 'cell')
}
export function tellExact(t: Telling): void {
  for (const i of where(t, a => a.tag === 'exact')) {
    const a = t.atoms[i]!
    if (a.field === 'kind') mark(t, i, 'act')
    else {
      ;((t.values.exact ??= []) as { field: string; value: string }[]).push({
        field: a.field!,
        value: String(a.sets!.value),
      })
      t.roles[i] = a.field
    }
  }
}

export function tellLook(t: Telling): void {
  const said: string[] = []
  for (const [i, a] of t.atoms.entries())
    if (free(t, i) && (a.tag === 'look' || a.tag === 'colour') && !(a.words === 'big' && is(t.atoms[i + 1], 'part'))) {
      said.push(a.words)
      t.roles[i] = 'look'
    }
  if (said.length) t.values.look = said.join(' ')
}

/** What a word tells of a field that nothing else has told, where the kind has it. */
export function tellBesides(t: Telling): void {
  for (const [i, a] of t.atoms.entries()) {
    if (
      !free(t, i) ||
      !(is(a, 'quality', 'measure', 'torque', 'clock', 'turns', 'litres', 'ways') || a.tag === 'thing')
    )
      continue
    for (const [field, value] of Object.entries(a.sets ?? {}))
      if (value !== '' && !(field in t.values) && field !== 'condition' && leafOf(t.kind as MoveKindName, field))
        tell(t, i, field, value)
  }
}

/** A size in millimetres goes into the field that the kind has for it. */
export function tellMeasure(t: Telling): void {
  const { measure } = (moveKinds[t.kind as MoveKindName] as { grammar: Grammar }).grammar
  if (!measure) return
  for (const i of where(t, a => a.tag === 'mm')) tell(t, i, measure, `${t.atoms[i]!.n} mm`)
}
