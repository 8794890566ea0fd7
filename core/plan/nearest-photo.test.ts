import { expect, it } from 'vitest'
import type { JobEvent } from '../log/event.ts'
import { foldAll } from '../log/fold.ts'
import { nearestPhoto } from './nearest-photo.ts'
import { id, opening, recorded } from '../test/arbitrary-log.ts'

const photo = (letter: string) => ({
  hash: letter.repeat(64),
  width: 9,
  height: 6,
  takenAt: '2026-01-05T08:00:00.000Z',
})
const withPhoto = (e: JobEvent, letter: string): JobEvent => {
  const body = (e as JobEvent & { kind: 'step-recorded' }).body
  return { ...e, body: { step: { ...body.step, photos: [photo(letter)] } } } as JobEvent
}

it('of a step without one is that of the nearest step of its zone, and none where the zone has none', () => {
  const { state } = foldAll([
    opening(),
    withPhoto(recorded(1, 'rear'), 'a'),
    withPhoto(recorded(2, 'top'), 'b'),
    recorded(3, 'rear'),
    recorded(4, 'rear'),
    withPhoto(recorded(5, 'rear'), 'c'),
    recorded(6, 'base'),
    recorded(7, undefined),
  ])
  const near = (n: number) => nearestPhoto(state, id(n, 's'))
  expect(near(3)).toMatchObject({ photo: { hash: 'a'.repeat(64) }, number: 1 })
  expect(near(4)).toMatchObject({ photo: { hash: 'c'.repeat(64) }, number: 5 })
  expect([near(6), near(7), near(99)]).toEqual([undefined, undefined, undefined])
})
