import type { Plan } from '@dialytica/core/access'
import { inWords, list, text } from '@dialytica/core/words'

/** Minutes as they are read on a plan: whole ones, halves under three. */
export const minutesOf = (m: number): string => (m < 3 ? `${Math.round(m * 2) / 2}` : `${Math.round(m)}`)

/** By which covers a plan goes in. */
export const bySays = ({ by, off }: Plan): string =>
  by.length ? `by the ${text(list([...new Set(by)]))}` : off.length ? `straight to the ${off.at(-1)}` : 'as it stands'

/** From where a plan is known: how many jobs went so, or that it is general. */
export function knownFrom({ jobs, unseen }: Plan): string {
  const named = unseen.length > 3 ? `the ${unseen.at(-1)} and ${unseen.length - 1} more` : `the ${text(list(unseen))}`
  const nobody = `Nobody here took off ${named} on this model: by what its family usually has.`
  if (!jobs) return unseen.length ? nobody : 'No recording of this model: by what its family usually has.'
  const of = jobs.of === jobs.all ? `all ${jobs.all}` : `${jobs.of} of ${jobs.all}`
  const told = jobs.all === 1 ? 'One job went this way.' : `${of} jobs went this way.`
  return unseen.length ? nobody : told
}

/** People and turns of a plan, in words. */
export function effortSays({ people, turns }: Plan): string {
  const who = people === 1 ? 'one person' : `${text(inWords(people))} people`
  return turns === 0 ? who : `${who}, turned ${turns === 1 ? 'once' : turns === 2 ? 'twice' : `${turns} times`}`
}
