import { readOne, type ReadLine } from '@dialytica/core/hearing'
import { families, type Family } from '@dialytica/core/machine'
import { readNarration } from '@dialytica/core/narration'
import { Unfit } from './answer.ts'

const isFamily = (text: string): text is Family => (families as readonly string[]).includes(text)

/** A family by its name; throws `Unfit` where it is none. */
export function familyOf(family = 'front-loader'): Family {
  if (!isFamily(family)) throw new Unfit(`--family ${family} is none: ${families.join(' or ')}`)
  return family
}

/** What a narration says, one stretch an object. Throws `Unfit` where the family is none or the text cannot be read. */
export function readNarrated(text: string, family?: string) {
  const read = readNarration(text, familyOf(family))
  if (!read.ok) throw new Unfit(read.problem)
  return read.stretches
}

/** What each line of a text says, empty lines left out. Throws `Unfit` where the family is none. */
export function readLines(text: string, family?: string): ReadLine[] {
  familyOf(family)
  return text
    .split(/\r?\n/)
    .filter(line => line.trim() !== '')
    .map(line => readOne(line))
}
