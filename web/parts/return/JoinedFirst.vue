<script setup lang="ts">
import { tellJoined } from '@dialytica/core/acts'
import { whyNot } from '@dialytica/core/log'
import { subject } from '@dialytica/core/moves'
import { joinedFirst, type ReturnStep } from '@dialytica/core/plan'
import { bare, text } from '@dialytica/core/words'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useJob } from '../../stores/job.ts'
import { toStep } from '../../ways.ts'
import AskOnce from './AskOnce.vue'

/** Asked once before a part goes on that was unfastened from another side: is any of that joined to it on the bench? */
const props = defineProps<{ r: ReturnStep }>()
const job = useJob()
const router = useRouter()
const asked = computed(() => joinedFirst(job.state, job.planned.assembly, props.r))
const problem = ref('')
const options = computed(() =>
  (asked.value?.may ?? []).flatMap(({ step, move }) => {
    const found = job.state.steps.get(step)?.moves.find(m => m.id === move)
    return found ? [{ id: move, name: text(subject(found)) }] : []
  }),
)
function say(moves: readonly string[]): void {
  const { part, may } = asked.value!
  problem.value = whyNot(job.act(tellJoined(part, moves))) ?? ''
  // What is joined on the bench comes first now.
  const first = may.find(m => moves.includes(m.move))
  if (!problem.value && first) void router.replace(toStep(first.step))
}
</script>

<template>
  <AskOnce v-if="asked" label="Joined first" :of="options" some="Joined first" :problem="problem" @say="say">
    <b>The {{ bare(asked.name) }} goes on once.</b> Is any of this joined to it on the bench, before that?
  </AskOnce>
</template>
