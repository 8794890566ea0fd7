import { readOne, type ReadLine } from '@dialytica/core/hearing'
import { families, type Family } from '@dialytica/core/machine'
import { Unfit } from './answer.ts'

const isFamily = (text: string): text is Family => (families as readonly string[]).includes(text)

/** What each line of a text says, empty lines left out. Throws `Unfit` where the family is none. */
export function readLines(text: string, family = 'front-loader'): ReadLine[] {
  if (!isFamily(family)) throw new Unfit(`--family ${family} is none: ${families.join(' or ')}`)
  return text
    .split(/\r?\n/)
    .filter(line => line.trim() !== '')
    .map(line => readOne(line))
}
