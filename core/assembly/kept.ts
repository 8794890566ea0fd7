/** A pure function of a text that remembers its answers; asked for at every fold. Beyond `most` of them it begins anew. */
export function kept<T>(most: number, work: (text: string) => T): (text: string) => T {
  const known = new Map<string, T>()
  return text => {
    if (known.has(text)) return known.get(text)!
    if (known.size >= most) known.clear()
    const found = work(text)
    known.set(text, found)
    return found
  }
}

/** What is worked out when it is first asked for, and once. */
export function once<T>(work: () => T): () => T {
  let made: { is: T } | null = null
  return () => (made ??= { is: work() }).is
}
