import {
  fitOf,
  isAsTyped,
  lookedUnder,
  slipsBetween,
  wordPlaces,
  wordsAsked,
  worthOf,
  type FindableKind,
  type Hit,
  type Reading,
} from '@dialytica/core/findable'
import type { Family } from '@dialytica/core/machine'
import type { DataSource } from 'typeorm'

/** A word of the shop, and how it reads a typed one. */
interface Known extends Reading {
  id: number
  times: number
}
interface WordRow {
  id: number
  word: string
  times: number
}

/** So many words may be meant by one that is not typed to its end, or typed with slips. */
const mostReadings = 12

/** The words of a shop that may be meant by each of those typed; by the last one also words that begin so. */
async function readings(db: DataSource, shop: string, typed: readonly string[]): Promise<Known[][]> {
  const last = typed.at(-1)!
  const under = [...new Set(typed.flatMap(lookedUnder))]
  const begins =
    last.length > 1
      ? `UNION ALL (SELECT id, word, times FROM search_word WHERE shop_id = ? AND word LIKE ? ORDER BY times DESC LIMIT ?)`
      : ''
  const rows = (await db.query(
    `(SELECT id, word, times FROM search_word WHERE shop_id = ? AND word IN (?))
     UNION ALL (SELECT w.id, w.word, w.times FROM search_near n JOIN search_word w ON w.id = n.word_id WHERE n.shop_id = ? AND n.near IN (?))
     ${begins}`,
    [shop, typed, shop, under, ...(begins ? [shop, `${last}%`, mostReadings] : [])],
  )) as WordRow[]
  const words = [...new Map(rows.filter(r => r.times > 0).map(r => [r.id, r])).values()]
  return typed.map(one =>
    words
      .flatMap(({ id, word, times }): Known[] => {
        if (word === one) return [{ id, word, times, how: 'same', slips: 0 }]
        if (one === last && one.length > 1 && word.startsWith(one))
          return [{ id, word, times, how: 'begins', slips: 0 }]
        const slips = slipsBetween(one, word)
        return slips === null ? [] : [{ id, word, times, how: 'near', slips }]
      })
      .sort((a, b) => worthOf({ reading: b, place: 2 }) - worthOf({ reading: a, place: 2 }) || b.times - a.times)
      .slice(0, mostReadings),
  )
}

/** What is known of a thing that was found. */
export interface Found {
  thing: number
  kind: FindableKind
  title: string
  zone: string | null
  model: { id: string; maker: string; code: string; family: Family }
  /** In how many jobs, machines or models it is said; the newest of them, with its step and photo. */
  jobs: number
  source: string
  step: string | null
  photo: string | null
  at: Date
  /** True where it has every word as typed, or begun. */
  asTyped: boolean
  /** The words by which it was found. */
  by: string[]
  fit: number
}
interface Row extends Omit<Found, 'model' | 'asTyped' | 'by' | 'fit'> {
  modelId: string
  maker: string
  code: string
  family: Family
  matched: string
}

/** So many that have all words are ranked; of each reading of a word so many, the newest. */
const mostRanked = 60

/**
 * Things that have each of the words in one of its readings, and one of them not only in the name of their model: those of the rarest word, one after
 * the other, that have the others too. Where there are too many, those with most words in a `sure` reading are ranked, then the newest.
 */
async function having(
  db: DataSource,
  shop: string,
  each: readonly Known[][],
  sure: readonly Known[][],
): Promise<Found[]> {
  const total = (of: readonly Known[]) => of.reduce((sum, r) => sum + r.times, 0)
  const [rarest, ...others] = each.toSorted((a, b) => total(a) - total(b))
  const { title, also, around } = wordPlaces
  const ids = (of: readonly Known[]) => of.map(r => r.id).join()
  const joined = others.map(
    (of, i) => `JOIN search_posting o${i} ON o${i}.thing_id = p.thing_id AND o${i}.word_id IN (${ids(of)})`,
  )
  // One after the other along the index: it ends as soon as there are enough.
  const newest = (id: number, place: number) =>
    `(SELECT STRAIGHT_JOIN p.thing_id FROM search_posting p ${joined.join(' ')}
      WHERE p.word_id = ${id} AND p.place = ${place} ORDER BY p.thing_id DESC LIMIT ${mostRanked})`
  // One word that only says of which model a thing is finds the model itself, not all that is of it.
  const places = others.length ? [title, also, around] : [title, also]
  const from = rarest!.flatMap(r => places.map(place => newest(r.id, place)))
  const rows = (await db.query(
    `SELECT t.id AS thing, t.kind, t.title, t.zone, t.sources AS jobs, t.source_id AS source, t.step_id AS step, t.photo, t.at,
       m.id AS modelId, m.maker, m.code, m.family, x.matched
     FROM (
       SELECT p.thing_id, GROUP_CONCAT(p.word_id, ':', p.place) AS matched
       FROM (${from.join(' UNION ')}) c JOIN search_posting p ON p.thing_id = c.thing_id AND p.word_id IN (${ids(each.flat())})
       GROUP BY p.thing_id
       HAVING MAX(p.place) > ${around}
       ORDER BY SUM(p.word_id IN (${ids(sure.flat())})) DESC, p.thing_id DESC LIMIT ${mostRanked}
     ) x
     JOIN search_thing t ON t.id = x.thing_id AND t.shop_id = ?
     JOIN model m ON m.id = t.model_id`,
    [shop],
  )) as Row[]
  return rows.map(({ modelId, maker, code, family, matched, ...row }) => {
    const places = new Map(matched.split(',').map(m => m.split(':').map(Number) as [number, number]))
    const by = each.flatMap((of): Hit['by'][number][] => {
      const there = of.flatMap(reading => {
        const place = places.get(reading.id)
        return place === undefined ? [] : [{ reading, place }]
      })
      return there.length ? [there.reduce((a, b) => (worthOf(b) > worthOf(a) ? b : a))] : []
    })
    const hit = { kind: row.kind, title: row.title, jobs: row.jobs, by }
    const words = [...new Set(by.map(b => b.reading.word))]
    return { ...row, model: { id: modelId, maker, code, family }, asTyped: isAsTyped(hit), by: words, fit: fitOf(hit) }
  })
}

/** So many fill the list. Where those with the words as typed do not, those with slips are looked for as well. */
const mostShown = 40

/**
 * What a shop has to the words that somebody typed, best first: every word must be there, as typed, begun, or with one slip in five
 * letters. Those with slips stand after the others.
 */
export async function find(db: DataSource, shop: string, typed: string): Promise<Found[]> {
  const words = wordsAsked(typed)
  if (!words.length) return []
  const each = await readings(db, shop, words)
  if (each.some(of => !of.length)) return []
  // A word that is there as it was typed, or begun, means that; another only by its slips.
  const sure = each.map(of => {
    const asTyped = of.filter(r => r.how !== 'near')
    return asTyped.length ? asTyped : of
  })
  const found = await having(db, shop, sure, sure)
  const haveSlips = sure.some((of, i) => of.length < each[i]!.length)
  const more = found.length < mostShown && haveSlips ? await having(db, shop, each, sure) : []
  const seen = new Set(found.map(f => f.thing))
  return [...found, ...more.filter(f => !seen.has(f.thing))]
    .sort((a, b) => Number(b.asTyped) - Number(a.asTyped) || b.fit - a.fit || b.at.getTime() - a.at.getTime())
    .slice(0, mostShown)
}
