/** The version of a record as it is written now. */
export const recordVersion = 3

type Doc = Record<string, unknown>

/** From each earlier version to the next. Version 1 did not say what was left out: nothing was. Version 2 knew of an event only the clock of its device. */
const next: Record<number, (doc: Doc) => Doc> = {
  1: doc => ({ ...doc, version: 2, without: [] }),
  2: doc => ({ ...doc, version: 3 }),
}

/** A record of an earlier version in the form of this one; anything else as it is. */
export function migrated(value: unknown): unknown {
  if (typeof value !== 'object' || value === null) return value
  let doc = value as Doc
  for (let step = next[Number(doc.version)]; step; step = next[Number(doc.version)]) doc = step(doc)
  return doc
}
