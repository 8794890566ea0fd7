import type { Atom } from './atom.ts'

/** What somebody says who takes back what came before. */
const cues = [
  ['i', 'mean'],
  ['i', 'meant'],
  ['scratch', 'that'],
  ['strike', 'that'],
  ['make', 'that'],
  ['hang', 'on'],
  ['hold', 'on'],
  ['no', 'wait'],
  ['no', 'sorry'],
  ['no', 'only'],
  ['no', 'more', 'like'],
  ['actually', 'no'],
  ['not', 'a'],
  ['let', 'me', 'recount'],
  ['wait'],
  ['sorry'],
  ['no'],
  ['nope'],
  ['nah'],
  ['correction'],
  ['actually'],
  ['er'],
  ['erm'],
  ['rather'],
  ['oops'],
  ['checked'],
  ['make', 'it'],
  ['recount'],
] as const
/** The first words of the cues. */
const starts = new Set<string>(cues.map(([first]) => first))
/** Cues that are also said of what was not done: alone they take nothing back. */
export const weak = new Set(['no', 'actually', 'rather', 'not a', 'checked', 'make it', 'hold on', 'hang on'])

/** The cue that begins at an atom, over how many it goes; null where none does. */
export function cueAt(atoms: readonly Atom[], at: number): { took: number; words: string } | null {
  const { words: first } = atoms[at]!
  if (!starts.has(first) && !starts.has(first.split(' ')[0]!)) return null
  const near = atoms.slice(at, at + 4)
  const words = near.flatMap((a, k) => (a.tag === 'sep' ? (k === 1 ? [] : ['|']) : a.words.split(' ')))
  for (const cue of cues)
    if (cue.every((w, k) => words[k] === w)) {
      let took = 0
      for (let left = cue.length; left > 0; took++)
        if (atoms[at + took]!.tag !== 'sep') left -= atoms[at + took]!.words.split(' ').length
      return { took, words: cue.join(' ') }
    }
  return null
}
