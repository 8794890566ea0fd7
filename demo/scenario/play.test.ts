import { describe, expect, it } from 'vitest'
import { piecesOwed } from '@dialytica/core/ledger'
import { eventSchema, foldAll, type JobEvent, type Photo } from '@dialytica/core/log'
import { gates, mirror } from '@dialytica/core/plan'
import { check } from '@dialytica/core/schema'
import { english } from '@dialytica/core/words'
import { meant, shoot } from '../camera/scene.ts'
import { allScenes, sceneOf } from '../scenes/index.ts'
import { play, uuids } from './play.ts'
import { scenario } from './scenario.ts'

const id = uuids('test')
const cast = { job: id(), unit: id(), actor: id(), now: new Date('2026-03-01T12:00:00Z') }
const hashOf = (svg: string) =>
  [...svg]
    .reduce((h, c) => (Math.imul(h, 31) + c.charCodeAt(0)) >>> 0, 7)
    .toString(16)
    .padStart(8, '0')
    .repeat(8)
const take = async (svg: string, takenAt: string): Promise<Photo> => ({
  hash: hashOf(svg),
  width: 1600,
  height: 1000,
  takenAt,
})
const logs = new Map<string, JobEvent[]>()
for (const job of scenario.jobs) logs.set(job.name, await play(job, cast, take))

describe('the demo', () => {
  it.each([...logs])('%s: every event is valid, and none is refused', (_, log) => {
    for (const event of log) expect(check(eventSchema, event)).toEqual({ ok: true, value: event })
    expect(foldAll(log).refused).toEqual([])
  })

  it('has a machine in each phase', () => {
    const phase = (name: string) => foldAll(logs.get(name)!).state
    expect(phase('dosing pump').closing).toMatchObject({ clean: true, owed: [] })
    expect(phase('mains filter').phase.name).toBe('descent')
    expect(phase('out-of-balance sensor').phase).toMatchObject({ name: 'bench', waitsFor: 'out-of-balance sensor' })
    const back = phase('counterweight bolts')
    expect(back.phase.name).toBe('return')
    expect(mirror(back).some(r => r.owes === 0)).toBe(true)
    expect(piecesOwed(back.owed)).toBeGreaterThan(0)
  })

  it('tells one recording of 25 steps and more, with everything that goes wrong on the way back', () => {
    const { state } = foldAll(logs.get('dosing pump')!)
    expect(state.order.size).toBeGreaterThanOrEqual(25)
    const moves = state.order.toArray().flatMap(s => state.steps.get(s)!.moves)
    const kinds = new Set<string>(moves.map(m => m.kind))
    for (const kind of [
      'park-part',
      'slacken',
      'place-temporary',
      'cut',
      'turn-machine',
      'unroute',
      'slip-belt',
      'pull-off',
    ])
      expect(kinds).toContain(kind)
    expect(moves.some(m => 'fastener' in m && m.fastener.hand === 'left')).toBe(true)
    const opened = gates(
      'front-loader',
      mirror(
        foldAll(
          logs
            .get('dosing pump')!
            .filter(e => e.kind !== 'debt-settled' && !/proof|closed/.test(JSON.stringify(e.body))),
        ).state,
      ),
    )
    expect(opened.flatMap(g => g.behind).some(d => english(d.label).includes('ground strap'))).toBe(true)
  })
})

describe('the camera', () => {
  it.each(allScenes.map(s => [s.id, s] as const))(
    '%s: draws every thing in place and away, each differently',
    (_, scene) => {
      const movable = scene.things.filter(t => t.kind !== 'mark')
      const here = shoot(scene, { away: new Set(), seed: 1 })
      for (const thing of movable) expect(shoot(scene, { away: new Set([thing.id]), seed: 1 }), thing.id).not.toBe(here)
      expect(new Set(movable.map(t => t.id)).size).toBe(movable.length)
    },
  )

  it('gives each shot its own angle and light', () => {
    const scene = sceneOf('front-loader', 'base')
    expect(new Set([1, 2, 3, 4].map(seed => shoot(scene, { away: new Set(), seed }))).size).toBe(4)
  })

  it('knows which thing a mark of the recording means', () => {
    for (const job of scenario.jobs) {
      const { state } = foldAll(logs.get(job.name)!)
      state.order.toArray().forEach((s, i) => {
        const step = state.steps.get(s)!
        const scene = sceneOf(job.family, step.zone)
        const points = job.steps[i]!.acts.flatMap(a => a.things).filter(t => !scene.things.find(x => x.id === t)!.path)
        const found = step.marks.filter(m => m.path.length === 1).map(m => meant(scene, m.glyph, m.path[0]!))
        for (const name of found) if (name) expect(points.concat(scene.things.map(t => t.id))).toContain(name)
        const screws = points.filter(p => scene.things.find(x => x.id === p)!.kind === 'fastener')
        expect(
          found.filter(f => screws.includes(f!)).length,
          `${job.name}, step ${i + 1}: ${points.join()} as ${found.join()}`,
        ).toBe(screws.length)
      })
    }
  })
})
