<script setup lang="ts">
import { whyNot, type StepState } from '@dialytica/core/log'
import { ArrowDown, ArrowUp } from '@lucide/vue'
import { NButton, NInput } from 'naive-ui'
import { ref } from 'vue'
import { useDraft } from '../../stores/draft.ts'
import { useJob } from '../../stores/job.ts'
import PhotoStrip from '../PhotoStrip.vue'
import Problem from '../Problem.vue'
import StepAsRecorded from '../StepAsRecorded.vue'

/** An earlier step: read it, write it anew, put another before it, change its place, strike it with a reason. */
const props = defineProps<{ step: StepState; number: number; fixed: boolean; photo: string | undefined }>()
const emit = defineEmits<{ leave: []; show: [hash: string] }>()
const job = useJob()
const draft = useDraft()
const striking = ref(false)
const reason = ref('')
const problem = ref('')

function amend(): void {
  draft.amend(props.step)
  emit('leave')
}
function insert(): void {
  draft.insertBefore(props.step.id)
  emit('leave')
}
const reorder = (by: -1 | 1) => (problem.value = draft.reorder(props.step.id, by) ?? '')
function strike(): void {
  if (!reason.value.trim()) {
    problem.value = 'Say why it is struck: it stays in the record.'
    return
  }
  const refusal = job.says('step-struck', { step: props.step.id, reason: reason.value.trim() })
  problem.value = whyNot(refusal) ?? ''
  if (!refusal) emit('leave')
}
</script>

<template>
  <PhotoStrip
    v-if="step.photos.length > 1"
    :photos="step.photos"
    :shown="photo ?? null"
    :held="true"
    :framing="false"
    fixed
    @show="emit('show', $event)"
  />
  <div class="earlier">
    <StepAsRecorded :step="step" :number="number" />
    <div v-if="!fixed" class="acts" role="group" aria-label="This step">
      <template v-if="striking">
        <NInput
          v-model:value="reason"
          class="reason"
          placeholder="why it is struck"
          :input-props="{ 'aria-label': 'Why it is struck' }"
          @keydown.enter.prevent="strike"
        />
        <NButton @click="strike">Strike step {{ number }}</NButton>
        <NButton @click="striking = false">Keep it</NButton>
      </template>
      <template v-else>
        <NButton @click="amend">Amend</NButton>
        <NButton @click="insert">Step before it</NButton>
        <NButton :disabled="number === 1" aria-label="One place earlier" @click="reorder(-1)"
          ><ArrowUp />earlier</NButton
        >
        <NButton :disabled="number === job.state.order.size" aria-label="One place later" @click="reorder(1)">
          <ArrowDown />later
        </NButton>
        <NButton @click="striking = true">Strike</NButton>
      </template>
    </div>
    <Problem :says="problem" />
  </div>
</template>

<style scoped>
.earlier {
  display: grid;
  gap: 8px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.reason {
  width: 300px;
}
</style>
