import { strikeAgain } from '@dialytica/core/acts'
import { emptyDraft, needsOf, recordDraft } from '@dialytica/core/capture'
import { whyNot, type Photo } from '@dialytica/core/log'
import { toldAs, type MoveKindName, type TaughtWord } from '@dialytica/core/moves'
import {
  corrected,
  lineOf,
  merged,
  split,
  stepOf,
  settled,
  withoutShot,
  withShotHere,
  withShots,
  type NarrationContext,
  type StepDraft,
  type Taken,
} from '@dialytica/core/narration'
import { parseLine } from '@dialytica/core/quick-line'
import { limits } from '@dialytica/core/schema'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { v4 } from 'uuid'
import { keepSaid, recall } from '../data/kept.ts'
import { inWorker } from '../workers/in-worker.ts'
import type { Narrated } from '../workers/narrate.ts'
import { useDraft } from './draft.ts'
import { useJob } from './job.ts'
import { useWords } from './words.ts'

const hearInWorker = inWorker<[string, TaughtWord[], Omit<NarrationContext, 'id'>], Narrated>(
  () => new Worker(new URL('../workers/narrate.ts', import.meta.url), { type: 'module' }),
)

/** A narration of this job: heard once, then looked at draft by draft; what is kept becomes a step. It stands on this device until it is put away. */
export const useNarration = defineStore('narration', () => {
  const job = useJob()
  const hand = useDraft()
  const words = useWords()
  const taken = shallowRef<Taken | null>(null)
  const past = shallowRef<Taken[]>([])
  const busy = ref(false)
  const problem = ref('')
  /** The line of the draft in hand as far as it was corrected; null while it is as it was heard. */
  const typed = ref<string | null>(null)

  const draft = computed<StepDraft | null>(() => taken.value?.drafts[taken.value.at] ?? null)
  const asStep = (of: StepDraft | null) => of && stepOf(job.state, job.family, of, taken.value?.zone)
  /** The step that the draft is as it was heard. */
  const heard = computed(() => asStep(draft.value))
  const line = computed(() => typed.value ?? (heard.value ? lineOf(heard.value) : ''))
  const around = computed(() => ({ posture: job.stance.posture, isolated: job.stance.isolated }))
  const parsed = computed(() =>
    parseLine(line.value, { family: job.family, around: around.value, taught: words.taught, id: v4 }),
  )
  /** The draft with its line as it is corrected. */
  const shown = computed(() =>
    draft.value && typed.value !== null ? corrected(draft.value, parsed.value, heard.value!) : draft.value,
  )
  const step = computed(() => asStep(shown.value))
  const needs = computed(() => (step.value && draft.value?.state === 'open' ? needsOf(job.state, step.value) : []))
  const open = computed(() => taken.value?.drafts.filter(d => d.state === 'open').length ?? 0)
  const kept = computed(() => taken.value?.drafts.filter(d => d.state === 'kept').length ?? 0)

  const what = () => `narration ${job.id}`
  function become(to: Taken | null, undoable = true): void {
    if (undoable && taken.value) past.value = [...past.value, taken.value]
    taken.value = to
    problem.value = ''
    typed.value = null
    void keepSaid(what(), to)
  }
  const change = (drafts: StepDraft[], at = taken.value!.at) => become({ ...taken.value!, drafts, at })

  // Another job has a narration of its own, or none.
  watch(
    () => job.id,
    () => {
      taken.value = null
      past.value = []
      typed.value = null
      problem.value = ''
    },
  )
  /** Takes up the narration of the open job where it was left. */
  async function load(): Promise<void> {
    const id = job.id
    const was = await recall<Taken | null>(what())
    if (id !== job.id) return
    taken.value = was ?? null
    past.value = []
    typed.value = null
  }
  /** Hears a text; returns whether it could be read. `startedAt` is when it began, as far as it is known. */
  async function takeIn(source: string, name: string, startedAt = new Date()): Promise<boolean> {
    busy.value = true
    problem.value = ''
    try {
      if (!taken.value) await load()
      if (open.value)
        throw new Error(
          `"${taken.value!.name}" still has drafts to look at: keep or drop them, or put it away, then take in this one.`,
        )
      const { posture, isolated } = around.value
      const heard = await hearInWorker(source, JSON.parse(JSON.stringify(words.known)) as TaughtWord[], {
        family: job.family,
        around: { posture, isolated: [...isolated] },
      })
      if (!heard.ok) problem.value = heard.problem
      else {
        const { spoken, drafts, back } = heard
        past.value = []
        become(
          { name, spoken, drafts, back, loose: [], at: 0, startedAt: startedAt.toISOString(), zone: hand.step.zone },
          false,
        )
      }
      return heard.ok
    } catch (error) {
      problem.value = (error as Error).message
      return false
    } finally {
      busy.value = false
    }
  }

  const go = (at: number) => taken.value?.drafts[at] && become({ ...taken.value, at }, false)
  /** What was typed is taken into the draft. */
  function takeLine(): void {
    if (typed.value === null || !shown.value || !taken.value) return
    change(taken.value.drafts.with(taken.value.at, shown.value))
  }
  const settle = (state: StepDraft['state']) => become(settled(taken.value!, { ...shown.value!, state }))
  /** The draft in hand becomes a step of the record; says why not, when it cannot. */
  function keep(): void {
    if (draft.value?.state !== 'open' || !step.value) return
    const refusal =
      step.value.moves.length || step.value.photos.length
        ? job.act(recordDraft(job.state, { ...emptyDraft(draft.value.id), step: step.value }))
        : undefined
    if (refusal) problem.value = whyNot(refusal) ?? ''
    else settle('kept')
  }
  const drop = () => draft.value?.state === 'open' && settle('dropped')
  const merge = () => taken.value && (takeLine(), change(merged(taken.value.drafts, taken.value.at)))
  function part(move: number): void {
    if (!taken.value) return
    takeLine()
    const { drafts, at, startedAt } = taken.value
    change(split(drafts, at, move, v4(), new Date(startedAt)))
  }
  /** The move in hand is of its other kind. */
  function retell(index: number, kind: MoveKindName): void {
    const { drafts, at } = taken.value!
    const one = drafts[at]!
    const told = one.moves[index]!
    const { from, to, said } = told
    const move = toldAs(told.move, kind, around.value)
    change(
      drafts.with(at, {
        ...one,
        moves: one.moves.with(index, { move, from, to, said, likelihood: 1, kindLikelihood: 1 }),
      }),
    )
  }
  const setZone = (zone: string) => taken.value && become({ ...taken.value, zone })
  const setStart = (startedAt: Date) => taken.value && become({ ...taken.value, startedAt: startedAt.toISOString() })
  /** Puts photos to the drafts that were told when they were taken. */
  function attach(photos: readonly Photo[]): void {
    takeLine()
    if (taken.value) become(withShots(taken.value, photos))
  }
  /** Puts a photo to the draft in hand. */
  const attachHere = (photo: Photo) => taken.value && become(withShotHere(taken.value, photo))
  /** Takes a photo off the draft in hand; it is among the loose ones again. */
  const detach = (photo: Photo) => taken.value && become(withoutShot(taken.value, photo))
  /** What belongs to the way back is noted in the record, at the step that was kept last; or it is let go. */
  function noteBack(index: number, isKept: boolean): void {
    const { back, drafts } = taken.value!
    const one = back[index]!
    const last = drafts.findLast(d => d.state === 'kept' && job.state.steps.has(d.id))
    if (isKept) {
      const refusal = job.says('note-added', {
        text: `way back: ${one.text}`.slice(0, limits.line),
        ...(last && { step: last.id }),
      })
      if (refusal) return void (problem.value = whyNot(refusal) ?? '')
    }
    become({ ...taken.value!, back: back.toSpliced(index, 1) })
  }
  /** Takes back the last thing done here. A step that it kept is struck from the record; kept once more, it is a new one. */
  function undo(): void {
    const was = past.value.at(-1)
    if (typed.value !== null) return void (typed.value = null)
    if (!was) return
    past.value = past.value.slice(0, -1)
    const drafts = was.drafts.map(d => {
      if (d.state !== 'open' || !job.state.steps.has(d.id)) return d
      const refusal = job.act(strikeAgain(d.id))
      return refusal ? { ...d, state: 'kept' as const } : { ...d, id: v4() }
    })
    become({ ...was, drafts }, false)
  }
  /** Puts the narration away; what was kept of it stays recorded. */
  const putAway = () => become(null, false)

  return {
    taken,
    draft,
    shown,
    line,
    typed,
    parsed,
    step,
    needs,
    open,
    kept,
    busy,
    problem,
    load,
    takeIn,
    go,
    takeLine,
    keep,
    drop,
    merge,
    part,
    retell,
    setZone,
    setStart,
    attach,
    attachHere,
    detach,
    noteBack,
    undo,
    putAway,
  }
})
