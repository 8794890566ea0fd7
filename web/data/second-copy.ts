/**
 * What waits on this device is kept twice: in its database, and as files in the browser's cache store. A browser whose process is ended while
 * it writes may find the database damaged, and then begins it anew, empty: about once in sixty such ends, measured with Chromium 156 by
 * `drills/kills.mjs`. Where the browser has no such store (plain http, by another name than localhost) there is no second copy.
 */
const name = 'waiting'
const root = '/waiting/'
/** The kinds of what waits, and what each is kept under. */
export type Waiting = 'events' | 'shots' | 'drafts'

const address = (what: Waiting, keys: readonly string[]) => root + [what, ...keys].join('/')
const store = () => ('caches' in globalThis ? caches.open(name) : null)

/** Keeps a second copy under its keys, in the place of the one before; what goes wrong leaves the first one. */
export async function keepSecond(what: Waiting, keys: readonly string[], value: Blob | object): Promise<void> {
  try {
    const body = value instanceof Blob ? value : JSON.stringify(value)
    await (await store())?.put(address(what, keys), new Response(body))
  } catch {
    // The database has it.
  }
}

/** Lets go of a second copy. */
export async function dropSecond(what: Waiting, ...keys: string[]): Promise<void> {
  await (await store())?.delete(address(what, keys)).catch(() => false)
}

/** One second copy: of what, under which keys, and how it is read. */
export interface SecondCopy {
  what: Waiting
  keys: string[]
  read: () => Promise<Response>
}

/** Every second copy that this device has. */
export async function secondCopies(): Promise<SecondCopy[]> {
  const kept = await store()
  const requests = (await kept?.keys()) ?? []
  return requests.map(request => {
    const [what, ...keys] = new URL(request.url).pathname.slice(root.length).split('/')
    return { what: what as Waiting, keys, read: async () => (await kept!.match(request))! }
  })
}
