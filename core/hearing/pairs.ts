/** Two names written as one; each pair is written once, so that it is found again without being written. The names are few: tags, kinds, features. */
export function pairs(write: (a: string, b: string) => string): (a: string, b: string) => string {
  const known = new Map<string, Map<string, string>>()
  return (a, b) => {
    const of = known.get(a) ?? known.set(a, new Map<string, string>()).get(a)!
    return of.get(b) ?? of.set(b, write(a, b)).get(b)!
  }
}
