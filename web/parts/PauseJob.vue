<script setup lang="ts">
import { pause as pausing } from '@dialytica/core/acts'
import { whyNot } from '@dialytica/core/log'
import { NInput } from 'naive-ui'
import { computed, ref } from 'vue'
import { useJob } from '../stores/job.ts'

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
    <button v-if="!asking" class="btn" type="button" @click="asking = true">
      {{ waits ? 'Waits for something else' : 'Pause this job' }}
    </button>
    <form v-else @submit.prevent="pause">
      <NInput
        v-model:value="what"
        placeholder="drain pump, long stub"
        :input-props="{ 'aria-label': 'What it waits for', autocomplete: 'off' }"
      />
      <div class="row" role="group" aria-label="When it is due">
        <button
          v-for="[n, words] in choices"
          :key="n"
          class="btn"
          type="button"
          :aria-pressed="days === n"
          @click="days = days === n ? null : n"
        >
          {{ words }}
        </button>
      </div>
      <div class="row">
        <button class="btn go" type="submit">Pause</button>
        <button class="btn" type="button" @click="asking = false">Leave it</button>
      </div>
      <p v-if="problem" class="note danger" role="alert">{{ problem }}</p>
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
