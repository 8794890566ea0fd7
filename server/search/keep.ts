import { foundBy, keptUnder, type Findable } from '@dialytica/core/findable'
import type { Family } from '@dialytica/core/machine'
import { createHash } from 'node:crypto'
import type { EntityManager } from 'typeorm'

/** Raised when more or other words are kept of a source than before: every source is then read anew. */
export const edition = 2

/** What is read: a job, a machine or a model, with the model it is of, up to which event, and when it changed last. */
export interface Source {
  id: string
  shop: string
  model: { id: string; maker: string; code: string; family: Family }
  seq: number
  at: Date
}
/** A thing as it is kept: the same words at the same place are one thing of a model. */
interface Kept extends Findable {
  hash: Buffer
}
const hashOf = ({ kind, title, also, zone }: Findable) =>
  createHash('sha256')
    .update(JSON.stringify([kind, title, also, zone ?? null]))
    .digest()
    .subarray(0, 16)

/** Several rows are written in one statement, so many at once. */
const together = 500
async function inPieces<T>(all: readonly T[], write: (some: readonly T[]) => Promise<unknown>): Promise<void> {
  for (let at = 0; at < all.length; at += together) await write(all.slice(at, at + together))
}

/** The words of a shop by their text; those that it did not have are added with what they are found under. `times` is how many more things have each. */
async function wordIds(
  m: EntityManager,
  shop: string,
  times: ReadonlyMap<string, number>,
): Promise<Map<string, number>> {
  // In one order, so that two that add the same do not wait for each other in a circle.
  const words = [...times.keys()].sort()
  const ids = new Map<string, number>()
  const known = (some: readonly string[]) =>
    m.query('SELECT id, word FROM search_word WHERE shop_id = ? AND word IN (?)', [shop, some]) as Promise<
      { id: number; word: string }[]
    >
  await inPieces(words, async some => {
    for (const { id, word } of await known(some)) ids.set(word, id)
    await m.query(
      'INSERT INTO search_word (shop_id, word, times) VALUES ? ON DUPLICATE KEY UPDATE times = times + VALUES(times)',
      [some.map(word => [shop, word, times.get(word)!])],
    )
    const fresh = some.filter(word => !ids.has(word))
    if (!fresh.length) return
    for (const { id, word } of await known(fresh)) ids.set(word, id)
    const near = fresh.flatMap(word => keptUnder(word).map(key => [shop, key, ids.get(word)!]))
    await inPieces(near, rows => m.query('INSERT IGNORE INTO search_near (shop_id, near, word_id) VALUES ?', [rows]))
  })
  return ids
}

/** Adds things that the model did not have, with their words. */
async function addThings(m: EntityManager, { id, shop, model, at }: Source, things: readonly Kept[]): Promise<void> {
  if (!things.length) return
  await inPieces(things, some =>
    m.query(
      `INSERT INTO search_thing (shop_id, model_id, hash, kind, title, zone, sources, source_id, step_id, photo, at) VALUES ?`,
      [
        some.map(t => [
          shop,
          model.id,
          t.hash,
          t.kind,
          t.title,
          t.zone ?? null,
          0,
          id,
          t.step ?? null,
          t.photo ?? null,
          at,
        ]),
      ],
    ),
  )
  const ids = await thingIds(m, model.id, things)
  const found = things.map(t => ({ thing: ids.get(t.hash.toString('hex'))!, words: foundBy(t, model) }))
  const times = new Map<string, number>()
  for (const { words } of found) for (const word of words.keys()) times.set(word, (times.get(word) ?? 0) + 1)
  const words = await wordIds(m, shop, times)
  const postings = found.flatMap(({ thing, words: of }) =>
    [...of].map(([word, place]) => [words.get(word)!, place, thing]),
  )
  await inPieces(postings, rows => m.query('INSERT INTO search_posting (word_id, place, thing_id) VALUES ?', [rows]))
}

/** The things of a model that are kept under these hashes, by hash. */
async function thingIds(m: EntityManager, model: string, things: readonly Kept[]): Promise<Map<string, number>> {
  const ids = new Map<string, number>()
  await inPieces(things, async some => {
    const rows = (await m.query('SELECT id, hash FROM search_thing WHERE model_id = ? AND hash IN (?)', [
      model,
      some.map(t => t.hash),
    ])) as { id: number; hash: Buffer }[]
    for (const { id, hash } of rows) ids.set(hash.toString('hex'), id)
  })
  return ids
}

