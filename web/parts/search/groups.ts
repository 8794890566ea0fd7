import type { FoundThing } from '@dialytica/core/wire'

/** What was found of one model, numbered through the whole list. */
export interface Group {
  model: FoundThing['model']
  things: { number: number; found: FoundThing }[]
  /** The numbers at each zone of the machine. */
  rows: Record<string, string>
}

/** What was found, model by model, the best first, each numbered as it is read. */
export function groups(found: readonly FoundThing[]): Group[] {
  const by = new Map<string, FoundThing[]>()
  for (const one of found) by.set(one.model.id, [...(by.get(one.model.id) ?? []), one])
  let number = 0
  return [...by.values()].map(of => {
    const things = of.map(one => ({ number: (number += 1), found: one }))
    const rows: Record<string, string> = {}
    for (const { number: n, found: one } of things)
      if (one.zone) rows[one.zone] = rows[one.zone] ? `${rows[one.zone]} ${n}` : String(n)
    // Four numbers can be read at one place; more are only counted.
    for (const [zone, numbers] of Object.entries(rows)) {
      const all = numbers.split(' ')
      if (all.length > 4) rows[zone] = `${all.slice(0, 3).join(' ')} …`
    }
    return { model: of[0]!.model, things, rows }
  })
}
