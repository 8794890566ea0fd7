import fc from 'fast-check'
import { expect, it } from 'vitest'
import { arbitraryAct, event, eventOf, id, opening } from '../test/arbitrary-log.ts'
import type { JobEvent } from './event.ts'
import { foldAll } from './fold.ts'
import { acted, confirmed, dropped, waitingOn, type Projection } from './projection.ts'
import { toSnapshot } from './snapshot.ts'

const anew = (p: Projection) => toSnapshot(foldAll(p.pending, p.confirmed).state)
/** What is done to a job: an act here, one of another device that the server numbers at once, or what waits here goes up. */
const arbitraryTurn = fc.record({
  turn: fc.constantFrom('here', 'here', 'there', 'up', 'refused'),
  act: arbitraryAct,
  some: fc.nat(5),
})

it('shows what folding everything anew would show, whatever comes from where', () => {
  fc.assert(
    fc.property(fc.array(arbitraryTurn, { maxLength: 30 }), turns => {
      let log: JobEvent[] = [{ ...opening(), seq: 1 }]
      let on = confirmed(waitingOn([]), log)
      const number = (events: readonly JobEvent[]) => events.map((e, i) => ({ ...e, seq: log.length + 1 + i }))
      turns.forEach(({ turn, act, some }, i) => {
        if (turn === 'here') {
          const done = acted(on, eventOf(on.shown, act, 2 * i + 1, 'bench'))
          if (done.ok) on = done.projection
        } else if (turn === 'refused') on = dropped(on, new Set(on.pending.slice(0, some % 2).map(e => e.id)))
        else {
          const made = turn === 'up' ? on.pending.slice(0, some) : [eventOf(on.confirmed, act, 2 * i + 2, 'other')]
          // The server takes what fits its own log, and nothing else.
          const { refused } = foldAll(made, on.confirmed)
          const no = new Set(refused.map(r => r.event.id))
          const taken = number(made.filter(e => !no.has(e.id)))
          log = [...log, ...taken]
          on = dropped(confirmed(on, taken), no)
        }
        expect(toSnapshot(on.shown)).toEqual(anew(on))
      })
      expect(toSnapshot(on.confirmed)).toEqual(toSnapshot(foldAll(log).state))
    }),
    { numRuns: 60 },
  )
})

it('is not folded anew when the server has what waits here, nor when it says again what is known', () => {
  const first = confirmed(waitingOn([]), [{ ...opening(), seq: 1 }])
  const note = event('note-added', { text: 'seen' }, 1)
  const done = acted(first, note)
  if (!done.ok) throw new Error('refused')
  const up = confirmed(done.projection, [{ ...note, seq: 2 }])
  expect(up.shown).toBe(done.projection.shown)
  expect(up.pending).toEqual([])
  expect(confirmed(up, [{ ...note, seq: 2 }])).toBe(up)
  expect(acted(up, event('debt-settled', { debt: id(1, 'm'), how: 'refitted', count: 1 }, 2)).ok).toBe(false)
})
