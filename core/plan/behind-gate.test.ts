import { expect, it } from 'vitest'
import type { JobEvent } from '../log/event.ts'
import { foldAll } from '../log/fold.ts'
import { opening, recorded as step, id } from '../test/arbitrary-log.ts'
import { asItWasBehind } from './behind-gate.ts'
import { gates } from './gates.ts'
import { planReturn } from './plan.ts'

const photo = (name: string) => ({ hash: name.repeat(64), width: 4, height: 3, takenAt: '2026-01-31T08:00:00.000Z' })

it('before a gate, each zone behind it is held against its first photo there', () => {
  const at = (n: number, zone: string, move: object, photos: object[] = []) => {
    const event = step(n, zone, move)
    const { step: content } = event.body as { step: object }
    return { ...event, body: { step: { ...content, photos } } } as JobEvent
  }
  const { state, refused } = foldAll([
    opening(),
    at(1, 'outside', { kind: 'remove-part', part: { name: 'rear panel', opens: ['rear', 'base'] } }, [photo('a')]),
    at(2, 'rear', { kind: 'unplug', connector: { label: 'P1' } }),
    at(3, 'rear', { kind: 'unplug', connector: { label: 'P2' } }, [photo('c')]),
    at(4, 'base', { kind: 'unplug', connector: { label: 'P3' } }, [photo('d')]),
  ])
  expect(refused).toEqual([])
  const plan = planReturn(state, 'front-loader').steps
  const [gate] = gates('front-loader', plan)
  expect(gate!.hides).toEqual([id(4, 's'), id(3, 's'), id(2, 's')])
  expect(asItWasBehind(gate!, plan).map(b => [b.step.id, b.number, b.photo.hash[0]])).toEqual([
    [id(3, 's'), 3, 'c'],
    [id(4, 's'), 4, 'd'],
  ])
})
