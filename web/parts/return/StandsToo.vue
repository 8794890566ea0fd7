<script setup lang="ts">
import { allowPosture } from '@dialytica/core/acts'
import { whyNot } from '@dialytica/core/log'
import { act } from '@dialytica/core/moves'
import { turnedFor, type ReturnStep } from '@dialytica/core/plan'
import { text } from '@dialytica/core/words'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import { useJob } from '../../stores/job.ts'
import Problem from '../Problem.vue'

/** What a turn of the machine is for; where that can be done as it stands, somebody says so, and the plan turns less. */
const props = defineProps<{ r: ReturnStep; index: number; fixed: boolean }>()
const job = useJob()
const problem = ref('')
const next = computed(() => turnedFor(job.plan, props.index))
const what = computed(() => (next.value?.moves[0] ? text(act(next.value.moves[0].move)) : ''))
function allow(): void {
  const { turn } = props.r
  if (turn && next.value) problem.value = whyNot(job.act(allowPosture(next.value.step.id, turn.from))) ?? ''
}
</script>

<template>
  <div v-if="r.turn && r.turn.from !== r.turn.to && next" class="too">
    <p><span class="soft">It is turned for this:</span> {{ what }}</p>
    <NButton v-if="!fixed" @click="allow">That goes {{ r.turn.from }} too</NButton>
    <Problem :says="problem" />
  </div>
</template>

<style scoped>
.too {
  display: grid;
  justify-items: start;
  gap: 6px;
  line-height: 1.25;
}
</style>
