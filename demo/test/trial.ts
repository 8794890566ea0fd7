import type { Glyph } from '@dialytica/core/items'
import { compare, homographyOf, through, type Match, type Spot } from '@dialytica/core/then-and-now'
import { dice } from '@dialytica/core/test/dice.ts'
import { frame } from '../camera/light.ts'
import type { Place } from '../camera/lines.ts'
import { layersOf, type FaultKind, type TrialPlace } from './place.ts'
import { changed, developed, lightOf, photograph } from './photograph.ts'
import { planeAt, standWithin, type Stand } from './stand.ts'

/** What two photos are taken of and how; points in shares of the photo of then, and in pairs with that of now. */
export interface Trial {
  id: string
  kind: FaultKind | 'right'
  /** Places at which the wrong thing makes a difference. */
  wrong: Spot[]
  /** What the record marks. */
  marks: (Spot & { glyph: Glyph })[]
  taps: Match[]
  /** The photos of then and now, as JPEG. */
  take(): Promise<{ then: Buffer; now: Buffer }>
}

const shares = (stand: Stand, [x, y]: Place): Spot => {
  const p = through(planeAt(stand, 0), { x, y })
  return { x: p.x / frame.width, y: p.y / frame.height }
}
/** Well inside the picture. */
const isSeen = (stand: Stand) => (place: Place) => {
  const { x, y } = shares(stand, place)
  return x > 0.03 && x < 0.97 && y > 0.04 && y < 0.96
}

/** How far a finger misses what it means, in pixels of a photo 1,600 wide. */
const miss = 6

/**
 * Two photos of a place: then from nearly straight before it, now from up to 15 degrees aside and turned by as much, in another light, with
 * the thing of a kind put back wrongly. Null where the place has no such thing, or the two stands do not both see it.
 */
export async function trialOf(place: TrialPlace, kind: FaultKind | 'right', seed: number): Promise<Trial | null> {
  const d = dice(seed * 31 + 7)
  const wrongs = place.things.filter(t => t.wrong?.kind === kind)
  if (kind !== 'right' && wrongs.length === 0) return null
  const wrong = kind === 'right' ? undefined : d.pick(wrongs)
  const differs = wrong ? await changed(wrong.right(null), wrong.wrong!.draw(null)) : []
  // What another thing lies over is not seen either way: it is left to its own trial.
  const needed = [...place.taps, ...differs.slice(0, 1)]
  const stands = Array.from({ length: 60 }, () => ({ then: standWithin(d, 3), now: standWithin(d, 15) }))
  const both = stands.find(s => needed.every(isSeen(s.then)) && needed.every(isSeen(s.now)))
  if (!both) return null
  const [litThen, litNow] = [lightOf(d), lightOf(d)]
  const missed = ({ x, y }: Spot, by: number): Spot => ({
    x: x + ((d() * 2 - 1) * by) / frame.width,
    y: y + ((d() * 2 - 1) * by) / frame.height,
  })
  return {
    id: `${place.id} ${kind} ${seed}`,
    kind,
    wrong: differs.map(at => shares(both.then, at)),
    marks: place.things.flatMap(t => (t.at ? [{ ...shares(both.then, t.at), glyph: t.glyph }] : [])),
    taps: place.taps.map(at => ({
      from: missed(shares(both.then, at), miss / 2),
      to: missed(shares(both.now, at), miss),
    })),
    take: async () => ({
      then: await photograph(layersOf(place, null), both.then, litThen, seed),
      now: await photograph(layersOf(place, dice(seed + 1), wrong), both.now, litNow, seed + 2),
    }),
  }
}

/** Whether the photos of a trial could be laid over each other, anything was told to differ, and the wrong thing was among it. */
export async function tried(trial: Trial): Promise<{ laid: boolean; told: boolean; found: boolean }> {
  const { then, now } = await trial.take()
  const laid = compare(await developed(then), await developed(now), homographyOf(trial.taps)!, trial.marks)
  const all = laid?.differences ?? []
  const covers = (d: (typeof all)[number]) =>
    trial.wrong.some(p => p.x > d.x && p.x < d.x + d.width && p.y > d.y && p.y < d.y + d.height)
  return { laid: laid !== null, told: all.length > 0, found: all.some(covers) }
}
