import {
  begin,
  drop,
  nextCell,
  tap,
  tell,
  toldAs,
  untap,
  type Around,
  type Captured,
  type Glyph,
  type Move,
  type MoveKindName,
  type Photo,
  type Point,
  type Step,
} from '@dialytica/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { v4 } from 'uuid'
import { local } from '../data/local.ts'
import { useJob } from './job.ts'

const emptyStep = (zone?: string): Step => ({ id: v4(), ...(zone && { zone }), photos: [], marks: [], moves: [] })

/** The step in hand: kept on this device at every tap, recorded as one event when it is done. */
export const useDraft = defineStore('draft', () => {
  const job = useJob()
  const captured = shallowRef<Captured>({ step: emptyStep(), move: null })
  const past = shallowRef<Captured[]>([])
  const glyph = ref<Glyph>('fastener')
  const photo = ref<string | null>(null)

  const step = computed(() => captured.value.step)
  const move = computed(() => step.value.moves.find(m => m.id === captured.value.move) ?? null)
  const isEmpty = computed(() => step.value.moves.length === 0 && step.value.photos.length === 0)
  /** Cells that hold something now, or are named by the step in hand. */
  const used = computed(
    () => new Set([...job.debts.flatMap(d => d.cell ?? []), ...step.value.moves.flatMap(m => m.cell ?? [])]),
  )
  const next = computed(() => nextCell(used.value))
  const around = computed<Around>(() => ({
    posture: job.standing.posture,
    isolated: job.standing.isolated,
    cell: next.value,
  }))

  function become(to: Captured, undoable = true): void {
    if (undoable) past.value = [...past.value.slice(-50), captured.value]
    captured.value = to
    if (job.id) void local.drafts.put(JSON.parse(JSON.stringify({ job: job.id, ...to })))
  }

  /** Takes up the step in hand of a job where it was left; a new one begins where the last one was. */
  async function load(): Promise<void> {
    const last = job.state.steps.get(job.state.order.last() ?? '')
    const kept = job.id ? await local.drafts.get(job.id) : undefined
    const usable = kept && !job.state.steps.has(kept.step.id)
    captured.value = usable
      ? { step: kept.step, move: kept.move }
      : { step: emptyStep(last?.zone ?? 'outside'), move: null }
    past.value = []
    photo.value = captured.value.step.photos.at(-1)?.hash ?? null
  }

  const setZone = (zone: string) => become({ ...captured.value, step: { ...step.value, zone } })
  function addPhoto(taken: Photo): void {
    become({ ...captured.value, step: { ...step.value, photos: [...step.value.photos, taken] } })
    photo.value = taken.hash
  }
  function tapAt(point: Point): void {
    if (photo.value) become(tap(captured.value, glyph.value, photo.value, point, [v4(), v4()], around.value))
  }
  const beginMove = (kind: Glyph) => become(begin(captured.value, kind, v4(), around.value))
  const retell = (m: Move) => become(tell(captured.value, m))
  const retellAs = (kind: MoveKindName) => move.value && retell(toldAs(move.value, kind, around.value))
  const removeMark = (id: string) => become(untap(captured.value, id))
  const removeMove = (id: string) => become(drop(captured.value, id))
  function choose(id: string | null): void {
    become({ ...captured.value, move: id }, false)
  }
  function undo(): boolean {
    const last = past.value.at(-1)
    if (!last) return false
    past.value = past.value.slice(0, -1)
    become(last, false)
    photo.value = last.step.photos.at(-1)?.hash ?? null
    return true
  }

  /** Records the step in hand; returns why not, when it cannot be. */
  function record(): string | null {
    if (isEmpty.value) return 'Take a photo or touch what comes off first.'
    const posture = job.standing.posture
    const done = { ...step.value, ...(posture !== 'upright' && { posture }) }
    const refusal = job.record('step-recorded', { step: JSON.parse(JSON.stringify(done)) as Step })
    if (refusal) return refusal.message
    past.value = []
    photo.value = null
    become({ step: emptyStep(step.value.zone), move: null }, false)
    return null
  }

  return {
    step,
    move,
    glyph,
    photo,
    isEmpty,
    used,
    next,
    load,
    setZone,
    addPhoto,
    tapAt,
    beginMove,
    retell,
    retellAs,
    removeMark,
    removeMove,
    choose,
    undo,
    record,
  }
})
