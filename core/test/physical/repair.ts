import type { Act } from '../../acts/act.ts'
import { recordStep } from '../../acts/steps.ts'
import { seeTo } from '../../acts/turning.ts'
import { needsOf } from '../../capture/draft.ts'
import type { Need } from '../../laws/need.ts'
import { fold, foldAll } from '../../log/fold.ts'
import { refusalWords } from '../../log/refusals.ts'
import { owedCount, type JobState } from '../../log/state.ts'
import type { Step } from '../../log/step.ts'
import { english } from '../../words/english.ts'
import { event, id } from '../arbitrary-log.ts'
import { heavy, type Thing } from './machine.ts'
import type { Done, Story } from './story.ts'

/** What went wrong, by what could have hurt: `gate` is what was shut in without a word. */
export interface Trouble {
  law: 'power' | 'water' | 'turn' | 'weight' | 'gate' | 'stuck'
  says: string
}

/** The machine as it really stands: what was done and is not undone. */
export class Metal {
  readonly open: { done: Done; debt: string }[] = []
  posture = 'upright'
  /** All names under which a thing was written down. */
  readonly #names = new Map<string, Set<string>>()
  constructor(readonly story: Story) {}
  did(done: Done, debt: string, name: string | undefined): void {
    const what = 'what' in done ? done.what : ''
    const names = this.#names.get(what) ?? new Set([what])
    if (name) names.add(name)
    this.#names.set(what, names)
    this.open.push({ done, debt })
  }
  names = (what: string): string[] => [...(this.#names.get(what) ?? [what])]
  thing = (name: string): Thing | undefined => this.story.body.things.find(t => t.name === name)
  isOpen = (did: Done['did'], what?: string) =>
    this.open.some(o => o.done.did === did && (what === undefined || ('what' in o.done && o.done.what === what)))
  isOff = (what: string) => this.isOpen('off', what) || this.isOpen('parked', what)
  /** What could kill or drown somebody if the mains came back now. */
  dangers(): string[] {
    return this.open.flatMap(({ done }) => {
      if (!('what' in done)) return []
      const thing = this.thing(done.what)
      const isCover = this.story.body.covers.some(c => c.name === done.what)
      return isCover || thing?.live || thing?.turns || thing?.wet ? [`${done.did} ${done.what}`] : []
    })
  }
  wet = (): string[] =>
    this.open.flatMap(({ done }) => (done.did === 'off' && this.thing(done.what)?.wet ? [done.what] : []))
  /** What is in its place without a screw, and would fall. */
  loose = (): string[] =>
    this.open.flatMap(({ done }) =>
      done.did === 'unscrewed' && !this.isOff(done.what) && this.kg(done.what) >= heavy ? [done.what] : [],
    )
  kg = (name: string): number => this.thing(name)?.kg ?? this.story.body.covers.find(c => c.name === name)?.kg ?? 0
  /** Within reach of a hand now. */
  reaches = (what: string): boolean => {
    const thing = this.thing(what)
    return !thing || thing.behind.some(c => this.isOff(c))
  }
  /** What is settled of it is as it was. */
  undone(state: JobState): void {
    const isBack = (debt: string) => {
      const own = state.debts.get(debt)
      return own !== undefined && owedCount(own) === 0
    }
    for (let i = this.open.length - 1; i >= 0; i--) if (isBack(this.open[i]!.debt)) this.open.splice(i, 1)
  }
}

/** A story as it is written into a job, and the machine of which it tells. */
export class Repair {
  readonly metal: Metal
  readonly found: Trouble[] = []
  state: JobState
  #clock = 0
  constructor(readonly story: Story) {
    this.metal = new Metal(story)
    const opened = { unit: id(1, 'u'), family: story.body.family, complaint: 'x', plate: 'X' }
    this.state = foldAll([event('job-opened', opened, 0)]).state
    story.steps.forEach((step, i) => this.#write(step, i + 1))
  }
  act(a: Act): void {
    if (!a.ok) return void this.found.push({ law: 'stuck', says: refusalWords(a.refusal) })
    for (const { kind, body } of a.events) {
      const folded = fold(this.state, event(kind, body, (this.#clock += 60)))
      if (!folded.ok) return void this.found.push({ law: 'stuck', says: refusalWords(folded.refusal) })
      this.state = folded.state
    }
    this.metal.undone(this.state)
  }
  /** Before a turn: what would fall, swing or spill must be among what is said. */
  checkTurn(needs: readonly Need[], from: string, to: string): void {
    const { metal } = this
    const said = needs.map(n => english(n.says)).join('; ')
    const must = (law: Trouble['law'], what: string, why: string) => {
      if (!metal.names(what).some(name => said.includes(name)))
        this.found.push({ law, says: `${from} to ${to}: ${why}` })
    }
    for (const what of metal.loose()) must('weight', what, `${what} is in its place without a screw`)
    for (const { done } of metal.open) {
      if (done.did === 'block in') must('turn', 'block', 'a block is in')
      if (done.did === 'parked') must('turn', done.what, `${done.what} hangs`)
      if (done.did === 'off' && metal.thing(done.what)?.by === 'hose') must('turn', done.what, `${done.what} is open`)
    }
  }
  #write({ zone, moves }: Story['steps'][number], n: number): void {
    const step = {
      id: id(n, 's'),
      zone,
      photos: [],
      marks: [],
      moves: moves.map(({ move }, k) => ({ id: id(n * 100 + k, 'm'), way: 'down', ...move })),
    } as unknown as Step
    const needs = needsOf(this.state, step)
    const turns = moves.flatMap(m => (m.really?.did === 'turned' ? m.really : []))
    // Where two lines were written as one, what is not owed yet when it is asked cannot be named.
    if (turns.length && moves.every(m => m.really?.did === 'turned' || m.really?.did === 'block in'))
      this.checkTurn(needs, turns[0]!.from, turns[0]!.to)
    for (const need of needs) this.act(seeTo(step.id, need))
    this.act(recordStep(this.state, step))
    moves.forEach(({ move, really }, k) => {
      if (!really) return
      if (really.did === 'turned') this.metal.posture = really.to
      const { part, joint, place } = move as { part?: { name: string }; joint?: { hose: string }; place?: string }
      this.metal.did(really, id(n * 100 + k, 'm'), part?.name ?? joint?.hose ?? place)
    })
  }
}
