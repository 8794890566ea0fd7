import { isEmptyStep, moveStep } from '@dialytica/core/acts'
import { atHandOf, meaningOf, type Meaning } from '@dialytica/core/assembly'
import {
  absorb,
  adopt as adopted,
  adoptUnder,
  afterRecording,
  amending,
  atBench,
  aroundOf,
  backInDraft,
  begin,
  cellFor as cellOf,
  drop,
  emptyDraft,
  inCellsOfTheirOwn,
  leaveAmending,
  needsOf,
  passBy,
  recordDraft,
  recordingOf,
  sameAgain,
  takeUp,
  tell,
  type Captured,
  type Draft,
} from '@dialytica/core/capture'
import type { Glyph, Passing } from '@dialytica/core/items'
import { whyNot, type Step, type StepState } from '@dialytica/core/log'
import { toldAs, type Move, type MoveKindName } from '@dialytica/core/moves'
import { stepsIn } from '@dialytica/core/narration'
import { parseLine, type Parsed } from '@dialytica/core/quick-line'
import { limits } from '@dialytica/core/schema'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { v4 } from 'uuid'
import { local, type KeptDraft } from '../data/local.ts'
import { keepDraft } from '../data/waiting.ts'
import { useJob } from './job.ts'
import { useWords } from './words.ts'

