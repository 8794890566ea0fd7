<script setup lang="ts">
import { readRecord } from '@dialytica/core/record'
import { calls } from '@dialytica/core/wire'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ApiError } from '../data/api.ts'
import { toJob } from '../ways.ts'
import FilePick from './FilePick.vue'
import Problem from './Problem.vue'

/** Takes in the record of a job from a file: held against its form here, then made a job of this shop. */
const router = useRouter()
const busy = ref(false)
const problems = ref<string[]>([])

async function take([file]: readonly File[]): Promise<void> {
  if (!file) return
  busy.value = true
  problems.value = []
  try {
    const text = await file.text()
    const read = readRecord(text)
    if (!read.ok) problems.value = read.problems.slice(0, 6).map(p => p.message)
    else {
      const { job } = await api(calls.recordIn, { body: JSON.parse(text) as object })
      await router.push(toJob(job, 'valley'))
    }
  } catch (error) {
    problems.value = [
      (error as Error).message,
      ...(error instanceof ApiError ? (error.problem.problems ?? []).map(p => p.message) : []),
    ]
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div class="take-in">
    <FilePick accept="application/json,.json" :disabled="busy" @pick="take">Take in a job (JSON)</FilePick>
    <Problem v-if="problems.length">
      <ul>
        <li v-for="p in problems" :key="p">{{ p }}</li>
      </ul>
    </Problem>
  </div>
</template>

<style scoped>
.take-in {
  padding: 12px 20px;
  display: grid;
  gap: 8px;
  justify-items: start;
}
.take-in li {
  overflow-wrap: anywhere;
}
</style>
