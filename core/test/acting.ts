import { stamped, type Act } from '../acts/index.ts'
import { recordStep } from '../acts/steps.ts'
import type { JobEvent } from '../log/event.ts'
import { fold } from '../log/fold.ts'
import { refusalWords } from '../log/refusals.ts'
import { blank, type JobState } from '../log/state.ts'
import type { Step } from '../log/step.ts'
import type { Family } from '../machine/families.ts'
import { mirror } from '../plan/mirror.ts'
import { event, id, opening } from './arbitrary-log.ts'

/** A job that acts are done to, each at its own second. */
export class Bench {
  state: JobState = blank
  log: JobEvent[] = []
  #n = 0
  constructor(family: Family = 'front-loader') {
    const first = opening()
    this.#take({ ...first, body: { ...(first.body as object), family } } as JobEvent)
  }
  #take(made: JobEvent): void {
    const folded = fold(this.state, made)
    if (!folded.ok) throw new Error(refusalWords(folded.refusal))
    this.state = folded.state
    this.log.push(made)
  }
  do(act: Act): void {
    if (!act.ok) throw new Error(refusalWords(act.refusal))
    for (const said of act.events) this.#take(stamped(said, event('note-added', {}, ++this.#n)))
  }
  record(n: number, zone: string, ...moves: object[]): void {
    this.do(recordStep(this.state, stepOf(n, zone, ...moves)))
  }
  get plan() {
    return mirror(this.state)
  }
}
/** Step `n`, its moves told without what the tests do not ask for. */
export const stepOf = (n: number, zone: string, ...moves: object[]): Step => ({
  id: id(n, 's'),
  zone,
  photos: [],
  marks: [],
  moves: moves.map((m, i) => ({ id: id(n * 100 + i, 'm'), way: 'down', ...m })) as Step['moves'],
})
