/** The cache store of a browser, in memory: as much of it as is used here. */
export function cacheStore(): Pick<CacheStorage, 'open'> {
  const kept = new Map<string, Response>()
  const address = (of: RequestInfo | URL) =>
    of instanceof Request ? of.url : new URL(String(of), 'http://localhost').href
  const cache = {
    put: (of: string, response: Response) => Promise.resolve(void kept.set(address(of), response)),
    delete: (of: string) => Promise.resolve(kept.delete(address(of))),
    keys: () => Promise.resolve([...kept.keys()].map(url => new Request(url))),
    match: (of: Request) => Promise.resolve(kept.get(address(of))?.clone()),
  }
  return { open: () => Promise.resolve(cache as unknown as Cache) }
}
