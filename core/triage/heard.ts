import type { Finding } from './model.ts'

/** Words that may stand between those of a row. */
const apart = 4

const wordsOf = (text: string) =>
  text
    .toLocaleLowerCase('en')
    .replace(/[’]/g, "'")
    .match(/[a-z']+/g) ?? []
const fits = (said: string, wanted: string) =>
  wanted.endsWith('*') ? said.startsWith(wanted.slice(0, -1)) : said === wanted

/** True where all words of a row are said within a few words of each other, in any order. */
function isSaid(said: readonly string[], row: string): boolean {
  const wanted = row.split(' ')
  return said.some((_, at) => {
    const near = said.slice(at, at + wanted.length + apart)
    return fits(near[0]!, wanted[0]!) || wanted.some(w => fits(near[0]!, w))
      ? wanted.every(w => near.some(n => fits(n, w)))
      : false
  })
}

/** What a complaint in people's words tells, sentence by sentence: `it hums and does not pump the water out` tells that it does not drain, and that the pump hums. */
export function heard(complaint: string, findings: readonly Finding[]): Finding[] {
  const sentences = complaint.split(/[.;!?\n]+/).map(wordsOf)
  return findings.filter(f => f.words.some(row => sentences.some(s => isSaid(s, row))))
}
