import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { gzipSync } from 'node:zlib'
import type { Line } from './line.ts'

interface Chunk {
  file: string
  imports?: string[]
}
const dist = fileURLToPath(new URL('../web/dist/', import.meta.url))

/** The compressed script that the floor needs at its first view, against the 250 kB that it may have. */
export async function firstViewScript(): Promise<Line> {
  const manifest = JSON.parse(readFileSync(`${dist}.vite/manifest.json`, 'utf8')) as Record<string, Chunk>
  const needed = new Set<string>()
  const walk = (key: string) => {
    const chunk = manifest[key]!
    if (needed.has(chunk.file)) return
    needed.add(chunk.file)
    chunk.imports?.forEach(walk)
  }
  walk('index.html')
  walk('views/Floor.vue')
  const bytes = [...needed].reduce((sum, file) => sum + gzipSync(readFileSync(dist + file)).length, 0)
  return {
    name: 'first-view-script',
    figure: bytes / 1000,
    unit: 'kB',
    against: '250 kB',
    ratio: bytes / 250_000,
    target: 'at most 250 kB',
    holds: bytes <= 250_000,
  }
}
