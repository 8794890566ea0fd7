<script setup lang="ts">
import { whyNot } from '@dialytica/core/log'
import { NButton, NInput } from 'naive-ui'
import { v4 } from 'uuid'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { useJob } from '../../stores/job.ts'
import { toJob } from '../../ways.ts'
import Problem from '../Problem.vue'

/** A closed machine comes back: a new job on it, joined to the first. */
const job = useJob()
const router = useRouter()
const asking = ref(false)
const complaint = ref('')
const problem = ref('')

async function open(): Promise<void> {
  if (!complaint.value.trim()) {
    problem.value = 'Say what it does now.'
    return
  }
  const [id, first] = [v4(), job.id!]
  const { unit, family, plate } = job.state.opened!
  await job.open(id, true)
  const refusal = job.says('job-opened', {
    unit,
    family,
    plate,
    complaint: complaint.value.trim(),
    callBackOf: first,
  })
  problem.value = whyNot(refusal) ?? ''
  if (!refusal) await router.push(toJob(id, 'intake'))
}
</script>

<template>
  <div>
    <NButton v-if="!asking" @click="asking = true">It came back: open a call-back</NButton>
    <form v-else @submit.prevent="open">
      <NInput
        v-model:value="complaint"
        placeholder="what it does now"
        :input-props="{ 'aria-label': 'What it does now', autocomplete: 'off' }"
      />
      <NButton type="primary" attr-type="submit">Open the call-back</NButton>
      <NButton @click="asking = false">Leave it</NButton>
    </form>
    <Problem :says="problem" />
  </div>
</template>

<style scoped>
form {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
