import type { Entry } from '../log/entry.ts'
import { notHere } from '../safe/told.ts'
import { list, say, type Phrase } from '../words/phrase.ts'

/** Entries in words, in the order of their time; those that are told elsewhere are left out. */
export const saidOf = (entries: Iterable<Entry>): { at: string; words: Phrase }[] =>
  [...entries]
    .flatMap(entry => {
      const words = entryWords(entry)
      return words === null ? [] : [{ at: entry.at, words }]
    })
    .sort((a, b) => (a.at < b.at ? -1 : 1))

/** What an entry says, wherever it is read; null where it belongs to a debt or a step and is told there. */
function entryWords({ kind, body }: Entry): Phrase | null {
  switch (kind) {
    case 'reading-taken': {
      const value = body.over ? say`over the range` : say`${body.value} ${body.unit}`
      const read = body.state ? say`${body.of}, ${body.state}: ${value}` : say`${body.of}: ${value}`
      return body.note ? say`${read}; ${body.note}` : read
    }
    case 'part-compared':
      return body.same
        ? say`${body.part}: old and new alike`
        : say`${body.part}: old and new differ, ${body.differs ?? say`not said in what`}`
    case 'part-offered':
      return say`${body.part} from ${body.supplier}: ${{ say: body.how }}`
    case 'part-adapted':
      return say`${body.part}, made to fit: ${body.says}`
    case 'tool-made':
      return body.use
        ? say`Made for the ${body.part}: ${body.tool}, ${body.use}`
        : say`Made for the ${body.part}: ${body.tool}`
    case 'old-part-left': {
      const told = say`Old ${body.part}: ${{ say: body.to }}`
      return body.left?.length ? say`${told}, with ${list(body.left)}: ${body.reason ?? ''}` : told
    }
    case 'check-done':
      if (body.debt) return null
      if (body.check.startsWith('before turning: '))
        return body.note ? say`Seen to before a turn: ${body.note}` : say`Seen to something before a turn`
      if (body.check.startsWith('zone is so: ')) return null
      if (body.check.startsWith('not behind it: ')) return say`Looked for behind a cover, not there: ${body.note ?? ''}`
      // What this machine does not have was not done.
      if (body.note === notHere) return say`${body.check.replace(/^made safe: /, '')}: ${notHere}`
      if (body.note) return say`${body.check}: ${body.note}`
      return body.passed ? say`${body.check}: passed` : say`${body.check}: not passed`
    case 'proof-done': {
      const told = say`Proof, ${body.trial}: ${{ say: body.result }}`
      return body.seen ? say`${told}, ${body.seen}` : told
    }
    case 'gate-passed':
      return body.reason ? say`Gate passed with debts: ${body.reason}` : say`Gate passed clean`
    case 'note-added':
      return body.text
    case 'leftover-reported':
      return say`Left over or short: ${body.what}`
    case 'leftover-explained':
      return say`Explained: ${body.by}`
    case 'trouble-checked': {
      const told = say`Looked for the cause, ${body.check}: ${{ say: body.result }}`
      return body.note ? say`${told}, ${body.note}` : told
    }
    case 'cause-told':
      return body.is ? say`The cause: ${body.cause}` : say`Put right, and it was not that: ${body.cause}`
    case 'found-before':
      return say`Already so before we came: ${body.what}, ${{ say: body.how }}`
    case 'point-compared':
    case 'part-photographed':
    case 'photos-matched':
    case 'word-taught':
    case 'ritual-kept':
    case 'finding-told':
    case 'code-kept':
    case 'shop-set':
    case 'fetch-ticked':
    case 'place-looked':
    case 'constraint-added':
    case 'liaison-told':
    case 'posture-allowed':
      return null
  }
}
