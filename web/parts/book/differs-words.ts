import { variesSays, type Differs } from '@dialytica/core/book'
import { subject } from '@dialytica/core/moves'
import { english, text } from '@dialytica/core/words'

/** One of the things that a move takes, without its count. */
const oneOf = ({ move }: Differs) => subject({ ...move, count: 1 } as typeof move)
/** The question that a difference asks. */
export function differsAsks(of: Differs): string {
  const by = of.varies?.split ? ` (${variesSays(of.varies)})` : ''
  return `${of.here} here, ${of.most} in ${of.jobs} others${by}: ${text(oneOf(of))}.`
}
/** What is kept of a difference: so many are missing here, or it is another build. */
export const differsKept = (of: Differs): { missing: string; build: string } => ({
  missing: `${of.most - of.here} of ${of.most}: ${english(oneOf(of))}`,
  build: `another build: ${of.here} instead of ${of.most}, ${english(oneOf(of))}`,
})