/** The step in hand: kept on this device at every tap, recorded as one event when it is done. */
export const useDraft = defineStore('draft', () => {
  const job = useJob()
  const words = useWords()
  const draft = shallowRef<Draft>(emptyDraft(v4()))
  const past = shallowRef<Captured[]>([])
  /** False while this device has no room for the step in hand: it stands in this page alone. */
  const isKept = ref(true)

  /** The step as it was told before the line that is being typed: what follows from it alone is not worked out at every key. */
  const inHand = computed(() => draft.value.step)
  const around = computed(() => aroundOf(job.state, job.stance, inHand.value))
  const next = computed(() => around.value.cell)
  const line = computed(() => draft.value.line)
  /** What is dictated in one run and is longer than a line: it is not read as one. */
  const isRun = computed(() => line.value.length > limits.line)
  const parsed = computed<Parsed>(() =>
    parseLine(isRun.value ? '' : line.value, {
      family: job.family,
      around: around.value,
      inHand: inHand.value.moves.find(m => m.id === draft.value.move),
      last: sameAgain(job.state, draft.value),
      taught: words.taught,
      id: v4,
    }),
  )
  /** The step in hand with the line taken into it, as it would be recorded now. */
  const shown = computed<Captured>(() => {
    const { step, move } = draft.value
    if (!line.value.trim() || isRun.value) return { step, move }
    const to = absorb({ step, move }, parsed.value, around.value)
    return { ...to, step: inCellsOfTheirOwn(job.state, step, to.step, next.value) }
  })
  const step = computed(() => shown.value.step)
  const move = computed(() => step.value.moves.find(m => m.id === shown.value.move) ?? null)
  /** What is known of the machine already, by usual names. */
  const atHand = computed(() => atHandOf(job.state, inHand.value))
  /** What the words of a move were taken for, where that is worth a look: it says more than they do, or it is not sure. */
  function meaningFor(of: Move): Meaning | null {
    const meaning = meaningOf(of, { family: job.family, zone: step.value.zone, atHand: atHand.value })
    if (!meaning || (meaning.taken.length === 0 && meaning.certainty !== 'told')) return null
    const plain = meaning.taken.every(name => meaning.said.toLowerCase().includes(name))
    return plain && meaning.certainty !== 'likely' ? null : meaning
  }
  /** So many steps the line tells, each ended by what came away. */
  const stepsInLine = computed(() => stepsIn(parsed.value.moves))
  /** The moves that were told before the line that is being typed. */
  const heldMoves = computed(() => inHand.value.moves.map(m => m.id))
  const needs = computed(() => (draft.value.amends ? [] : needsOf(job.state, step.value)))
  const amends = computed(() => draft.value.amends)
  const before = computed(() => draft.value.before)
  const recording = computed(() => recordingOf(draft.value))
  const isEmpty = computed(() => isEmptyStep(step.value))
  const cellFor = (of: Move | null) => cellOf(job.state, job.family, inHand.value, of)

  /** A recorded step leaves the hand on this device only once its act is kept: whatever ends the browser between, it is in one of the two. */
  async function keep(): Promise<void> {
    if (!job.id) return
    const kept = JSON.parse(JSON.stringify({ job: job.id, ...draft.value })) as KeptDraft
    await job.allKept()
    isKept.value = await keepDraft(kept).then(
      () => true,
      () => false,
    )
  }
  function hold(to: Draft): void {
    draft.value = to
    void keep()
  }
  function become(to: Captured, undoable = true): void {
    if (undoable) past.value = [...past.value, { step: draft.value.step, move: draft.value.move }]
    hold({ ...draft.value, step: to.step, move: to.move })
  }
  /** Another step comes into the hand; what was done to the one before can no longer be undone tap by tap. */
  function begun(to: Draft): void {
    past.value = []
    hold(to)
  }
  const write = (text: string) => hold({ ...draft.value, line: text })
  /** What the line says is taken into the step in hand, and the line is free again. */
  function takeLine(): void {
    if (!line.value.trim() || isRun.value) return
    const to = shown.value
    draft.value = { ...draft.value, line: '' }
    become(to)
  }
  /** One act on the step in hand, after what the line says. */
  function act(change: (from: Captured) => Captured): void {
    takeLine()
    const { step, move } = draft.value
    become(change({ step, move }))
  }

  /** Takes up the step in hand of a job where it was left; a new one begins where the last one was. */
  async function load(): Promise<void> {
    const kept = job.id ? await local.drafts.get(job.id) : undefined
    past.value = []
    draft.value = takeUp(job.state, kept, v4())
  }

  const setZone = (zone: string) => act(c => ({ ...c, step: { ...c.step, zone } }))
  /** From now on the steps take apart a part that lies on the bench; without one they are done at the machine again. */
  const setBench = (of: string | undefined) => act(c => atBench(job.state, c, of))
  const beginMove = (kind: Glyph) => act(c => begin(c, kind, v4(), around.value))
  const retell = (m: Move) => act(c => tell(c, m))
  const retellAs = (kind: MoveKindName) => move.value && retell(toldAs(move.value, kind, around.value))
  const pass = (index: number, by: Passing) => act(c => passBy(c, index, by))
  const removeMove = (id: string) => act(c => drop(c, id))
  function choose(id: string | null): void {
    takeLine()
    become({ step: draft.value.step, move: id }, false)
  }

  /** Takes back the last act; where the step in hand is untouched, the last step recorded comes back into the hand. Returns why not. */
  function undo(): string | null {
    const was = past.value.at(-1)
    if (line.value) write('')
    else if (was) {
      past.value = past.value.slice(0, -1)
      become(was, false)
    } else {
      const back = backInDraft(job.state, draft.value, v4())
      const refusal = back && job.act(back.act)
      if (!back || refusal) return whyNot(refusal)
      begun(back.draft)
      // Taken back once more the hand is empty, and then the step before comes up: to any depth.
      past.value = [emptyDraft(v4(), back.draft.step.zone)]
    }
    return null
  }

  /** Takes in what another device made of the step in hand; what can be undone here is laid on top of it. */
  function adopt(theirs: Step): void {
    const { step: mine, amends } = draft.value
    if (!amends) past.value = mine.id === theirs.id ? past.value.map(was => adoptUnder(was, mine, theirs)) : []
    hold(adopted(draft.value, theirs))
  }

  /** Opens a recorded step to be written anew; the step in hand waits meanwhile. */
  function amend(recorded: StepState): void {
    takeLine()
    begun(amending(draft.value, recorded))
  }
  /** Goes back to the step in hand without writing the other anew. */
  const leaveAmend = () => begun(leaveAmending(draft.value, v4()))
  /** What is recorded next belongs before this step. */
  const insertBefore = (id: string | null) => hold({ ...draft.value, before: id })
  /** Puts a recorded step one place up or down. Returns why not, when it is refused. */
  const reorder = (id: string, by: -1 | 1) => whyNot(job.act(moveStep(job.state, id, by)))

  /** Records the step in hand, or writes anew the one that is being amended; returns why not, when it cannot be. */
  function record(): string | null {
    if (isRun.value) return 'The line tells more than one step: look at its steps first, nothing of it is lost.'
    takeLine()
    const refusal = job.act(recordDraft(job.state, draft.value))
    if (!refusal) begun(afterRecording(draft.value, v4()))
    return whyNot(refusal)
  }

  return {
    step,
    move,
    line,
    isRun,
    stepsInLine,
    parsed,
    around,
    amends,
    before,
    isEmpty,
    heldMoves,
    meaningFor,
    needs,
    isKept,
    next,
    cellFor,
    write,
    takeLine,
    load,
    act,
    setZone,
    setBench,
    beginMove,
    retell,
    retellAs,
    pass,
    removeMove,
    choose,
    undo,
    amend,
    leaveAmend,
    insertBefore,
    reorder,
    record,
    recording,
    adopt,
  }
})
