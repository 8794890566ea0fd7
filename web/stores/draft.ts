import {
  absorb,
  alikeOf,
  begin,
  closeUpsOf,
  draw,
  drop,
  dropPhoto,
  dropPoint,
  kindOf,
  lotOf,
  lotsOf,
  mayBeLive,
  mergeSteps,
  moveMark,
  parseLine,
  passBy,
  proposeCell,
  rankBetween,
  replacePhoto,
  retypeMark,
  tap,
  tell,
  toldAs,
  untap,
  whyNot,
  withPhoto,
  type Around,
  type Captured,
  type Glyph,
  type Move,
  type MoveKindName,
  type Parsed,
  type Passing,
  type Photo,
  type Point,
  type Step,
  type StepState,
} from '@dialytica/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { v4 } from 'uuid'
import { local } from '../data/local.ts'
import { keepDraft } from '../data/waiting.ts'
import { useJob } from './job.ts'

const emptyStep = (zone?: string): Step => ({ id: v4(), ...(zone && { zone }), photos: [], marks: [], moves: [] })
const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T
/** What was recorded of a step, without what became of it. */
const content = ({ id, title, zone, posture, live, photos, marks, moves }: StepState): Step =>
  plain({ id, title, zone, posture, live, photos, marks, moves })

/** The step in hand: kept on this device at every tap, recorded as one event when it is done. */
export const useDraft = defineStore('draft', () => {
  const job = useJob()
  const captured = shallowRef<Captured>({ step: emptyStep(), move: null })
  const past = shallowRef<Captured[]>([])
  const line = ref('')
  const glyph = ref<Glyph>('fastener')
  const photo = ref<string | null>(null)
  const amends = ref<string | null>(null)
  const aside = shallowRef<Captured | null>(null)
  const before = ref<string | null>(null)

  /** Cells that hold something now, or are named by the step in hand. */
  const used = computed(
    () => new Set([...job.debts.flatMap(d => d.cell ?? []), ...captured.value.step.moves.flatMap(m => m.cell ?? [])]),
  )
  /** The cell to put a group into: free, and apart from what looks like it. */
  function cellFor(move: Move | null): string | undefined {
    const lot = move && lotOf(move, captured.value.step, 0)
    const alike = lot?.fastener ? alikeOf(job.family, lot, lotsOf(job.state, captured.value.step)) : []
    const apart = alike.flatMap(({ a }) => a.cell ?? [])
    const taken = new Set(used.value)
    if (move?.cell) taken.delete(move.cell)
    return proposeCell(job.state.tray, taken, apart)
  }
  const next = computed(() => proposeCell(job.state.tray, used.value))
  const around = computed<Around>(() => ({
    posture: job.standing.posture,
    isolated: job.standing.isolated,
    cell: next.value,
  }))
  /** The last move of the step before: what `same again` repeats. */
  const last = computed(() => job.state.steps.get(job.state.order.last() ?? '')?.moves.at(-1))
  const parsed = computed<Parsed>(() =>
    parseLine(line.value, {
      family: job.family,
      around: around.value,
      inHand: captured.value.step.moves.find(m => m.id === captured.value.move),
      last: captured.value.step.moves.at(-1) ?? last.value,
      id: v4,
    }),
  )
  /** The step in hand with the line taken into it, as it would be recorded now. */
  const shown = computed(() =>
    line.value.trim() ? apart(absorb(captured.value, parsed.value, around.value)) : captured.value,
  )
  const step = computed(() => shown.value.step)
  const move = computed(() => step.value.moves.find(m => m.id === shown.value.move) ?? null)
  const isEmpty = computed(() => step.value.moves.length === 0 && step.value.photos.length === 0 && !step.value.title)
  const shot = computed(() => step.value.photos.find(p => p.hash === photo.value))
  const closeUps = computed(() => (photo.value ? closeUpsOf(step.value, photo.value) : []))

  /** Groups of one line that would share the proposed cell get cells of their own, unless they were told theirs. */
  function apart(to: Captured): Captured {
    const told = new Set(captured.value.step.moves.map(m => m.id))
    const taken = new Set(used.value)
    const moves = to.step.moves.map(m => {
      if (told.has(m.id) || !kindOf(m).loose || m.cell !== next.value) return m
      const cell = proposeCell(job.state.tray, taken)
      if (cell) taken.add(cell)
      return cell ? { ...m, cell } : m
    })
    return { ...to, step: { ...to.step, moves } }
  }

  /** A recorded step leaves the hand on this device only once its act is kept: whatever ends the browser between, it is in one of the two. */
  function keep(): void {
    if (!job.id) return
    const { step, move } = captured.value
    const around = { line: line.value, amends: amends.value, aside: aside.value, before: before.value }
    const draft = plain({ job: job.id, step, move, ...around })
    void job.allKept().then(() => keepDraft(draft).catch(() => undefined))
  }
  function become(to: Captured, undoable = true): void {
    if (undoable) past.value = [...past.value, captured.value]
    captured.value = to
    keep()
  }
  function write(text: string): void {
    line.value = text
    keep()
  }
  /** What the line says is taken into the step in hand, and the line is free again. */
  function takeLine(): void {
    if (!line.value.trim()) return
    const to = shown.value
    line.value = ''
    become(to)
  }
  /** One act on the step in hand, after what the line says. */
  const act = (change: (from: Captured) => Captured) => {
    takeLine()
    become(change(captured.value))
  }

  function takeUp(to: Captured): void {
    captured.value = to
    past.value = []
    photo.value = to.step.photos.at(-1)?.hash ?? null
  }
  /** Takes up the step in hand of a job where it was left; a new one begins where the last one was. */
  async function load(): Promise<void> {
    const lastZone = job.state.steps.get(job.state.order.last() ?? '')?.zone
    const kept = job.id ? await local.drafts.get(job.id) : undefined
    const usable = kept && (kept.amends ? job.state.steps.has(kept.amends) : !job.state.steps.has(kept.step.id))
    line.value = usable ? (kept.line ?? '') : ''
    amends.value = usable ? (kept.amends ?? null) : null
    aside.value = usable ? (kept.aside ?? null) : null
    before.value = usable ? (kept.before ?? null) : null
    takeUp(usable ? { step: kept.step, move: kept.move } : { step: emptyStep(lastZone ?? 'outside'), move: null })
  }

  const setZone = (zone: string) => act(c => ({ ...c, step: { ...c.step, zone } }))
  function addPhoto(taken: Photo): void {
    act(c => withPhoto(c, taken))
    photo.value = taken.hash
  }
  /** A clearer photo in the place of one that the step holds; where that was left out meanwhile, one more. */
  function clearer(old: string, taken: Photo): void {
    if (!step.value.photos.some(p => p.hash === old)) return addPhoto(taken)
    act(c => replacePhoto(c, old, taken))
    photo.value = taken.hash
  }
  function removePhoto(hash: string): void {
    act(c => dropPhoto(c, hash))
    photo.value = captured.value.step.photos.at(-1)?.hash ?? null
  }
  const onPhoto = (change: (from: Captured, hash: string) => Captured) => {
    const hash = photo.value
    if (hash) act(c => change(c, hash))
  }
  const tapAt = (point: Point) => onPhoto((c, hash) => tap(c, glyph.value, hash, point, [v4(), v4()], around.value))
  const drawAlong = (path: readonly Point[]) => onPhoto((c, hash) => draw(c, hash, path, v4, around.value))
  const beginMove = (kind: Glyph) => act(c => begin(c, kind, v4(), around.value))
  const retell = (m: Move) => act(c => tell(c, m))
  const retellAs = (kind: MoveKindName) => move.value && retell(toldAs(move.value, kind, around.value))
  const removeMark = (id: string) => act(c => untap(c, id))
  const shiftMark = (id: string, point: Point, index = 0) => act(c => moveMark(c, id, point, index))
  const retype = (id: string, kind: Glyph) => act(c => retypeMark(c, id, kind, v4(), around.value))
  const removePoint = (id: string, index: number) => act(c => dropPoint(c, id, index))
  const pass = (index: number, by: Passing) => act(c => passBy(c, index, by))
  const removeMove = (id: string) => act(c => drop(c, id))
  function choose(id: string | null): void {
    takeLine()
    become({ ...captured.value, move: id }, false)
  }

  /** Takes back the last act; where the step in hand is untouched, the last step recorded comes back into the hand. */
  function undo(): string | null {
    if (line.value) {
      write('')
      return null
    }
    const was = past.value.at(-1)
    if (was) {
      past.value = past.value.slice(0, -1)
      become(was, false)
      if (!was.step.photos.some(p => p.hash === photo.value)) photo.value = was.step.photos.at(-1)?.hash ?? null
      return null
    }
    const recorded = job.state.steps.get(job.state.order.last() ?? '')
    if (!isEmpty.value || amends.value || !recorded) return null
    const refusal = job.record('step-struck', { step: recorded.id, reason: 'taken back' })
    if (refusal) return whyNot(refusal)
    takeUp({ step: { ...content(recorded), id: v4() }, move: recorded.moves.at(-1)?.id ?? null })
    // Taken back once more the hand is empty, and then the step before comes up: to any depth.
    past.value = [{ step: emptyStep(recorded.zone), move: null }]
    keep()
    return null
  }

  /** The step that is being recorded, also while an earlier one is written anew. */
  const recording = computed(() => (amends.value ? aside.value : captured.value)?.step)
  /** Takes in what another device made of the step in hand; what can be undone here is laid on top of it. */
  function adopt(theirs: Step): void {
    if (amends.value) {
      aside.value = { step: theirs, move: theirs.moves.at(-1)?.id ?? null }
      return keep()
    }
    const { step: mine, move } = captured.value
    const onTop = (was: Captured): Captured => {
      const step = mergeSteps(mine, was.step, theirs)
      return { step, move: was.move ?? step.moves.at(-1)?.id ?? null }
    }
    past.value = mine.id === theirs.id ? past.value.map(onTop) : []
    const shot = theirs.photos.find(p => !mine.photos.some(q => q.hash === p.hash))
    become(
      { step: theirs, move: theirs.moves.some(m => m.id === move) ? move : (theirs.moves.at(-1)?.id ?? null) },
      false,
    )
    if (shot) photo.value = shot.hash
    else if (!theirs.photos.some(p => p.hash === photo.value)) photo.value = theirs.photos.at(-1)?.hash ?? null
  }

  /** Opens a recorded step to be written anew; the step in hand waits meanwhile. */
  function amend(recorded: StepState): void {
    takeLine()
    aside.value = captured.value
    amends.value = recorded.id
    takeUp({ step: content(recorded), move: recorded.moves.at(-1)?.id ?? null })
    keep()
  }
  /** Goes back to the step in hand without writing the other anew. */
  function leaveAmend(): void {
    line.value = ''
    amends.value = null
    takeUp(aside.value ?? { step: emptyStep(), move: null })
    aside.value = null
    keep()
  }
  /** What is recorded next belongs before this step. */
  function insertBefore(id: string | null): void {
    before.value = id
    keep()
  }
  /** The rank between a step and the one before it. */
  function rankBefore(id: string): string {
    const at = job.state.order.indexOf(id)
    const rank = (i: number) => job.state.steps.get(job.state.order.get(i) ?? '')?.rank ?? ''
    return rankBetween(at > 0 ? rank(at - 1) : '', rank(at))
  }
  /** Puts a recorded step one place up or down. Returns why not, when it is refused. */
  function reorder(id: string, by: -1 | 1): string | null {
    const { order } = job.state
    const at = order.indexOf(id) + by
    if (at < 0 || at >= order.size) return null
    const ahead = by < 0 ? order.get(at)! : order.get(at + 1)
    const rank = ahead ? rankBefore(ahead) : `${job.state.steps.get(order.last()!)!.rank}U`
    return whyNot(job.record('step-reordered', { step: id, rank }))
  }

  /** Records the step in hand, or writes anew the one that is being amended; returns why not, when it cannot be. */
  function record(): string | null {
    takeLine()
    if (isEmpty.value) return 'Take a photo, touch what comes off, or write it on the line.'
    const done = plain(captured.value.step)
    if (amends.value) {
      const refusal = job.record('step-amended', { step: done })
      if (refusal) return whyNot(refusal)
      leaveAmend()
      return null
    }
    const posture = job.standing.posture
    const live = mayBeLive(done.zone) && done.moves.length > 0 && !job.standing.isolated.includes('power')
    const refusal = job.record('step-recorded', {
      step: { ...done, ...(posture !== 'upright' && { posture }), ...(live && { live }) },
    })
    if (refusal) return whyNot(refusal)
    if (before.value && job.state.steps.has(before.value))
      job.record('step-reordered', { step: done.id, rank: rankBefore(before.value) })
    before.value = null
    takeUp({ step: emptyStep(done.zone), move: null })
    keep()
    return null
  }

  return {
    step,
    move,
    line,
    parsed,
    glyph,
    photo,
    shot,
    closeUps,
    amends,
    before,
    isEmpty,
    next,
    cellFor,
    write,
    takeLine,
    load,
    setZone,
    addPhoto,
    clearer,
    removePhoto,
    tapAt,
    drawAlong,
    beginMove,
    retell,
    retellAs,
    removeMark,
    shiftMark,
    retype,
    removePoint,
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
