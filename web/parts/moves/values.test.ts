import { describe, expect, it } from 'vitest'
import { freshMove, kindOf, moveKinds, moveSchema, type Move, type MoveKindName } from '@dialytica/core/moves'
import { check } from '@dialytica/core/schema'
import { shown, told, valueAt, withValue, wrongWith } from './values.ts'

const around = { posture: 'upright', isolated: [] } as const
const id = '00000000-0000-4000-8000-000000000001'

describe('what can be told of a move', () => {
  for (const kind of Object.keys(moveKinds) as MoveKindName[])
    it(`${kind}: every offered choice keeps it valid`, () => {
      const move = freshMove(kind, id, around)
      for (const field of kindOf(move).fields({ family: 'front-loader', zone: 'outside' }))
        for (const option of field.path === 'route.waypoints' ? [] : (field.options ?? [])) {
          const value = field.how === 'list' ? [option] : option
          const next = told(move, field, value, 'front-loader')
          expect(check(moveSchema, next), `${field.path} ${option}`).toMatchObject({ ok: true })
          expect(valueAt(next, field.path)).toEqual(value)
          expect(shown(value, field)).not.toBe('')
        }
    })

  it('fills in what follows: the drive from its size, the zones from the cover', () => {
    const screw = freshMove('remove-fasteners', id, around)
    const [, size] = kindOf(screw).fields({ family: 'front-loader', zone: 'rear' })
    expect(told(screw, size!, 'T20', 'front-loader')).toMatchObject({ fastener: { size: 'T20', drive: 'torx' } })
    const panel = freshMove('remove-part', id, around)
    const [name] = kindOf(panel).fields({ family: 'front-loader', zone: 'outside' })
    expect(told(panel, name!, 'rear panel', 'front-loader')).toMatchObject({ part: { opens: ['rear', 'base'] } })
  })

  it('is unknown again when emptied', () => {
    const screw = withValue(freshMove('remove-fasteners', id, around), 'fastener.length', 18)
    expect(valueAt(withValue(screw, 'fastener.length', undefined), 'fastener')).toEqual({})
  })

  it('shows the points of a line in words, and only how many where there are several', () => {
    const points = kindOf(freshMove('unroute', id, around)).fields({ family: 'front-loader', zone: 'rear' })[1]!
    expect(shown([{ by: 'behind', of: 'spring' }, { by: 'tie' }], points)).toBe('behind the spring, in the tie')
    expect(shown([{ by: 'tie' }, { by: 'tie' }, { by: 'tie' }], points)).toBe('3 points')
  })
  it('says what is wrong', () => {
    const move = withValue(freshMove('open-joint', id, around), 'joint.clock', 15) as Move
    expect(wrongWith(move)).toMatch(/hour of the clock/)
    expect(wrongWith(freshMove('open-joint', id, around))).toBeNull()
  })
})
