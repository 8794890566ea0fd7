import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import semver from 'semver'
import { describe, expect, it } from 'vitest'

const root = fileURLToPath(new URL('..', import.meta.url))
const json = (file: string) => JSON.parse(readFileSync(`${root}${file}`, 'utf8')) as Record<string, never>
const lock = json('package-lock.json') as unknown as {
  packages: Record<string, { version?: string; engines?: { node?: string } }>
}
/** The oldest Node that the product says it runs on. */
const oldest = semver.minVersion(
  (json('package.json') as unknown as { engines: { node: string } }).engines.node,
)!.version

/** Asked for by no file under their name: peers of other packages, faces chosen by a template, what runs the files. */
const unnamed = new Set([
  'vue-eslint-parser',
  'workbox-build',
  'workbox-window',
  '@fontsource/archivo',
  '@fontsource/martian-mono',
  'tsx',
])

describe('the packages of the lock file', () => {
  it('all run on the oldest Node of ours, by their own word', () => {
    const others = Object.entries(lock.packages)
      .filter(([, { engines }]) => engines?.node && !semver.satisfies(oldest, engines.node))
      .map(([name, { version, engines }]) => `${name} ${version} asks for ${engines!.node}`)
    expect(others).toEqual([])
  })

  it('are each used by what asks for them', () => {
    // The folders are walked, not asked of git: a bare machine has none.
    const named = /\.(ts|mjs|js|vue|css|json)$/
    const left = /(^|\/)(node_modules|dist|\.data|test-results)\/|package(-lock)?\.json$|^docs\//
    const files = readdirSync(root, { recursive: true, withFileTypes: true })
      .filter(f => f.isFile())
      .map(f => join(f.parentPath, f.name).slice(root.length))
      .filter(f => named.test(f) && !left.test(f))
    const read = (under: string) =>
      files
        .filter(f => f.startsWith(under))
        .map(f => readFileSync(`${root}${f}`, 'utf8'))
        .join('\n')
    const scripts = JSON.stringify(json('package.json').scripts)
    const unused = ['', 'cli/', 'core/', 'demo/', 'server/', 'web/'].flatMap(under => {
      const { dependencies = {}, devDependencies = {} } = json(`${under}package.json`) as Record<string, object>
      const text = read(under) + (under ? '' : scripts)
      // Types come with what they are the types of.
      const spoken = (name: string) => text.includes(name.replace(/^@types\//, '')) || unnamed.has(name)
      return Object.keys({ ...dependencies, ...devDependencies }).flatMap(name =>
        spoken(name) ? [] : [`${under}package.json: ${name}`],
      )
    })
    expect(unused).toEqual([])
  })
})
