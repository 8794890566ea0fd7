/** Who follows what, by its key, and one look for all that is followed. */
export interface Followed<F> {
  /** Those who follow a key. */
  of(key: string): Iterable<F>
  /** Follows a key; returns the end of it. `left` is called when nobody follows the key any more. */
  follow(key: string, who: F, left: () => void): () => void
  close(): void
}

/** Looks for all keys that are followed, every `period` milliseconds while there are any; where a look fails, the next one comes. */
export function followed<F>(period: number, look: (keys: string[]) => Promise<void>): Followed<F> {
  const followers = new Map<string, Set<F>>()
  let looking = false
  const timer = setInterval(() => {
    if (looking || followers.size === 0) return
    looking = true
    const done = () => (looking = false)
    look([...followers.keys()]).then(done, done)
  }, period)
  timer.unref()
  return {
    of: key => followers.get(key) ?? [],
    follow(key, who, left) {
      const set = followers.get(key) ?? new Set()
      followers.set(key, set.add(who))
      return () => {
        set.delete(who)
        if (set.size) return
        followers.delete(key)
        left()
      }
    },
    close: () => clearInterval(timer),
  }
}
