/** Chooses a whole number from 0 to below `n`. */
export type Below = (n: number) => number

type Json = Record<string, unknown>
const hex = (below: Below, n: number) => Array.from({ length: n }, () => below(16).toString(16)).join('')
const uuid = (below: Below) => `${hex(below, 8)}-${hex(below, 4)}-4${hex(below, 3)}-8${hex(below, 3)}-${hex(below, 12)}`
const words = ['bracket', 'rear panel', 'T20', 'loom', 'Ω – ü', '4x', 'B3', 'right']

function text(schema: Json, below: Below): string {
  const pattern = typeof schema.pattern === 'string' ? schema.pattern : ''
  if (/\\d\{4\}-\\d\\d/.test(pattern)) return new Date(1.7e12 + below(1e9)).toISOString()
  if (/\{64\}/.test(pattern)) return hex(below, 64)
  if (/0-9a-f/.test(pattern)) return uuid(below)
  if (/A-Z/.test(pattern)) return 'B3'
  if (pattern) return 'rear'
  return words[below(words.length)]!
}

/** A value that a JSON Schema lets through, as far as its words say: `refs` by the last part of their path. */
export function bodyOf(schema: Json, refs: Record<string, Json>, below: Below, depth = 0): unknown {
  if (typeof schema.$ref === 'string') return bodyOf(refs[schema.$ref.split('/').at(-1)!] ?? {}, refs, below, depth + 1)
  const one = (schema.oneOf ?? schema.enum) as unknown[] | undefined
  if (schema.oneOf) return bodyOf(one![below(one!.length)] as Json, refs, below, depth)
  if (schema.const !== undefined) return schema.const
  if (one) return one[below(one.length)]
  if (schema.properties) {
    const required = new Set((schema.required ?? []) as string[])
    const fields = Object.entries(schema.properties as Record<string, Json>)
    return Object.fromEntries(
      fields
        .filter(([name]) => required.has(name) || below(3) === 0)
        .map(([name, field]) => [name, bodyOf(field, refs, below, depth + 1)]),
    )
  }
  if (schema.type === 'array')
    return Array.from({ length: below(3) }, () => bodyOf((schema.items ?? {}) as Json, refs, below, depth + 1))
  if (schema.type === 'boolean') return below(2) === 0
  if (schema.type === 'integer' || schema.type === 'number') {
    const least = Number(schema.minimum ?? schema.exclusiveMinimum ?? 0)
    return Math.min(Number(schema.maximum ?? 1e9), least + 1)
  }
  return schema.type === 'string' ? text(schema, below) : {}
}

const deep = (n: number) => JSON.parse(`${'['.repeat(n)}${']'.repeat(n)}`) as unknown
/** What may stand in the place of anything: of another type, too long, too deep, of no day, of no number. */
const bad: ((below: Below) => unknown)[] = [
  () => null,
  () => '',
  () => -1,
  () => 0.5,
  () => 1e300,
  () => true,
  () => ({}),
  () => [],
  () => ({ toString: null, valueOf: null }),
  () => ({ length: 1e9 }),
  () => 'constructor',
  () => '__proto__',
  () => '\ud800',
  () => '\u0000',
  () => "'; DROP TABLE job; --",
  () => '2026-99-99T99:99:99.999Z',
  () => '9999-12-31T23:59:59.999Z',
  () => 'x'.repeat(70_000),
  below => Array(1 + below(20_000)).fill(0),
  below => Array(1 + below(5000)).fill({}),
  below => deep(1 + below(3000)),
  () => Object.fromEntries(Array.from({ length: 2000 }, (_, i) => [`field ${i}`, i])),
]

/** The value with up to three places of it, at any depth, put otherwise; the places are chosen by the below. */
export function spoilt(value: unknown, below: Below): unknown {
  let copy = JSON.parse(JSON.stringify(value)) as unknown
  for (let n = 1 + below(3); n > 0; n -= 1) {
    const places: [Json, string][] = []
    const walk = (v: unknown): void => {
      if (!v || typeof v !== 'object' || places.length > 4000) return
      for (const key of Object.keys(v).slice(0, 50)) {
        places.push([v as Json, key])
        walk((v as Json)[key])
      }
    }
    walk(copy)
    const put = bad[below(bad.length)]!(below)
    const place = places[below(Math.max(1, places.length))]
    if (!place || below(25) === 0) copy = put
    else {
      const [holder, key] = place
      const how = below(6)
      if (how === 0) delete holder[key]
      else holder[how === 1 ? `also ${key}` : key] = put
    }
    if (!copy || typeof copy !== 'object') return copy
  }
  return copy
}
