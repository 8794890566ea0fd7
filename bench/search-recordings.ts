import { wordsAsked } from '@dialytica/core/findable'
import { dice } from '@dialytica/core/test/dice.ts'
import type { FoundThing } from '@dialytica/core/wire'
import { find } from '../server/search/find.ts'
import { filled } from '../server/test/filled.ts'
import { asking } from './asking.ts'
import { under, type Line } from './line.ts'
import { serving } from './serving.ts'

const jobs = Number(process.env.BENCH_JOBS ?? 10_000)
/** Seeds on which nothing was tuned. */
const seed = 71

/** 10,000 recordings of 60 steps: the one field, over HTTP, with and without slips, against the same words looked up bare by their indexes. */
export async function searchRecordings(): Promise<Line> {
  const w = await serving()
  const { db } = w.running.context
  const size = { models: 200, units: 3000, jobs, steps: 60, open: 20, whole: false, seed }
  const began = performance.now()
  const shop = await filled(w, 'lead', size, line => console.error(line))
  console.error(`filled in ${Math.round((performance.now() - began) / 1000)} s`)
  const asked = await asking(w.url, 'lead')
  const ask = (words: string) => asked<FoundThing[]>(`search?words=${encodeURIComponent(words)}`)
  const d = dice(seed)

  // What is asked: two or three words of a thing, as somebody has it in mind; every second time with a slip in each word, the last one often begun.
  const things = (await db.query('SELECT id, title FROM search_thing WHERE shop_id = ? ORDER BY RAND(71) LIMIT 3000', [
    shop,
  ])) as { id: number; title: string }[]
  const queries = things.flatMap(({ id, title }) => {
    const words = wordsAsked(title).filter(w => w.length > 2)
    if (words.length < 2) return []
    const some = Array.from({ length: d.int(1, 3) }, () => d.pick(words))
    const exact = [...new Set(some)]
    const slip = (word: string): string => {
      if (word.length < 5) return word
      const i = d.int(1, word.length - 2)
      return d.hit(0.5)
        ? word.slice(0, i) + word.slice(i + 1)
        : word.slice(0, i) + word[i + 1]! + word[i]! + word.slice(i + 2)
    }
    // The last word is often only begun; then it has no slip.
    const begun = d.hit(0.5) ? [exact.at(-1)!.slice(0, Math.max(3, exact.at(-1)!.length - 2))] : []
    const whole = begun.length ? exact.slice(0, -1) : exact
    return [{ id, exact, typed: [...(d.hit(0.5) ? whole.map(slip) : whole), ...begun] }]
  })
  // The bare query knows the words and which is rarest: no slips, no beginnings, no order of merit; one statement along the indexes.
  const counts = new Map(
    (
      (await db.query('SELECT word, times FROM search_word WHERE shop_id = ?', [shop])) as {
        word: string
        times: number
      }[]
    ).map(r => [r.word, r.times]),
  )
  const bare = (asked: readonly string[]) => {
    const words = asked.toSorted((a, b) => (counts.get(a) ?? 0) - (counts.get(b) ?? 0))
    const others = words.slice(1).map((_, n) => n + 1)
    return db.query(
      `SELECT STRAIGHT_JOIN DISTINCT t.*, m.maker, m.code, m.family FROM search_word w0
       ${others.map(i => `JOIN search_word w${i}`).join(' ')} JOIN search_posting p0 ON p0.word_id = w0.id
       ${others.map(i => `JOIN search_posting p${i} ON p${i}.word_id = w${i}.id AND p${i}.thing_id = p0.thing_id`).join(' ')}
       JOIN search_thing t ON t.id = p0.thing_id JOIN model m ON m.id = t.model_id
       WHERE ${words.map((_, i) => `w${i}.shop_id = ? AND w${i}.word = ?`).join(' AND ')} LIMIT 40`,
      words.flatMap(word => [shop, word]),
    )
  }
  const times = { ours: [] as number[], bare: [] as number[], core: [] as number[] }
  let missed = 0
  const timed = async (into: number[], work: () => Promise<unknown>) => {
    const from = performance.now()
    await work()
    into.push(performance.now() - from)
  }
  for (const [i, { id, exact, typed }] of queries.slice(0, 600).entries()) {
    const into = i < 50 ? [] : null // the first ones warm up what every server keeps at hand
    await timed(into ?? times.bare, () => bare(exact))
    await timed(into ?? times.core, () => find(db, shop, typed.join(' ')))
    await timed(into ?? times.ours, async () => {
      const found = await ask(typed.join(' '))
      if (found.length < 40 && !found.some(f => f.thing === id)) missed += 1
    })
  }
  if (process.env.BENCH_TELL)
    console.error({
      things: await db.query('SELECT COUNT(*) AS n FROM search_thing'),
      postings: await db.query('SELECT COUNT(*) AS n FROM search_posting'),
      words: await db.query('SELECT COUNT(*) AS n FROM search_word'),
      missed,
      ...Object.fromEntries(
        Object.entries(times).map(([k, t]) => [k, [0.5, 0.9, 0.95, 1].map(s => Number(under(s, t).toFixed(1)))]),
      ),
    })
  await w.end()
  const [ours, plain] = [under(0.95, times.ours), under(0.95, times.bare)]
  return {
    name: 'search-recordings',
    figure: ours,
    unit: 'ms',
    against: 'the same words looked up bare by one statement, both on the database alone; 95th percentiles',
    ratio: under(0.95, times.core) / plain,
    target: `over HTTP under 50 ms, ratio under 5; ${missed} of 600 not found`,
    holds: ours < 50 && under(0.95, times.core) / plain < 5 && missed === 0,
  }
}
