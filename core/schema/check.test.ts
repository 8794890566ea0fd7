import fc from 'fast-check'
import { expect, it } from 'vitest'
import type * as yup from 'yup'
import { eventSchema } from '../log/event.ts'
import { arbitraryLog, event, id } from '../test/arbitrary-log.ts'
import { check } from './check.ts'

type Path = readonly (string | number)[]
/** The places in a value, and one beside each object's fields and after each list's last. */
const placesIn = (value: unknown, at: Path = []): Path[] =>
  typeof value !== 'object' || value === null
    ? [at]
    : [
        at,
        [...at, Array.isArray(value) ? value.length : 'strange'],
        ...Object.entries(value).flatMap(([k, v]) => placesIn(v, [...at, Array.isArray(value) ? Number(k) : k])),
      ]
/** The same value with another at a place; `undefined` takes a field away. */
function changed(value: unknown, [first, ...rest]: Path, to: unknown): unknown {
  if (first === undefined) return to
  const next = changed((value as never)[first], rest, to)
  if (Array.isArray(value)) return [...value.slice(0, Number(first)), next, ...value.slice(Number(first) + 1)]
  const copy = { ...(value as Record<string, unknown>), [first]: next }
  if (next === undefined) delete copy[first]
  return copy
}

/** Those of which one field asks for another. */
const conditional = [
  event('gate-passed', { step: id(1, 's'), owed: [id(1, 'd')], reason: 'later', zones: ['rear'] }, 1),
  event('gate-passed', { step: id(1, 's'), owed: [] }, 1),
  event('proof-done', { trial: 'drain', result: 'passed', photos: [] }, 1),
  event('proof-done', { trial: 'drain', result: 'failed', seen: 'drips', photos: [] }, 1),
  event(
    'old-part-left',
    { part: 'pump', move: id(1, 'm'), to: 'bin', clean: false, left: ['clip'], reason: 'cracked' },
    1,
  ),
]

const others = fc.oneof(
  fc.constantFrom<unknown>(undefined, null, '', 'down', 'x'.repeat(5000), 0, -1, 1.5, 1e9, true, [], {}, [[]]),
  fc.constantFrom<unknown>('2026-13-01T00:00:00.000Z', Array(5000).fill({}), { strange: 1 }),
  fc.jsonValue(),
)

it('judges an event that is wrong in one place as Yup does in one pass, and every event of a log as right', () => {
  fc.assert(
    fc.property(arbitraryLog, fc.nat(), fc.nat(), others, (log, n, place, to) => {
      const events = [...log, ...conditional]
      for (const event of events) expect(check(eventSchema, event)).toMatchObject({ ok: true })
      const event: unknown = events[n % events.length]
      const places = placesIn(event)
      const wrong = changed(event, places[place % places.length]!, to)
      const byYup = (eventSchema as yup.ISchema<unknown> as yup.Schema).isValidSync(wrong, { strict: true })
      expect([check(eventSchema, wrong).ok, wrong]).toEqual([byYup, wrong])
    }),
    { numRuns: 1500 },
  )
})
