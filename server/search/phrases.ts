import type { JobState } from '@dialytica/core/log'
import { phrasesOf } from '@dialytica/core/quick-line'
import type { EntityManager } from 'typeorm'

type Times = Map<string, number>

/** The words that the steps of a job stand there with. */
const wordsOf = (state: JobState): Times =>
  new Map(phrasesOf(state.order.toArray().flatMap(id => state.steps.get(id)!.moves)).map(p => [p.text, p.times]))

/** What a job gave to the words of its shop when it was read last. */
async function before(m: EntityManager, job: string): Promise<Times> {
  const [row] = (await m.query('SELECT phrases FROM phrases_of_job WHERE job_id = ? FOR UPDATE', [job])) as {
    phrases: string
  }[]
  return new Map(row ? (JSON.parse(row.phrases) as [string, number][]) : [])
}

/** Adds to the words of a shop what changed, in one order, so that two servers do not wait for each other in a circle. */
async function count(m: EntityManager, shop: string, was: Times, is: Times): Promise<void> {
  const changes = [...new Set([...was.keys(), ...is.keys()])]
    .map(text => ({ text, by: (is.get(text) ?? 0) - (was.get(text) ?? 0) }))
    .filter(c => c.by !== 0)
    .sort((a, b) => (a.text < b.text ? -1 : 1))
  const more = changes.filter(c => c.by > 0)
  if (more.length)
    await m.query(
      'INSERT INTO phrase (shop_id, text, times) VALUES ? ON DUPLICATE KEY UPDATE times = times + VALUES(times)',
      [more.map(c => [shop, c.text, c.by])],
    )
  for (const { text, by } of changes)
    if (by < 0)
      await m.query('UPDATE phrase SET times = times - LEAST(times, ?) WHERE shop_id = ? AND text = ?', [
        -by,
        shop,
        text,
      ])
  if (changes.some(c => c.by < 0)) await m.query('DELETE FROM phrase WHERE shop_id = ? AND times = 0', [shop])
}

/** Keeps the words of a job as it stands among those of its shop, in a transaction. */
export async function keepPhrases(m: EntityManager, shop: string, job: string, state: JobState): Promise<void> {
  const [was, is] = [await before(m, job), wordsOf(state)]
  await count(m, shop, was, is)
  await m.query(
    'INSERT INTO phrases_of_job (job_id, phrases) VALUES (?, ?) ON DUPLICATE KEY UPDATE phrases = VALUES(phrases)',
    [job, JSON.stringify([...is])],
  )
}

/** Takes the words of jobs that are gone away from those of their shop. */
export async function forgetPhrases(m: EntityManager, shop: string, jobs: readonly string[]): Promise<void> {
  for (const job of jobs) await count(m, shop, await before(m, job), new Map())
  if (jobs.length) await m.query('DELETE FROM phrases_of_job WHERE job_id IN (?)', [jobs])
}
