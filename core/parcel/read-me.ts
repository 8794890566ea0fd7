import type { ParcelKind } from './manifest.ts'

const what: Record<ParcelKind, string> = {
  recording: 'how one machine was taken apart and put together, recorded step by step',
  job: 'one job on one machine, whole',
  book: 'all closed jobs on machines of one model, and what they say together',
}

const photosLeft = (left: number) =>
  left
    ? `${left === 1 ? 'One photo is' : `${left} photos are`} not in it: a parcel of more would not be taken in.\n`
    : ''

/** What a parcel says to somebody who opens it without the application; `left` photos had no room in it. */
export const readMe = (kind: ParcelKind, machine: string, left = 0): string => `${machine}: ${what[kind]}.

Everything here can be read without the application that wrote it.

records/N.json        a job: its machine, every event in its order, and its steps in words at the end ("steps")
tables/N-steps.csv    the same steps as a table, a line a move
tables/N-fasteners.csv  its fasteners, a line a group: lengths in mm, torque in N·m
photos/HASH.jpg       the photos that the records name, by the name they have there
${kind === 'book' ? 'book.json             what the jobs say together: acts in their order, in how many jobs, what varies, what was learnt\n' : ''}manifest.json         every file with its SHA-256
${photosLeft(left)}
Mains, springs, sharp edges and water can hurt: follow the maker's instructions; local codes and licensed practice have the last word.
`
