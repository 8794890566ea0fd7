<script setup lang="ts">
import { whyNot } from '@dialytica/core/log'
import { NInput } from 'naive-ui'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { v4 } from 'uuid'
import { useJob } from '../../stores/job.ts'
import { toJob } from '../../ways.ts'

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
    <button v-if="!asking" class="btn" type="button" @click="asking = true">It came back: open a call-back</button>
    <form v-else @submit.prevent="open">
      <NInput
        v-model:value="complaint"
        placeholder="what it does now"
        :input-props="{ 'aria-label': 'What it does now', autocomplete: 'off' }"
      />
      <button class="btn go" type="submit">Open the call-back</button>
      <button class="btn" type="button" @click="asking = false">Leave it</button>
    </form>
    <p v-if="problem" class="note danger" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
form {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
