import { whenOf } from '@dialytica/core/log'
import { local, type KeptDraft, type WaitingEvent, type WaitingPhoto } from './local.ts'
import { dropSecond, keepSecond, secondCopies } from './second-copy.ts'

/** Keeps an event until the server has it; resolves when this device has it for good. Rejects when there is no room. */
export async function keepEvent(event: WaitingEvent): Promise<void> {
  await local.events.add(event)
  await keepSecond('events', [event.id], event)
}
/** Lets go of events: the server has them, or the person let them go. */
export async function dropEvents(ids: readonly string[]): Promise<void> {
  await Promise.all([local.events.where('id').anyOf(ids).delete(), ...ids.map(id => dropSecond('events', id))])
}

/** Keeps a photo until the server has it. Rejects when there is no room. */
export async function keepShot(shot: WaitingPhoto): Promise<void> {
  await local.shots.put(shot)
  await keepSecond('shots', [shot.actor, shot.hash], shot.blob)
}
export async function dropShot(actor: string, hash: string): Promise<void> {
  await local.shots.delete([actor, hash])
  await dropSecond('shots', actor, hash)
}

/** Keeps the step in hand of a job, in the place of the one before. */
export async function keepDraft(draft: KeptDraft): Promise<void> {
  await local.drafts.put(draft)
  await keepSecond('drafts', [draft.job], draft)
}

/**
 * Puts back what the database lost and its second copy still has. What went up meanwhile does no harm: the server takes every event and every
 * photo once. Nothing reads the database before this is done.
 */
async function restore(db: Pick<typeof local, 'events' | 'shots' | 'drafts'>): Promise<void> {
  const events: WaitingEvent[] = []
  for (const { what, keys, read } of await secondCopies()) {
    const [first, hash] = keys as [string, string]
    if (what === 'events' && !(await db.events.where('id').equals(first).count())) {
      const event = (await (await read()).json()) as WaitingEvent
      delete event.n
      events.push(event)
    } else if (what === 'shots' && !(await db.shots.get([first, hash]))) {
      const blob = await (await read()).blob()
      await db.shots.put({ actor: first, hash, blob, bytes: blob.size })
    } else if (what === 'drafts' && !(await db.drafts.get(first)))
      await db.drafts.put((await (await read()).json()) as KeptDraft)
  }
  await db.events.bulkAdd(events.sort((a, b) => (whenOf(a.event) < whenOf(b.event) ? -1 : 1)))
}
local.on('ready', db => restore(db as typeof local).catch(() => undefined), true)
