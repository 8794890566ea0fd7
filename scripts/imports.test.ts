import { existsSync, readFileSync } from 'node:fs'
import { dirname, join, relative } from 'node:path'
import { expect, it } from 'vitest'
import { home, sources } from './sources.ts'

/** What a file imports of its own workspace, types too. */
const imported = (file: string): string[] =>
  [...readFileSync(file, 'utf8').matchAll(/^(?:import|export)\b[^'"]*?from '(\.[^']+)'/gm)]
    .map(m => join(dirname(file), m[1]!))
    .filter(existsSync)

/** The first circle among imports, as the files along it. */
function circle(files: readonly string[]): string[] | null {
  const done = new Set<string>()
  const follow = (file: string, path: readonly string[]): string[] | null => {
    if (path.includes(file)) return [...path.slice(path.indexOf(file)), file]
    if (done.has(file)) return null
    for (const next of imported(file)) {
      const found = follow(next, [...path, file])
      if (found) return found
    }
    done.add(file)
    return null
  }
  for (const file of files) {
    const found = follow(file, [])
    if (found) return found.map(f => relative(home, f))
  }
  return null
}

it.each(['core', 'server', 'web', 'cli', 'demo'])(
  'imports within %s point one way: no circle, of types neither',
  folder => {
    expect(circle(sources(folder, /(?<!\.test)\.(ts|vue)$/))).toBeNull()
  },
)