/** Takes away things that no source says any more, with their postings. */
async function dropThings(m: EntityManager, ids: readonly number[]): Promise<void> {
  if (!ids.length) return
  const gone = (
    (await m.query('SELECT id FROM search_thing WHERE id IN (?) AND sources = 0', [ids])) as { id: number }[]
  ).map(r => r.id)
  if (!gone.length) return
  const counts = (await m.query(
    'SELECT word_id AS word, COUNT(*) AS n FROM search_posting WHERE thing_id IN (?) GROUP BY word_id ORDER BY word_id',
    [gone],
  )) as { word: number; n: number }[]
  for (const { word, n } of counts) await m.query('UPDATE search_word SET times = times - ? WHERE id = ?', [n, word])
  await m.query('DELETE FROM search_posting WHERE thing_id IN (?)', [gone])
  await m.query('DELETE FROM search_thing WHERE id IN (?)', [gone])
}

/** Counts anew in how many sources things are said, and which of these is the newest. */
async function countAnew(m: EntityManager, ids: readonly number[]): Promise<void> {
  await inPieces(
    [...ids].sort((a, b) => a - b),
    async some => {
      await m.query(
        `UPDATE search_thing t SET sources = (SELECT COUNT(*) FROM search_said s WHERE s.thing_id = t.id) WHERE t.id IN (?)`,
        [some],
      )
      await m.query(
        `UPDATE search_thing t JOIN search_said s ON s.thing_id = t.id
         AND s.source_id = (SELECT n.source_id FROM search_said n WHERE n.thing_id = t.id ORDER BY n.at DESC, n.source_id LIMIT 1)
       SET t.source_id = s.source_id, t.step_id = s.step_id, t.photo = s.photo, t.at = s.at WHERE t.id IN (?)`,
        [some],
      )
    },
  )
}

/**
 * Keeps what can be found of a source, in one transaction: what it says no more is taken away, what is new is added. Of two servers
 * that read the same source one waits for the other.
 */
export async function keep(m: EntityManager, source: Source, findables: readonly Findable[]): Promise<void> {
  const { id, shop, model, seq, at } = source
  await m.query(
    `INSERT INTO search_source (source_id, shop_id, model_id, seq, edition) VALUES (?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE model_id = VALUES(model_id), seq = VALUES(seq), edition = VALUES(edition)`,
    [id, shop, model.id, seq, edition],
  )
  const now = new Map<string, Kept>()
  for (const f of findables) {
    const hash = hashOf(f)
    const key = hash.toString('hex')
    // Said twice in one source, it is shown where it has a photo.
    const before = now.get(key)
    if (!before || (!before.photo && f.photo)) now.set(key, { ...f, hash })
  }
  const said = (await m.query(
    `SELECT t.id, t.hash, t.model_id AS model, s.step_id AS step, s.photo FROM search_said s JOIN search_thing t ON t.id = s.thing_id WHERE s.source_id = ?`,
    [id],
  )) as { id: number; hash: Buffer; model: string; step: string | null; photo: string | null }[]
  // A source that is of another model now says nothing of the one before.
  const own = said.filter(r => r.model === model.id)
  const before = new Map(own.map(r => [r.hash.toString('hex'), r]))
  const gone = said.filter(r => r.model !== model.id || !now.has(r.hash.toString('hex')))
  const changed = [...now].flatMap(([key, f]) => {
    const was = before.get(key)
    return was && was.step === (f.step ?? null) && was.photo === (f.photo ?? null) ? [] : [f]
  })
  if (gone.length)
    await m.query('DELETE FROM search_said WHERE source_id = ? AND thing_id IN (?)', [id, gone.map(r => r.id)])
  if (changed.length) {
    const there = await thingIds(m, model.id, changed)
    await addThings(
      m,
      source,
      changed.filter(f => !there.has(f.hash.toString('hex'))),
    )
    const ids = await thingIds(m, model.id, changed)
    await inPieces(changed, some =>
      m.query(
        `INSERT INTO search_said (source_id, thing_id, step_id, photo, at) VALUES ?
         ON DUPLICATE KEY UPDATE step_id = VALUES(step_id), photo = VALUES(photo), at = VALUES(at)`,
        [some.map(f => [id, ids.get(f.hash.toString('hex'))!, f.step ?? null, f.photo ?? null, at])],
      ),
    )
    await countAnew(m, [...ids.values()])
  }
  await countAnew(
    m,
    gone.map(r => r.id),
  )
  await dropThings(
    m,
    gone.map(r => r.id),
  )
}

/** Forgets sources that are gone, with all that only they said. */
export async function forget(m: EntityManager, sources: readonly string[]): Promise<void> {
  if (!sources.length) return
  const things = (
    (await m.query('SELECT DISTINCT thing_id AS id FROM search_said WHERE source_id IN (?)', [sources])) as {
      id: number
    }[]
  ).map(r => r.id)
  await m.query('DELETE FROM search_said WHERE source_id IN (?)', [sources])
  await countAnew(m, things)
  await inPieces(things, some => dropThings(m, some))
  await m.query('DELETE FROM search_source WHERE source_id IN (?)', [sources])
}
