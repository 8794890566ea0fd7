import { tellLies, tellName, tellPlace } from './names.ts'
import { setsOf } from './sets.ts'
import { free, is, mark, tell, where, type Telling } from './telling.ts'
import type { Context } from './told.ts'

/** A mark: all that is said of it. */
export function marking(t: Telling, text: string): void {
  const content = where(
    t,
    (a, i) =>
      free(t, i) &&
      is(
        a,
        'thing',
        'part',
        'pos',
        'word',
        'label',
        'num',
        'count',
        'colour',
        'look',
        'away',
        'quoted',
        'clock',
        'quality',
      ) &&
      !(is(a, 'away') && !/^(up|down)$/.test(a.words)),
  )
  if (!content.length) return
  // `draw mark line across …`: the mark is the line.
  if (content.length > 1 && t.atoms[content[0]!]!.words === 'mark') mark(t, content.shift()!, 'act')
  const [from, to] = [content[0]!, content.at(-1)!]
  t.values.mark = text.slice(t.atoms[from]!.start, t.atoms[to]!.end)
  for (let i = from; i <= to; i++) t.roles[i] ??= 'mark'
}

const dropOldNew = (t: Telling): void => {
  for (const i of where(t, a => is(a, 'old', 'new'))) mark(t, i, 'act')
}

/** A part by its name, how many, where; and where it lies. */
export function tellPart(t: Telling, { text, heading }: Context, lies: boolean): void {
  dropOldNew(t)
  const named = tellName(t, text, 'name')
  if (!named && heading) t.values.name = heading
  for (const i of where(t, a => is(a, 'num', 'count') && a.n !== undefined && Number.isInteger(a.n)))
    if (free(t, i)) tell(t, i, 'several', t.atoms[i]!.n)
  setsOf(t, 'fragile', 'fit', 'seat', 'oneWay')
  if (lies) tellLies(t, text)
  tellPlace(t, text, named ? heading : undefined)
}
