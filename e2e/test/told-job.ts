import { randomUUID } from 'node:crypto'
import type { Page } from '@playwright/test'
import { expect, newJob, signIn } from './test.ts'

interface Said {
  kind: string
  body: object
}
/** Screws of a part, all alike, with what else is known of the move. */
export const screws = (place: string, count: number, more: object = {}) => ({
  id: randomUUID(),
  kind: 'remove-fasteners',
  place,
  count,
  fastener: { drive: 'torx', size: 'T20' },
  ...more,
})
/** A part that comes off, and the zones that open with it. */
export const off = (name: string, opens?: string[]) => ({
  id: randomUUID(),
  kind: 'remove-part',
  part: { name, ...(opens && { opens }) },
})
/** A step of a job as it was recorded; its moves told without what the test does not ask for. */
export const step = (zone: string, ...moves: { id: string; kind: string }[]) => ({
  kind: 'step-recorded',
  body: { step: { id: randomUUID(), zone, photos: [], marks: [], moves: moves.map(m => ({ way: 'down', ...m })) } },
})
/** Tells events of a job, as the person who is signed in, one a minute. */
export async function tellIn(page: Page, path: string, said: readonly Said[]): Promise<void> {
  const job = path.split('/').at(-1)!
  const me = (await (await page.request.get('/api/session')).json()) as { id: string }
  const events = said.map((of, i) => ({
    id: randomUUID(),
    job,
    at: new Date(Date.now() - (said.length - i) * 60_000).toISOString(),
    actor: me.id,
    device: 'test',
    ...of,
  }))
  const reply = await page.request.post(`/api/jobs/${job}/events`, { data: { events } })
  expect(((await reply.json()) as { refused: unknown[] }).refused).toEqual([])
}
/** A job of its own in which this was recorded; returns its path. */
export async function jobWith(page: Page, serial: string, ...said: Said[]): Promise<string> {
  await signIn(page, 'Jon Tarrow')
  const path = await newJob(page, serial)
  await tellIn(page, path, said)
  return path
}
