import { says, withdrawAgain, type Act } from '@dialytica/core/acts'
import { entriesOf, whyNot, type BodyOf } from '@dialytica/core/log'
import {
  table,
  toldBy,
  type Belief,
  type KeptCode,
  type Outlook,
  type outlookOf,
  type School,
  type Solved,
} from '@dialytica/core/triage'
import { calls } from '@dialytica/core/wire'
import { defineStore } from 'pinia'
import { computed, shallowRef, watch } from 'vue'
import { askOrRecall, recall } from '../data/kept.ts'
import { inWorker } from '../workers/in-worker.ts'
import { useJob } from './job.ts'
import { useSettings } from './settings.ts'

const look = inWorker<Parameters<typeof outlookOf>, Outlook>(
  () => new Worker(new URL('../workers/outlook.ts', import.meta.url), { type: 'module' }),
)
/** How sure somebody is who told the cause. */
const toldShare = 0.95
type Code = KeptCode & { at: string }

/** The search for the cause in the job in hand: what is known, what it can be, what comes next; worked out in a worker after each word. */
export const useTriage = defineStore('triage', () => {
  const job = useJob()
  const settings = useSettings()
  const solved = shallowRef<readonly (Solved & { job: string })[]>([])
  const codes = shallowRef<readonly Code[]>([])
  const outlook = shallowRef<Outlook | null>(null)
  const problem = shallowRef('')

  const ownCodes = computed(() => entriesOf(job.state, 'code-kept').map(({ at, body }): Code => ({ at, ...body })))
  const known = computed(() => {
    const all = [...codes.value, ...ownCodes.value].sort((a, b) => (a.at < b.at ? -1 : 1))
    return [...new Map(all.map(c => [c.code, c])).values()].filter(c => c.says || c.circuit)
  })
  const told = computed(() => toldBy(job.state, table.findings, known.value))
  const school = computed<School>(() => (settings.all.school === 'swap first' ? 'swap first' : 'test first'))
  const asked = computed(() => ({
    family: job.family,
    model: job.card?.model.id,
    evidence: told.value.evidence,
    stands: { open: job.stance.open, power: !job.stance.isolated.includes('power') },
    school: school.value,
  }))
  /** What is asked, as one value: recorded steps that tell nothing of it ask nothing anew. */
  const question = computed(() => JSON.stringify(asked.value))
  const others = computed(() => solved.value.filter(s => s.job !== job.id))
  /** True where nothing was told yet that says anything. */
  const isBlank = computed(() => {
    const { told: so, not, checked, circuit } = told.value.evidence
    return so.length + not.length + checked.length === 0 && !circuit
  })
  watch(
    [question, others],
    async ([key, taught]) => {
      if (typeof Worker === 'undefined') return
      const found = await look({ ...(JSON.parse(key) as typeof asked.value), solved: taught }).catch((why: Error) => {
        problem.value = why.message
        return null
      })
      if (key === question.value && taught === others.value) outlook.value = found
    },
    { immediate: true },
  )
  /** The cause that was told, else the likeliest with its share; null while nothing is known of it. */
  const suspect = computed<Belief | null>(() => {
    const cause = table.causes.find(c => c.id === told.value.cause?.cause)
    if (cause) return { cause, share: toldShare }
    return isBlank.value ? null : (outlook.value?.held.find(b => b.cause) ?? null)
  })

  async function load(): Promise<void> {
    void settings.load()
    solved.value = (await recall<typeof solved.value>('solved')) ?? []
    solved.value = (await askOrRecall('solved', calls.solved, {}).catch(() => solved.value)) as typeof solved.value
    const model = job.card?.model.id
    if (!model) return
    codes.value = (await recall<Code[]>(`codes ${model}`)) ?? []
    codes.value = await askOrRecall(`codes ${model}`, calls.codes, { params: { model } }).catch(() => codes.value)
  }
  const tell = (refusal: ReturnType<typeof job.act>): string | null => whyNot(refusal)
  /** Each says why not. */
  const finds = (finding: string, how: BodyOf<'finding-told'>['how']) =>
    tell(job.says('finding-told', { finding, how }))
  const checks = (check: string, result: BodyOf<'trouble-checked'>['result']) =>
    tell(job.says('trouble-checked', { check, result }))
  /** The act that tells a cause: it is it, with what had been told and done by then, or it was put right and was not it. */
  const tellsCause = (cause: string, is: boolean): Act =>
    says('cause-told', {
      cause,
      is,
      ...(is && {
        told: told.value.unasked,
        did: told.value.did.map(({ entry: _, ...did }) => did),
      }),
    })
  const causeIs = (cause: string, is: boolean) => tell(job.act(tellsCause(cause, is)))
  const takeBack = (entry: string) => tell(job.act(withdrawAgain(entry)))
  const keepCode = (code: KeptCode) => tell(job.says('code-kept', code))
  return {
    solved,
    suspect,
    outlook,
    problem,
    told,
    known,
    school,
    isBlank,
    load,
    finds,
    checks,
    causeIs,
    tellsCause,
    takeBack,
    keepCode,
    settings,
  }
})
