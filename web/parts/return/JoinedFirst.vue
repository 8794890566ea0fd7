<script setup lang="ts">
import { tellJoined } from '@dialytica/core/acts'
import { whyNot } from '@dialytica/core/log'
import { subject } from '@dialytica/core/moves'
import { joinedFirst, type ReturnStep } from '@dialytica/core/plan'
import { bare, text } from '@dialytica/core/words'
import { Check } from '@lucide/vue'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useJob } from '../../stores/job.ts'
import { toStep } from '../../ways.ts'
import Problem from '../Problem.vue'

/** Asked once before a part goes on that was unfastened from another side: is any of that joined to it on the bench? */
const props = defineProps<{ r: ReturnStep }>()
const job = useJob()
const router = useRouter()
const asked = computed(() => joinedFirst(job.state, job.planned.assembly, props.r))
const chosen = ref<string[]>([])
const problem = ref('')
watch(
  () => props.r.step.id,
  () => (chosen.value = []),
)
const nameOf = ({ step, move }: { step: string; move: string }) => {
  const found = job.state.steps.get(step)?.moves.find(m => m.id === move)
  return found ? text(subject(found)) : ''
}
function toggle(move: string): void {
  chosen.value = chosen.value.includes(move) ? chosen.value.filter(m => m !== move) : [...chosen.value, move]
}
function say(moves: readonly string[]): void {
  const { part, may } = asked.value!
  problem.value = whyNot(job.act(tellJoined(part, moves))) ?? ''
  // What is joined on the bench comes first now.
  const first = may.find(m => moves.includes(m.move))
  if (!problem.value && first) void router.replace(toStep(first.step))
}
</script>

<template>
  <div v-if="asked" class="joined" role="group" aria-label="Joined first">
    <p>
      <b>The {{ bare(asked.name) }} goes on once.</b> Is any of this joined to it on the bench, before that?
    </p>
    <NButton
      v-for="m in asked.may"
      :key="m.move"
      :aria-pressed="chosen.includes(m.move)"
      @click="asked.may.length === 1 ? say([m.move]) : toggle(m.move)"
    >
      <Check v-if="chosen.includes(m.move)" />{{ nameOf(m) }}
    </NButton>
    <NButton v-if="chosen.length" type="primary" @click="say(chosen)">Joined first</NButton>
    <NButton v-else @click="say([])">Nothing</NButton>
    <Problem :says="problem" />
  </div>
</template>

<style scoped>
.joined {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding: 8px 10px;
  border-left: 6px solid var(--caution);
  background: var(--caution-wash);
  line-height: 1.2;
}
p {
  width: 100%;
}
.joined .n-button {
  font-size: 16px;
  padding: 0 10px;
  --n-color: var(--sheet);
}
</style>
