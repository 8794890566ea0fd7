<script setup lang="ts">
import { pause as pausing } from '@dialytica/core/acts'
import { whyNot } from '@dialytica/core/log'
import { NButton, NInput } from 'naive-ui'
import { computed, ref } from 'vue'
import { useJob } from '../stores/job.ts'
import Problem from './Problem.vue'

/** The job pauses: what it waits for, and when that is due. */
const job = useJob()
const asking = ref(false)
const what = ref('')
const days = ref<number | null>(null)
const problem = ref('')
const choices = [
  [1, 'tomorrow'],
  [2, '2 days'],
  [4, '4 days'],
  [7, 'a week'],
  [14, '2 weeks'],
] as const
const waits = computed(() => job.state.phase.waitsFor)

function pause(): void {
  if (!what.value.trim()) {
    problem.value = 'Say what it waits for: a part, a decision, a second person.'
    return
  }
  problem.value = whyNot(job.act(pausing(job.state, what.value.trim(), days.value, new Date()))) ?? ''
  if (problem.value) return
  asking.value = false
  what.value = ''
}
</script>

<template>
  <section class="pausing" aria-label="Pause">
    <NButton v-if="!asking" @click="asking = true">
      {{ waits ? 'Waits for something else' : 'Pause this job' }}
    </NButton>
    <form v-else @submit.prevent="pause">
      <NInput
        v-model:value="what"
        placeholder="drain pump, long stub"
        :input-props="{ 'aria-label': 'What it waits for', autocomplete: 'off' }"
      />
      <div class="row" role="group" aria-label="When it is due">
        <NButton
          v-for="[n, words] in choices"
          :key="n"
          :aria-pressed="days === n"
          @click="days = days === n ? null : n"
        >
          {{ words }}
        </NButton>
      </div>
      <div class="row">
        <NButton type="primary" attr-type="submit">Pause</NButton>
        <NButton @click="asking = false">Leave it</NButton>
      </div>
      <Problem :says="problem" />
    </form>
  </section>
</template>

<style scoped>
form {
  display: grid;
  gap: 8px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
