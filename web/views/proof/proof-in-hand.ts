import { goBackTo, prove, says, switchOver, together, withdrawAgain } from '@dialytica/core/acts'
import { beforeSwitch } from '@dialytica/core/laws'
import { stillOwed } from '@dialytica/core/ledger'
import { entriesOf, whyNot, type Photo } from '@dialytica/core/log'
import { isDone, leadsBack, proofOf, unproved, workOf, type LeadsBack, type ProofEntry } from '@dialytica/core/proof'
import { list, say, text } from '@dialytica/core/words'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { done as chime } from '../../devices/signals.ts'
import { useCamera } from '../../stores/camera.ts'
import { useJob } from '../../stores/job.ts'
import { toJob } from '../../ways.ts'

/** What an entry is known by, as long as the proof is the same. */
const keyOf = (e: ProofEntry): string =>
  e.does === 'try' ? e.trial.id : e.does === 'switch' ? `${e.what} ${e.on}` : `fit ${e.steps[0]}`

/** So many things that come first are named. */
const most = 3

/** The proof of the job, the entry of it in hand, and what the hand does with that. */
export function useProofInHand() {
  const job = useJob()
  const router = useRouter()
  const camera = useCamera()
  const proof = computed(() => proofOf(job.state, job.family, job.planned))
  const entries = computed(() => proof.value.entries)
  const asked = ref<string | null>(null)
  const problem = ref('')
  const next = computed(() => entries.value.findIndex(e => !isDone(e)))
  const index = computed(() => {
    const own = entries.value.findIndex(e => keyOf(e) === asked.value)
    return own >= 0 ? own : next.value >= 0 ? next.value : entries.value.length - 1
  })
  const entry = computed<ProofEntry | undefined>(() => entries.value[index.value])
  const trial = computed(() => (entry.value?.does === 'try' ? entry.value.trial : undefined))
  const key = computed(() => entry.value && keyOf(entry.value))
  /** What stands between the hand and the entry that it went ahead to: water, the plug or a cover comes first. */
  const first = computed(() =>
    next.value < 0 ? undefined : entries.value.slice(next.value, index.value).find(e => e.does !== 'try'),
  )
  const left = computed(() => unproved(proof.value).length)
  const tell = (refusal: string | null) => void (problem.value = refusal ?? '')
  function goTo(i: number): void {
    const to = entries.value[Math.max(0, Math.min(entries.value.length - 1, i))]
    if (to) asked.value = keyOf(to)
    problem.value = ''
  }
  function said(refusal: string | null): void {
    tell(refusal)
    if (refusal) return
    chime()
    asked.value = null
  }

  /** Seen as it should be; with the reading, where one is taken. */
  function pass(reading?: number): void {
    if (!trial.value || job.isFixed) return
    const { id, reads } = trial.value
    const told = prove(job.state, { trial: id, result: 'passed' })
    const read = reads && reading !== undefined && says('reading-taken', { of: id, value: reading, unit: reads })
    said(whyNot(job.act(read ? together(read, told) : told)))
  }
  const photos = ref<Photo[]>([])
  watch(key, () => {
    photos.value = []
    problem.value = ''
  })
  /** It failed, with what was seen and where; what it leads back to stands in its place. */
  function fail(seen: string, at?: string): void {
    if (!trial.value || job.isFixed) return
    const { id } = trial.value
    const kept = photos.value.length ? { photos: photos.value } : {}
    tell(whyNot(job.act(prove(job.state, { trial: id, result: 'failed', seen, ...(at && { at }), ...kept }))))
    asked.value = id
    photos.value = []
  }
  function leaveOut(why: string): void {
    if (trial.value && !job.isFixed)
      said(whyNot(job.act(prove(job.state, { trial: trial.value.id, result: 'not done', seen: why }))))
  }
  /** What was told of the trial in hand was not so; the log keeps both. */
  function undo(): void {
    const last = trial.value && entry.value?.does === 'try' && entry.value.result
    const entryId = last ? last.id : entriesOf(job.state, 'proof-done').at(-1)?.id
    if (entryId && !job.isFixed) tell(whyNot(job.act(withdrawAgain(entryId))))
  }
  /** Water or power comes on or off; what is to be fitted is fitted in the return. */
  function doIt(): void {
    const at = entry.value
    if (!at || job.isFixed) return
    if (at.does === 'switch') {
      const open = at.on ? beforeSwitch(job.state, job.family, at.what) : []
      if (open.length) tell(text(say`First: ${list(open.slice(0, most).map(o => stillOwed(o.debt)))}`))
      else said(whyNot(job.act(switchOver(job.state, job.planned, at))))
    }
    if (at.does === 'fit') void router.push(toJob(job.id, 'return', at.steps[0]))
  }

  const failed = computed(() => {
    const at = entry.value
    return at?.does === 'try' && at.result?.body.result === 'failed' ? at.result : null
  })
  const back = computed<LeadsBack | null>(() =>
    failed.value && trial.value
      ? leadsBack(job.state, job.family, job.planned, trial.value, workOf(job.state, job.family), failed.value.body.at)
      : null,
  )
  async function open(suspect: LeadsBack['suspects'][number]): Promise<void> {
    const why = `proof failed: ${failed.value?.body.seen ?? ''}`.slice(0, 500)
    const refusal = whyNot(job.act(goBackTo(job.planned, suspect, why)))
    tell(refusal)
    if (!refusal) await router.push(toJob(job.id, 'return', suspect.step))
  }

  function shoot(): void {
    const step = trial.value?.because[0]?.step
    if (job.isFixed) return
    camera.ask({
      kind: 'proof',
      words: 'Photograph where it was seen.',
      async simulated() {
        const { viewOf } = await import('../../devices/away.ts')
        return viewOf(job.state, job.family, step?.zone)
      },
      keep: photo => void (photos.value = [...photos.value, photo]),
    })
  }
  return {
    proof,
    entries,
    index,
    entry,
    trial,
    key,
    first,
    left,
    failed,
    back,
    photos,
    problem: computed(() => problem.value || camera.problem('proof') || ''),
    busy: computed(() => camera.isBusy('proof')),
    goTo,
    pass,
    fail,
    leaveOut,
    undo,
    doIt,
    open,
    shoot,
  }
}
