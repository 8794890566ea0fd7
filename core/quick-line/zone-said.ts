import { anatomy, type Family } from '../machine/families.ts'

/** `rear:` or `zone rear` at the start of a line: where it all happens, and how much of the line says so. */
export function zoneAt(line: string, family: Family): { zone: string; end: number } | null {
  const { zones } = anatomy[family]
  const names = zones
    .flatMap(z => [z.id, z.name].map(said => ({ said, zone: z.id })))
    .sort((a, b) => b.said.length - a.said.length)
  const start = /^\s*(zone\s+)?/i.exec(line)!
  const rest = line.slice(start[0].length)
  for (const { said, zone } of names) {
    if (!rest.toLowerCase().startsWith(said)) continue
    const after = /^\s*([:,;]|$)/.exec(rest.slice(said.length))
    const named = start[1] !== undefined
    if (named ? /^(\s|[:,;]|$)/.test(rest.slice(said.length)) : after?.[1] === ':')
      return { zone, end: start[0].length + said.length + (after?.[1] === ':' ? after[0].length : 0) }
  }
  return null
}
