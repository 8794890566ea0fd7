/** What was said of things at different times: of each the last word by its time, in the order of those words. */
export function lastSaid<T extends { at: string }>(said: readonly T[], of: (one: T) => string): T[] {
  const inOrder = [...said].sort((a, b) => (a.at < b.at ? -1 : 1))
  return [...new Map(inOrder.map(one => [of(one), one])).values()]
}
