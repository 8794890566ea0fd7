import { describe, expect, it } from 'vitest'
import { foldAll } from '../log/fold.ts'
import { planReturn } from '../plan/plan.ts'
import type { JobEvent } from '../log/event.ts'
import type { Family } from '../machine/families.ts'
import { event, id, opening, recorded as step } from '../test/arbitrary-log.ts'
import { assemblyOfJob } from './assembly.ts'

const state = (...events: JobEvent[]) => {
  const { state, refused } = foldAll([opening(), ...events])
  expect(refused).toEqual([])
  return state
}
/** The liaisons as `two screws of step 1 fastens drain pump`: kind and part by the number of the step, with where it comes from. */
const bound = (family: Family, ...events: JobEvent[]) => {
  const s = state(...events)
  const at = [...s.order]
  return assemblyOfJob(s, family).liaisons.map(
    l => `${at.indexOf(l.step) + 1} ${l.kind} ${l.part.name.known?.name ?? l.part.name.text}: ${l.source}, ${l.rule}`,
  )
}
const screws = (place?: string, more: object = {}) => ({
  kind: 'remove-fasteners',
  count: 2,
  place,
  fastener: {},
  ...more,
})
const off = (name: string, more: object = {}) => ({ kind: 'remove-part', part: { name, ...more } })
const move = (n: number) => id(n * 100, 'm')
const told = (body: object, n = 1) => event('liaison-told', body, 900 + n)

describe('what binds the things of a machine', () => {
  it.each<[string, JobEvent[], string[]]>([
    [
      'screws whose place says another name of the part',
      [step(1, 'outside', screws('access panel')), step(2, 'outside', off('back cover'))],
      ['1 fastens rear panel: named, its place'],
    ],
    [
      'screws that were corrected to hold something else than their place reads',
      [
        step(1, 'base', screws('bracket', { holds: ['drain pump'] })),
        step(2, 'base', off('bracket')),
        step(3, 'base', off('waste pump', { is: 'drain pump' })),
      ],
      ['1 fastens drain pump: named, its place'],
    ],
    [
      'a part that is none of those that its name sounds like',
      [step(1, 'base', screws('motor')), step(2, 'base', off('motor', { is: 'motor', people: 1 }))],
      ['1 fastens motor: named, its place'],
    ],
    [
      'screws without a place, undone just before something came off',
      [step(1, 'base', screws()), step(2, 'base', off('drain pump'))],
      ['1 fastens drain pump: derived, just before'],
    ],
    [
      'a bracket under the screw of another cover',
      [
        step(1, 'rear', screws('belt guard', { shares: ['cable clamp, second screw'] })),
        step(2, 'rear', off('belt guard')),
        step(3, 'rear', off('cable clamp')),
      ],
      ['1 fastens belt guard: named, its place', '1 fastens clamp: named, shares'],
    ],
    [
      'a heavy part that was unscrewed and left where it is',
      [step(1, 'drive', screws('motor')), step(2, 'base', { kind: 'unplug', connector: { label: 'P1' } })],
      ['1 fastens drive motor: named, its place'],
    ],
    ['a light one is not: nothing falls', [step(1, 'drive', screws('speed sensor'))], []],
    [
      'hardware of a part that had come off before it rides on it',
      [step(1, 'base', off('drain pump')), step(2, 'base', screws('drain pump'))],
      ['2 rides on drain pump: named, after it'],
    ],
    [
      'a loom behind a part and over another',
      [
        step(1, 'top', off('counterweight')),
        step(2, 'top', {
          kind: 'unroute',
          route: { waypoints: [{ by: 'behind', of: 'counterweight' }] },
        }),
      ],
      ['2 runs behind counterweight: named, its way'],
    ],
    [
      'a short name, where only one thing can be meant',
      [step(1, 'top', screws('counterweight')), step(2, 'top', off('upper counterweight'))],
      ['1 fastens upper counterweight: named, its place'],
    ],
    [
      'and not where two can',
      [step(1, 'front', screws('gizmo')), step(2, 'top', off('upper gizmo')), step(3, 'rear', off('rear gizmo'))],
      [],
    ],
  ])('%s', (_, events, liaisons) => expect(bound('front-loader', ...events)).toEqual(liaisons))

  it('what was said by hand is added, and is the last word', () => {
    const base = [
      step(1, 'base', screws('left side')),
      step(2, 'base', { kind: 'unplug', connector: { label: 'P1' } }),
      step(3, 'base', off('drain pump')),
    ]
    expect(bound('front-loader', ...base)).toEqual(['1 fastens drain pump: derived, just before'])
    expect(bound('front-loader', ...base, told({ how: 'fastens', move: move(1), part: move(3), not: true }))).toEqual(
      [],
    )
    expect(bound('front-loader', ...base, told({ how: 'lies under', move: move(2), part: move(3) }))).toContain(
      '2 lies under drain pump: told, said',
    )
    const both = [
      told({ how: 'fastens', move: move(1), part: move(3), not: true }),
      told({ how: 'fastens', move: move(1), part: move(3) }, 2),
    ]
    expect(bound('front-loader', ...base, ...both)).toEqual(['1 fastens drain pump: told, said'])
  })
  it('and the return keeps it', () => {
    const s = state(
      step(1, 'base', off('drain pump')),
      step(2, 'rear', { kind: 'unplug', connector: { label: 'P1' } }),
      step(3, 'base', screws('left side')),
      told({ how: 'fastens', move: move(3), part: move(1) }),
      told({ how: 'lies under', move: move(2), part: move(1) }, 2),
    )
    const plan = planReturn(s, 'front-loader')
    expect(plan.contradiction).toBeNull()
    expect(plan.steps.map(r => r.number)).toEqual([2, 1, 3])
  })
  it('what was said of a step that is struck says nothing', () => {
    const s = state(
      step(1, 'base', off('drain pump')),
      step(2, 'base', screws('left side')),
      told({ how: 'fastens', move: move(2), part: move(1) }),
      event('step-struck', { step: id(2, 's'), reason: 'wrong' }, 950),
    )
    expect(assemblyOfJob(s, 'front-loader').liaisons).toEqual([])
  })
})
