import { quote } from '../grammar/quoted.ts'
import type { Waypoint } from '../items/route.ts'
import { kindOf, type Move } from '../moves/registry.ts'
import { fieldsOf, read, type Leaf } from '../moves/fields-of.ts'

const plain = /^[A-Za-z][A-Za-z-]*$/
const word = (value: unknown): string => {
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value === 'number') return String(value)
  const text = String(value)
  return plain.test(text) && text !== 'none' ? text : quote(text)
}

function field(leaf: Leaf, value: unknown): string {
  if (leaf.type === 'strings') {
    const all = value as readonly string[]
    return all.length ? all.map(v => `${leaf.name}=${word(v)}`).join(' ') : `${leaf.name}=none`
  }
  return `${leaf.name}=${word(value)}`
}
const points = (waypoints: readonly Waypoint[]) =>
  waypoints.map(w => w.by + (w.of === undefined ? '' : ` ${quote(w.of)}`)).join(' > ')

/** `T20x18`, `M6x16`: only where reading it gives the same fields again, no more and no less. */
function size(move: Move): { text: string; fields: readonly string[] } | null {
  if (!('fastener' in move)) return null
  const { drive, size, thread, length, lengthAs, pitch } = move.fastener
  const long = length !== undefined && lengthAs === undefined && Number.isInteger(length) && length < 1000
  const tail = long ? `x${length}` : ''
  if (drive === 'torx' && /^T\d{1,2}$/.test(size ?? ''))
    return { text: size! + tail, fields: ['drive', 'size', ...(long ? ['length'] : [])] }
  if (drive === 'phillips' && /^PH[0-4]$/.test(size ?? ''))
    return { text: size! + tail, fields: ['drive', 'size', ...(long ? ['length'] : [])] }
  if (long && length > 3 && pitch === undefined && /^M\d{1,2}$/.test(thread ?? ''))
    return { text: thread! + tail, fields: ['thread', 'length'] }
  return null
}

/**
 * A move as one clause of the quick line. `parseLine` of it is the move again, apart from its id. What people say every day is
 * written as they say it, the rest as `field=value`.
 */
export function formatMove(move: Move): string {
  const short = size(move)
  const left = new Set<string>(short?.fields)
  const { grammar, loose } = kindOf(move)
  const parts = [grammar.verb]
  if ('count' in move) {
    parts.push(`${move.count}x`)
    left.add('count')
  }
  if (short) parts.push(short.text)
  else if (grammar.thing) parts.push(grammar.thing)
  if (move.cell !== undefined && /^[A-Z][1-9]\d?$/.test(move.cell)) {
    parts.push(`@${move.cell}`)
    left.add('cell')
  } else if (loose) parts.push('cell=none')
  let route = ''
  for (const leaf of fieldsOf[move.kind]) {
    const value = read(move, leaf)
    if (value === undefined || left.has(leaf.name)) continue
    if (leaf.type === 'waypoints') route = points(value as Waypoint[])
    else if (!(leaf.name === 'carryOver' && (value as string[]).length === 0)) parts.push(field(leaf, value))
  }
  return parts.join(' ') + (route && `: ${route}`)
}
