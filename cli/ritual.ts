import { beatsOf, readRitual, ritualText, spoken } from '@dialytica/core/ritual'
import { text } from '@dialytica/core/words'
import { Unfit } from './answer.ts'

/** A ritual in its plain form with its beats; as lines to be read aloud where it is played. Throws `Unfit` with the place where it cannot be read. */
export function ritual(notation: string, play: boolean): string[] {
  const read = readRitual(notation.trim())
  if (!read.ok) throw new Unfit(`at sign ${read.at + 1}: ${read.reason}`)
  const beats = beatsOf(read.ritual)
  return play
    ? spoken(beats).map((line, i) => `${String(i + 1).padStart(3)}. ${text(line)}`)
    : [JSON.stringify({ ritual: ritualText(read.ritual), beats }, null, 2)]
}
