<script setup lang="ts">
import { openAgain } from '@dialytica/core/acts'
import { whyNot } from '@dialytica/core/log'
import { reopening } from '@dialytica/core/plan'
import { NButton, NInput } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useJob } from '../../stores/job.ts'
import Problem from '../Problem.vue'

/** Opens a step of the return again, and everything that was fitted after it: the debts are given back and the rest is planned anew. */
const props = defineProps<{ step: string }>()
const job = useJob()
const asking = ref(false)
const why = ref('')
const problem = ref('')
const steps = computed(() => reopening(job.plan, props.step))
watch(
  () => props.step,
  () => (asking.value = false),
)
const said = computed(() =>
  steps.value.length === 1 ? 'Open this step again' : `Open ${steps.value.length} steps again, back to this one`,
)
function open(): void {
  if (!why.value.trim()) {
    problem.value = 'Say why it is opened again: it stays in the record.'
    return
  }
  problem.value = whyNot(job.act(openAgain(steps.value, why.value.trim()))) ?? ''
  if (problem.value) return
  asking.value = false
  why.value = ''
}
</script>

<template>
  <div v-if="steps.length" class="again">
    <NButton v-if="!asking" @click="asking = true">{{ said }}</NButton>
    <form v-else @submit.prevent="open">
      <NInput
        v-model:value="why"
        placeholder="the loom rubs on the rotor"
        :input-props="{ 'aria-label': 'Why it is opened again' }"
      />
      <NButton type="error" attr-type="submit">{{ said }}</NButton>
      <NButton @click="asking = false">Leave it</NButton>
    </form>
    <Problem :says="problem" />
  </div>
</template>

<style scoped>
form {
  display: grid;
  gap: 8px;
  justify-items: start;
}
</style>
