/** Characters `from` to `to` of a line. */
export interface Stretch {
  from: number
  to: number
}

/** Where a line parts whatever stands around: at `;` and line ends that are in no quotes. */
export function stretchesOf(line: string, from: number): Stretch[] {
  const found: Stretch[] = []
  let start = from
  let quoted = false
  for (let i = from; i <= line.length; i++) {
    const c = line[i]
    if (quoted && c === '\\') i += 1
    else if (c === '"' && (quoted || /[\s=]|^$/.test(line[i - 1] ?? '')))
      quoted = !quoted && line.indexOf('"', i + 1) > 0
    else if (c === undefined || (!quoted && (c === ';' || c === '\n'))) {
      if (line.slice(start, i).trim()) found.push({ from: start, to: i })
      start = i + 1
    }
  }
  return found
}
