import { seeTo } from '@dialytica/core/acts'
import { asksNew } from '@dialytica/core/fit'
import { isBack, settledCount, whyNot, type Settlement, type Step } from '@dialytica/core/log'
import { subject } from '@dialytica/core/moves'
import { text } from '@dialytica/core/words'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useCamera } from '../../stores/camera.ts'
import { useJob } from '../../stores/job.ts'
import { useRefit } from '../../stores/refit.ts'
import { toJob } from '../../ways.ts'
import type { useGateInHand } from './gate-in-hand.ts'
import type { useStepInHand } from './step-in-hand.ts'

/** What the hand does with the step of the return in hand: fits the next piece, all of a group, touches a mark, passes the gate, photographs. */
export function useFitting(
  { plan, index, r, goTo, next }: ReturnType<typeof useStepInHand>,
  { gate, held, needs, behind, pass, passClean }: ReturnType<typeof useGateInHand>,
  inside: () => Step | undefined,
) {
  const job = useJob()
  const refit = useRefit()
  const router = useRouter()
  const camera = useCamera()
  const problem = ref('')
  /** It is asked whether the new one or the old one goes on. */
  const askingNew = ref(false)
  watch(
    () => r.value?.step.id,
    () => {
      problem.value = ''
      askingNew.value = false
    },
  )
  const isLast = computed(() => plan.value.every(p => p.owes === 0) && index.value === plan.value.length - 1)
  /** What a gate does to the machine, as it is said when it was done. */
  const done = computed(() => (r.value?.turn ? 'turned' : gate.value?.brings ? 'switched on' : 'closed'))
  const tell = (refusal: string | null) => void (problem.value = refusal ?? '')

  /** What a gate that holds waits for, as the plan has it: the strong action leads there, never over it. */
  const first = computed(() => {
    if (!held.value) return -1
    const open = gate.value?.behind ?? []
    const ids = new Set(open.map(d => d.id))
    return plan.value.findIndex(p => p.owes > 0 && p.debts.some(d => ids.has(d.id)))
  })
  /** The strong action: the next piece, else the next step, else the close. */
  function forth(how?: Settlement): void {
    if (!r.value) return
    const [need] = needs.value
    if (held.value && need && !behind.value) tell(whyNot(job.act(seeTo(r.value.step.id, need))))
    else if (held.value && first.value >= 0) goTo(first.value)
    else if (held.value)
      problem.value = r.value.turn
        ? 'Settle that before the machine is turned, or say why it is turned all the same.'
        : 'Settle what is behind the gate first, or say why it is closed all the same.'
    else if (r.value.owes > 0 && !job.isFixed) {
      if (!how && next.value && !r.value.turn && asksNew(job.state, next.value)) {
        askingNew.value = true
        return
      }
      askingNew.value = false
      passClean()
      tell(refit.fitNext(r.value, how))
    } else if (isLast.value) void router.push(toJob(job.id, job.isFixed ? 'close' : 'proof'))
    else {
      // What is back already is not shown again; a mark to align to, which owes nothing, is.
      const after = plan.value.findIndex((p, i) => i > index.value && (p.owes > 0 || p.debts.length === 0))
      goTo(after < 0 ? index.value + 1 : after)
    }
  }
  function all(): void {
    if (!r.value || !next.value || job.isFixed || held.value || r.value.turn) return
    passClean()
    tell(refit.fitAll(r.value, next.value))
  }
  function tapMark(id: string): void {
    const at = r.value
    const debt = job.state.debts.get(at?.step.marks.find(m => m.id === id)?.move ?? '')
    if (!at || !debt || job.isFixed) return
    if (!isBack(debt, id)) {
      if (held.value) return forth()
      passClean()
    }
    tell(refit.touch(at, id))
  }
  function passGate(reason: string): void {
    if (reason) tell(pass(reason))
    else problem.value = `Say why it is ${done.value} all the same: it stays in the record.`
  }
  const undo = () => tell(refit.undo())

  /** A photo of now stands beside the one of then: of the step in hand, or of what lies behind its gate. */
  function shoot(): void {
    if (!r.value || job.isFixed) return
    const { id: step, zone } = inside() ?? r.value.step
    camera.ask({
      kind: 'now',
      words: 'Photograph the same place as it is now.',
      async simulated() {
        const { viewOf } = await import('../../devices/away.ts')
        return viewOf(job.state, job.family, zone)
      },
      keep: photo => tell(whyNot(job.says('photo-added', { step, photo }))),
    })
  }
  const busy = computed(() => camera.isBusy('now'))

  /** What the strong action does now. */
  const label = computed(() => {
    if (!r.value) return ''
    if (r.value.owes === 0) return isLast.value ? 'Prove the machine' : 'Next step'
    if (held.value && needs.value[0] && !behind.value) return `Seen to: ${text(needs.value[0].thing)}`
    const before = plan.value[first.value]
    if (before) return `First: ${text(subject(before.moves[0]!.move))}`
    if (r.value.turn) return r.value.turn.from === r.value.turn.to ? 'So it stands' : 'Turned'
    const { count } = next.value!
    return count > 1 ? `Fitted ${settledCount(next.value!) + 1} of ${count}` : 'Fitted'
  })
  return {
    askingNew,
    problem: computed(() => problem.value || camera.problem('now') || ''),
    forth,
    all,
    tapMark,
    passGate,
    undo,
    shoot,
    busy,
    label,
  }
}
