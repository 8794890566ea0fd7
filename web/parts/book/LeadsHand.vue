<script setup lang="ts">
import type { Book, HandBody } from '@dialytica/core/book'
import { limits } from '@dialytica/core/schema'
import { NButton, NInput } from 'naive-ui'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import type { HandSaid } from '../../data/book-hand.ts'
import { inShopTime } from '../../data/time.ts'
import { toJob } from '../../ways.ts'
import { handSays } from './hand-words.ts'

/** The recordings that the book is made of, each of which can be withdrawn with its reason, and what leads said, each word with who said it; it can be taken back. */
const props = defineProps<{ book: Book; said: readonly HandSaid[]; may: boolean }>()
const emit = defineEmits<{ say: [body: HandBody] }>()
const withdrawing = ref('')
const reason = ref('')
function withdraw(job: string): void {
  emit('say', { kind: 'withdrawn', job, reason: reason.value.trim() })
  withdrawing.value = ''
  reason.value = ''
}
const standing = computed(() => {
  const gone = new Set(props.said.flatMap(w => (w.body.kind === 'undone' ? [w.body.word] : [])))
  return props.said.filter(w => w.body.kind !== 'undone' && !gone.has(w.id))
})
</script>

<template>
  <details class="hand">
    <summary>Recordings and what leads said</summary>
    <ul aria-label="Recordings">
      <li v-for="r in book.recordings" :key="r.job">
        <RouterLink class="mono" :to="toJob(r.job, 'valley')">{{ r.serial }}</RouterLink>
        <span class="soft">closed {{ inShopTime(r.at, 'day') }}</span>
        <form v-if="withdrawing === r.job" @submit.prevent="reason.trim() && withdraw(r.job)">
          <NInput
            v-model:value="reason"
            placeholder="why"
            :maxlength="limits.line"
            :input-props="{ 'aria-label': 'Why it is withdrawn' }"
          />
          <NButton attr-type="submit" :disabled="!reason.trim()">Withdraw it</NButton>
        </form>
        <NButton v-else-if="may" :aria-label="`Withdraw the recording of ${r.serial}`" @click="withdrawing = r.job"
          >Withdraw …</NButton
        >
      </li>
    </ul>
    <ul v-if="standing.length" aria-label="What leads said">
      <li v-for="w in standing" :key="w.id">
        <span>{{ handSays(w.body, book) }}</span>
        <span class="soft">{{ w.by }}, {{ inShopTime(w.at, 'day') }}</span>
        <NButton v-if="may" @click="emit('say', { kind: 'undone', word: w.id })">Take back</NButton>
      </li>
    </ul>
  </details>
</template>

<style scoped>
summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  font-weight: 650;
  cursor: pointer;
}
ul {
  list-style: none;
  margin-bottom: 10px;
}
li,
form {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
}
li {
  padding: 6px 0;
  border-top: 1px solid var(--hair);
}
form .n-input {
  width: 260px;
}
@media print {
  .hand {
    display: none;
  }
}
</style>
