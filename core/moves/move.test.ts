import fc from 'fast-check'
import { describe as suite, expect, it } from 'vitest'
import { check } from '../schema/check.ts'
import { arbitraryMove, arbitraryMoveOf, kindNames } from '../test/arbitrary-move.ts'
import { apply, cautionsFor, describe, invert, notes, subject, toolsFor } from './move.ts'
import { moveKinds, moveSchema, type Move } from './registry.ts'
import { english } from '../words/english.ts'

const owed = (move: Move) => apply(move).map(c => [c.debt, c.item, c.count] as const)

suite('every kind of move', () => {
  it('is listed under its own name', () => {
    for (const [name, kind] of Object.entries(moveKinds)) expect(kind.kind).toBe(name)
    expect(kindNames.toSorted()).toEqual(Object.keys(moveKinds).toSorted())
  })

  for (const kind of kindNames)
    it(`${kind}: valid, and its inverse's inverse is itself`, () => {
      fc.assert(
        fc.property(arbitraryMoveOf(kind), move => {
          expect(check(moveSchema, move)).toEqual({ ok: true, value: move })
          expect(check(moveSchema, invert(move)).ok).toBe(true)
          expect(invert(invert(move))).toEqual(move)
          expect(invert(move)).not.toEqual(move)
        }),
      )
    })

  it('settles on the way back exactly what it opens on the way down', () => {
    fc.assert(
      fc.property(arbitraryMove, move => {
        expect(owed(invert(move))).toEqual(owed(move).map(([debt, item, n]) => [debt, item, -n]))
      }),
    )
  })

  it('is said as one sentence on both ways, with what is known and nothing else', () => {
    fc.assert(
      fc.property(arbitraryMove, move => {
        for (const said of [describe(move), describe(invert(move))]) {
          expect(said).toMatch(/^[A-Z0-9#].*\.$/)
          expect(said).not.toMatch(/undefined|null|NaN|\[object| {2}|\.\./)
        }
        const besides = [subject(move), ...notes(invert(move)).map(n => n.says)].map(english)
        for (const words of [...besides, ...toolsFor(move), ...cautionsFor(move)]) {
          expect(words).not.toBe('')
          expect(words).not.toMatch(/undefined|null|NaN|\[object/)
        }
      }),
    )
  })
})

const said = (move: object) => {
  const whole = { id: 'a', way: 'down', ...move } as unknown as Move
  return [describe(whole), describe(invert(whole)), ...notes(invert(whole)).map(n => english(n.says))]
}

suite('the wording', () => {
  it.each<[string, object, string[]]>([
    [
      'four screws in plastic',
      {
        kind: 'remove-fasteners',
        place: 'pump bracket',
        cell: 'D1',
        count: 4,
        fastener: { size: 'T20', length: 18, pattern: 'circle', into: 'plastic' },
      },
      [
        'Pump bracket: take out four T20 × 18. Cell D1.',
        'Pump bracket: start all four T20 × 18 by hand, then crosswise.',
        'Tighten crosswise, in two rounds',
        'Goes into plastic: only until it seats',
      ],
    ],
    [
      'a left-hand nut',
      { kind: 'remove-fasteners', count: 1, fastener: { drive: 'nut', size: '27 mm', hand: 'left' } },
      [
        'Take out one 27 mm nut left-hand.',
        'Start 27 mm nut left-hand by hand, then tighten.',
        'Left-hand thread: tightens anticlockwise',
      ],
    ],
    [
      'a loom past two points',
      {
        kind: 'unroute',
        route: {
          type: 'harness',
          waypoints: [
            { by: 'retainer', of: 'rail' },
            { by: 'behind', of: 'spring' },
          ],
          keepClear: ['pulley'],
        },
      },
      [
        'Free the harness: in the retainer at the rail, then behind the spring.',
        'Lay the harness: behind the spring, then in the retainer at the rail.',
        'Keep clear of the pulley',
      ],
    ],
    [
      'a bayonet turned the other way',
      { kind: 'release-clips', count: 1, clip: { type: 'bayonet', direction: 'anticlockwise' } },
      ['Twist anticlockwise to free one bayonet.', 'Twist clockwise until one bayonet locks.'],
    ],
    [
      'a machine laid down',
      { kind: 'turn-machine', from: 'upright', to: 'on its back' },
      ['Lay the machine on its back.', 'Stand the machine upright.', 'Hoses and cord clear of the feet'],
    ],
    [
      'a single terminal by its wire and its place',
      { kind: 'unplug', place: 'heater', connector: { type: 'spade', wires: ['brown'], sits: 'upper' } },
      [
        'Heater: pull off brown spade, upper terminal.',
        'Heater: push home brown spade, upper terminal, until it seats.',
        'Tug the terminal, not the wire',
      ],
    ],
    [
      'an earth eyelet that lies flat',
      { kind: 'unplug', connector: { type: 'ring', wires: ['green-yellow'], sits: 'flat' } },
      [
        'Pull off green-yellow ring, flat.',
        'Put on green-yellow ring, flat, then its screw.',
        'Tug the terminal, not the wire',
      ],
    ],
    [
      'a hose that is screwed on',
      { kind: 'open-joint', joint: { hose: 'inlet hose', joins: 'screwed' } },
      [
        'Unscrew inlet hose.',
        'Start inlet hose square by hand, then tighten it by hand.',
        'Its washer is in, flat; one more quarter turn, no more',
      ],
    ],
    [
      'a cut tie',
      { kind: 'cut', consumable: 'tie', count: 2 },
      ['Cut two ties.', 'Put on two new ties.', 'Same place, tail cut flush, not into a loom'],
    ],
  ])('%s', (_, move, words) => expect(said(move)).toEqual(words))
})

suite('a replaced part', () => {
  it('owes the new one and each thing that was fixed to the old one', () => {
    const move = {
      id: 'p',
      kind: 'replace-part',
      way: 'down',
      part: { name: 'pump' },
      carryOver: ['bracket', 'two washers'],
    } as Move
    expect(apply(move).map(c => [c.debt, english(c.label)])).toEqual([
      ['p/1', 'bracket, from the old pump'],
      ['p/2', 'two washers, from the old pump'],
      ['p', 'new pump'],
    ])
  })
  const asked = (body: object) =>
    moveKinds['replace-part'].lacks!({ id: 'p', way: 'down', carryOver: [], ...body } as never, 'front-loader').map(l =>
      english(l.ask),
    )
  it.each([
    ['drain pump', 'What is on the old drain pump: two washers, rubber feet and bracket?'],
    ['door interlock', 'What is on the old door interlock: holder, emergency cord and screw plate?'],
    ['thermistor', 'What is on the old thermistor: grommet, holder and clip?'],
    ['thingamajig', 'What is on the old thingamajig: bracket, washers and grommet?'],
  ])('asks what is on the old %s', (name, ask) => expect(asked({ part: { name } })).toEqual([ask]))
  it('asks once: not when something was told, nor when there is nothing', () => {
    expect(asked({ part: { name: 'pump' }, carryOver: ['bracket'] })).toEqual([])
    expect(asked({ part: { name: 'pump' }, nothingOver: true })).toEqual([])
  })
})

suite('the plug at the wall', () => {
  const isolates = (body: object) =>
    moveKinds.unplug.traits!({ id: 'u', way: 'down', connector: {}, ...body } as never).isolates
  it.each([
    [{ place: 'wall' }],
    [{ place: 'from the wall' }],
    [{ place: 'wall socket' }],
    [{ connector: { label: 'mains plug' } }],
    [{ connector: { housing: 'mains' } }],
  ])('%j is power', body => expect(isolates(body)).toBe('power'))
  it.each([[{ place: 'right wall' }], [{ place: 'wall of the tub' }], [{ connector: { label: 'P1' } }], [{}]])(
    '%j is a connector',
    body => expect(isolates(body)).toBeUndefined(),
  )
})

suite('what lies under the head of a screw', () => {
  const move = {
    id: 'f',
    kind: 'remove-fasteners',
    way: 'down',
    count: 3,
    fastener: { size: 'T20' },
    place: 'cover',
    shares: ['ground eyelet, second screw'],
  } as Move
  it('is owed by itself, before the screws', () => {
    expect(apply(move).map(c => [c.debt, c.item, c.count, english(c.label)])).toEqual([
      ['f/1', 'part', 1, 'ground eyelet, second screw, under three T20, cover'],
      ['f', 'fastener', 3, 'three T20, cover'],
    ])
  })
  it('is placed before any of them is started', () => {
    expect(describe(invert(move))).toBe(
      'Cover: place the ground eyelet (second screw) first, then start all three T20 by hand, then tighten.',
    )
  })
})

suite('what is done once', () => {
  const of = (body: object) => ({ id: 'x', way: 'down', ...body }) as unknown as Move
  it('owes nothing afterwards, and says so on the way back', () => {
    const once = [
      { kind: 'exchange', part: { name: 'the left brush', orientation: 'slope to the left' } },
      { kind: 'fit-new', part: { name: 'motor loom', lies: 'along the old one' } },
      { kind: 'attend', act: 'knock loose', thing: 'drum unit' },
      { kind: 'attend', act: 'turn by hand', thing: 'drum' },
    ].map(of)
    expect(once.flatMap(apply)).toEqual([])
    expect(once.map(m => describe(m))).toEqual([
      'Exchange the left brush: old off, new on.',
      'Fit the new motor loom, along the old one.',
      'Knock loose drum unit.',
      'Turn by hand drum.',
    ])
    for (const move of once) expect(describe(invert(move))).toContain('nothing to do')
    expect(notes(invert(once[0]!)).map(n => english(n.says))).toEqual(['Faces as the old one did: slope to the left'])
  })
  it('or is laid again, without anything new', () => {
    const lip = of({ kind: 'fold-back', part: { name: 'lip of the bellows' } })
    expect(apply(lip).map(c => [c.item, c.count])).toEqual([['part', 1]])
    expect(describe(invert(lip))).toBe('Lay the lip of the bellows again.')
  })
})

suite('a move that is not valid', () => {
  it.each([
    [{ kind: 'fold-away' }, /must be one of remove-fasteners/],
    [{ kind: 'remove-fasteners', id: id(), way: 'down', fastener: {}, count: 0 }, /at least 1/],
    [{ kind: 'isolate', id: id(), way: 'down', what: 'gas' }, /must be one of power/],
    [{ kind: 'slip-belt', id: id(), way: 'down', colour: 'red' }, /colour/],
    [{ kind: 'remove-part', id: id(), way: 'down', part: {} }, /name the part/],
  ])('%j is refused with what to do', (value, message) => {
    const checked = check(moveSchema, value)
    expect(checked.ok).toBe(false)
    if (!checked.ok) expect(checked.problems.map(p => p.message).join()).toMatch(message)
  })
  function id() {
    return '00000000-0000-4000-8000-000000000000'
  }
})
