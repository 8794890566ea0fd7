<script setup lang="ts">
import { whyNot } from '@dialytica/core/log'
import { act, invert } from '@dialytica/core/moves'
import { nested, text } from '@dialytica/core/words'
import { X } from '@lucide/vue'
import { NButton, NInput } from 'naive-ui'
import { computed, ref } from 'vue'
import { useJob } from '../stores/job.ts'
import Problem from './Problem.vue'

/** This before that, on the way back: two tiles of the Valley are touched, and why is said. */
const picked = defineModel<string[] | null>({ required: true })
const job = useJob()
const reason = ref('')
const problem = ref('')
const words = (id: string) => {
  const move = job.state.steps.get(id)?.moves.at(-1)
  return move ? text(nested(act(invert(move)))) : 'a step'
}
const said = computed(() => [...job.state.constraints].map(([id, { body }]) => ({ id, ...body })))
function say(): void {
  const [first, then] = picked.value ?? []
  if (!first || !then) return
  if (!reason.value.trim()) {
    problem.value = 'Say why: it stays in the record, and it is shown on the way back.'
    return
  }
  problem.value = whyNot(job.says('constraint-added', { first, then, reason: reason.value.trim() })) ?? ''
  if (problem.value) return
  reason.value = ''
  picked.value = null
}
const withdraw = (constraint: string) => job.says('constraint-withdrawn', { constraint, reason: 'not so' })
</script>

<template>
  <section class="say" aria-label="This before that">
    <NButton v-if="!picked" @click="picked = []">This before that</NButton>
    <template v-else>
      <p v-if="picked.length < 2" role="status">
        {{
          picked.length
            ? `${words(picked[0]!)} first. Now touch what comes after it.`
            : 'Touch what must come first on the way back.'
        }}
        <NButton @click="picked = null">Leave it</NButton>
      </p>
      <form v-else @submit.prevent="say">
        <p>
          <b>{{ words(picked[0]!) }}</b> before <b>{{ words(picked[1]!) }}</b>
        </p>
        <NInput v-model:value="reason" placeholder="why" :input-props="{ 'aria-label': 'Why it comes first' }" />
        <NButton type="primary" attr-type="submit">Say so</NButton>
        <NButton @click="picked = null">Leave it</NButton>
      </form>
      <Problem :says="problem" />
    </template>
    <ul v-if="said.length" aria-label="Said">
      <li v-for="c in said" :key="c.id">
        {{ words(c.first) }} before {{ words(c.then).toLowerCase() }}: {{ c.reason }}
        <NButton :aria-label="`Withdraw: ${c.reason}`" @click="withdraw(c.id)"><X /></NButton>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.say,
form {
  display: grid;
  gap: 8px;
  justify-items: start;
}
.say {
  margin-top: 12px;
}
li {
  display: flex;
  align-items: center;
  gap: 10px;
  line-height: 1.2;
}
</style>
