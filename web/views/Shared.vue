<script setup lang="ts">
import { addressOf, calls, type ProblemDocument } from '@dialytica/core/wire'
import { NButton, NInput } from 'naive-ui'
import { onUnmounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import Problem from '../parts/Problem.vue'

/** The page for a customer, by its link and the code that was told with it; no account. */
const route = useRoute()
const code = ref('')
const page = ref('')
const problem = ref('')
const busy = ref(false)
async function open(): Promise<void> {
  busy.value = true
  problem.value = ''
  const reply = await fetch(addressOf(calls.shared), {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ link: route.params.link, code: code.value.trim() }),
  }).catch(() => null)
  if (reply?.ok) page.value = URL.createObjectURL(await reply.blob())
  else {
    const told = (await reply?.json().catch(() => null)) as ProblemDocument | null
    problem.value = told ? `${told.title}. ${told.detail}` : 'The workshop does not answer: try again later.'
  }
  busy.value = false
}
onUnmounted(() => page.value && URL.revokeObjectURL(page.value))
</script>

<template>
  <main class="shared">
    <h1>Your washer</h1>
    <template v-if="page">
      <p>Here is what was done, as one page.</p>
      <NButton tag="a" type="primary" size="large" :href="page" download="repair.pdf">Save the page (PDF)</NButton>
      <NButton tag="a" size="large" :href="page" target="_blank" rel="noopener">Open it</NButton>
    </template>
    <form v-else @submit.prevent="open">
      <label for="code">The code that you were told</label>
      <NInput
        v-model:value="code"
        size="large"
        :input-props="{ id: 'code', inputmode: 'numeric', autocomplete: 'one-time-code' }"
      />
      <NButton type="primary" size="large" attr-type="submit" :disabled="busy || !code.trim()">Show the page</NButton>
      <Problem :says="problem" />
    </form>
  </main>
</template>

<style scoped>
.shared {
  display: grid;
  gap: 16px;
  justify-items: start;
  align-content: center;
  width: min(520px, 100%);
  min-height: 100%;
  margin: 0 auto;
  padding: 32px 24px;
  font-size: 18px;
}
h1 {
  font-size: 36px;
}
form {
  display: grid;
  gap: 12px;
  width: 100%;
}
</style>
