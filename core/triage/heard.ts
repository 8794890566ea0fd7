import type { Finding } from './model.ts'
import { circuitNames, circuits, type CircuitName } from './table/circuits.ts'

/** Words that may stand between those of a row. */
const apart = 4

const wordsOf = (text: string) =>
  text
    .toLocaleLowerCase('en')
    .replace(/[’]/g, "'")
    .match(/[a-z']+/g) ?? []
const fits = (said: string, wanted: string) =>
  wanted.endsWith('*') ? said.startsWith(wanted.slice(0, -1)) : said === wanted

/** Words that turn what follows them into its contrary. */
const turning = new Set(['not', 'never', 'no', "doesn't", "don't", "won't", "can't", 'cannot'])

/** True where all words of a row are said within a few words of each other: in any order, but for one that turns the next into its contrary. */
function isSaid(said: readonly string[], row: string): boolean {
  const wanted = row.split(' ')
  return said.some((first, at) => {
    if (!wanted.some(w => fits(first, w))) return false
    const near = said.slice(at, at + wanted.length + apart)
    const places = wanted.map(w => near.findIndex(n => fits(n, w)))
    return places.every((place, i) => place >= 0 && !(i > 0 && turning.has(wanted[i - 1]!) && place < places[i - 1]!))
  })
}

/** What a complaint in people's words tells, sentence by sentence: `it hums and does not pump the water out` tells that it does not drain, and that the pump hums. */
export function heard(complaint: string, findings: readonly Finding[]): Finding[] {
  const sentences = complaint.split(/[.;!?\n]+/).map(wordsOf)
  return findings.filter(f => f.words.some(row => sentences.some(s => isSaid(s, row))))
}

/** What a complaint tells that is not so, by what it says works: `it fills, and stops` tells that it fills. What is told to be so is not among it. */
export function heardWell(complaint: string, findings: readonly Finding[]): Finding[] {
  const sentences = complaint.split(/[.,;!?\n]+/).map(wordsOf)
  const told = new Set(heard(complaint, findings))
  const plain = sentences.filter(s => !s.some(word => turning.has(word)))
  return findings.filter(f => !told.has(f) && f.well.some(row => plain.some(s => isSaid(s, row))))
}

/** The circuit that people say a code is about: `it shows a heating code`. */
export function heardCircuit(complaint: string): CircuitName | undefined {
  const sentences = complaint.split(/[.,;!?\n]+/).map(wordsOf)
  const isAbout = (word: string) => sentences.some(s => isSaid(s, `code ${word}`) || isSaid(s, `error ${word}`))
  return circuitNames.find(name => circuits[name].words.some(isAbout))
}
