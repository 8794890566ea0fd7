<script setup lang="ts">
import { goesOver } from '@dialytica/core/acts'
import { sitsOn } from '@dialytica/core/assembly'
import { whyNot } from '@dialytica/core/log'
import type { ReturnStep } from '@dialytica/core/plan'
import { bare } from '@dialytica/core/words'
import { Check } from '@lucide/vue'
import { NButton } from 'naive-ui'
import { v4 } from 'uuid'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useJob } from '../../stores/job.ts'
import { toStep } from '../../ways.ts'
import Problem from '../Problem.vue'

/** A part is replaced on the way back: what is still on the old one, so that it does not go into the bin with it. */
const props = defineProps<{ r: ReturnStep; part: { id: string; name: string } }>()
const emit = defineEmits<{ done: [owes: boolean] }>()
const job = useJob()
const router = useRouter()
const options = computed(() => sitsOn(props.part.name))
const chosen = ref<string[]>([])
const problem = ref('')
function toggle(thing: string): void {
  chosen.value = chosen.value.includes(thing) ? chosen.value.filter(t => t !== thing) : [...chosen.value, thing]
}
function say(): void {
  const ids = [v4(), ...chosen.value.map(() => v4())]
  problem.value = whyNot(job.act(goesOver(job.state, props.r, props.part, chosen.value, ids))) ?? ''
  if (problem.value) return
  emit('done', chosen.value.length > 0)
  // What goes over comes first now.
  if (chosen.value.length) void router.replace(toStep(ids[0]))
}
</script>

<template>
  <div class="over" role="group" aria-label="What is on the old one">
    <p>
      <b>What is on the old {{ bare(part.name) }}?</b> It goes over before the new one goes on.
    </p>
    <NButton v-for="thing in options" :key="thing" :aria-pressed="chosen.includes(thing)" @click="toggle(thing)">
      <Check v-if="chosen.includes(thing)" />{{ thing }}
    </NButton>
    <NButton type="primary" @click="say">{{ chosen.length ? 'It goes over' : 'Nothing' }}</NButton>
    <Problem :says="problem" />
  </div>
</template>

<style scoped>
.over {
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
.over .n-button:not(.n-button--primary-type) {
  --n-color: var(--sheet);
}
</style>
