import { Transform } from 'node:stream'

/**
 * Passes a dump of the database on as it is and lists the photos that it holds: the photos of the very moment of the dump. `photos` are
 * pairs of shop and hash; `whole` tells whether the dump came to its end.
 */
export function photoRows() {
  const photos = []
  let rest = ''
  let whole = false
  let inside = false
  const read = line => {
    // Rows stand behind the words of their statement or, each on a line of its own, below them.
    if (line.startsWith('INSERT INTO ')) inside = line.startsWith('INSERT INTO `photo` VALUES')
    if (inside)
      for (const [, shop, hash] of line.matchAll(/\('([0-9a-f-]{36})','([0-9a-f]{64})',/g)) photos.push([shop, hash])
    if (line.endsWith(';')) inside = false
    if (line.startsWith('-- Dump completed')) whole = true
  }
  const stream = new Transform({
    transform(chunk, _, done) {
      // Photos and their hashes are plain ASCII; other bytes are passed on untouched.
      const lines = (rest + chunk.toString('latin1')).split('\n')
      rest = lines.pop()
      lines.forEach(read)
      done(null, chunk)
    },
    flush(done) {
      read(rest)
      done()
    },
  })
  return { stream, photos, isWhole: () => whole }
}
