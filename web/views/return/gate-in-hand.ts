import { isPassed, passGate } from '@dialytica/core/acts'
import { whyNot } from '@dialytica/core/log'
import { beforeCover, proofOf } from '@dialytica/core/proof'
import { beforeTurn, doubts, reachLeft, shutIn, type ReturnStep } from '@dialytica/core/plan'
import { computed, ref, watch, type ComputedRef } from 'vue'
import { gate as alarm } from '../../devices/signals.ts'
import { useJob } from '../../stores/job.ts'

/** So many steps ahead of its gate a thing is said to be nearly out of reach. */
const near = 4

/** The gate that comes next, whether it holds the hand, and what is counted out before it is passed. */
export function useGateInHand(r: ComputedRef<ReturnStep | undefined>, index: ComputedRef<number>) {
  const job = useJob()
  const gate = computed(() => job.gatesAhead.find(g => g.at >= index.value && !g.closed))
  const ahead = computed(() => (gate.value ? gate.value.at - index.value : 0))
  const passed = computed(() => isPassed(job.state, r.value?.step.id))
  /** What has to be seen to before this step turns the machine, or closes over what may lie behind it. */
  const needs = computed(() => {
    const { turn, step, owes } = r.value ?? {}
    if (!owes) return []
    if (turn) return beforeTurn(job.state, job.family, turn.to, step!.id, job.planned.assembly)
    return gate.value?.at === index.value ? doubts(job.state, gate.value) : []
  })
  /** This step closes over something that is still owed, brings water or power on over it, or turns the machine before something was seen to. */
  const held = computed(
    () =>
      gate.value?.at === index.value &&
      (gate.value.behind.length > 0 || needs.value.length > 0) &&
      !passed.value &&
      (r.value?.owes ?? 0) > 0,
  )
  watch(held, now => now && alarm(), { immediate: true })
  /** What was passed over and goes out of reach within a few steps. */
  const nearly = computed(() =>
    reachLeft(job.gatesAhead, job.plan, index.value).filter(
      x => x.steps > 0 && x.steps <= near && x.debt.step !== r.value?.step.id,
    ),
  )
  const shut = computed(() => shutIn(job.gatesAhead))

  /** What is to be seen before this step puts a cover over it: the proof asks for it while it is off. */
  const unseen = computed(() =>
    gate.value?.at === index.value && gate.value.zones.length > 0 && (r.value?.owes ?? 0) > 0 && !job.isFixed
      ? beforeCover(proofOf(job.state, job.family, job.planned), gate.value.step)
      : [],
  )

  const counted = ref<string[]>([])
  watch(
    () => gate.value?.step,
    () => (counted.value = []),
  )
  function count(name: string): void {
    counted.value = counted.value.includes(name) ? counted.value.filter(n => n !== name) : [...counted.value, name]
  }
  /** Records that the gate of the step in hand is passed; returns why not. */
  function pass(reason?: string): string | null {
    const at = gate.value
    return at?.at === index.value ? whyNot(job.act(passGate(at, counted.value, reason))) : null
  }
  /** Before the first piece of a step that closes a zone: the gate is passed clean. */
  function passClean(): void {
    if (needs.value.length === 0 && gate.value?.at === index.value && !passed.value && gate.value.behind.length === 0)
      pass()
  }
  /** True when something is still owed behind the gate of the step in hand. */
  const behind = computed(() => gate.value?.at === index.value && gate.value.behind.length > 0)
  return { gate, ahead, held, unseen, needs, behind, nearly, shut, counted, count, pass, passClean }
}
