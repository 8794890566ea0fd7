import { cover, free, source, take, tellSet, type Telling } from './telling.ts'

/** The name of a hose: the words right before it, and itself. */
export function tellHose(t: Telling): void {
  const hoses = t.said.flatMap((s, i) => (s.fact.as === 'noun' && s.fact.noun === 'hose' ? [i] : []))
  const at = hoses.find(i => t.said[i - 1]?.fact.as === 'word') ?? hoses[0] ?? -1
  if (at < 0) return
  const { fact } = t.said[at]!
  if (fact.as === 'noun' && fact.sets) return tellSet(t, at, fact.sets)
  let from = at
  while (from > 0 && free(t, from - 1) && ['word', 'colour', 'passing', 'look'].includes(t.said[from - 1]!.fact.as))
    from -= 1
  if (from < at) take(t, from, at, 'hose', source(t, from, at), 'likely')
  else cover(t, at, at, 'act', 'sure')
}
