<script setup lang="ts">
import type { Act } from '@dialytica/core/triage'
import { NButton } from 'naive-ui'
import { computed } from 'vue'

/** What tells most without a tool: questions to who knows the machine, or seen at one start of it; each is answered by one tap. */
const props = defineProps<{ acts: readonly Act[]; fixed: boolean }>()
const emit = defineEmits<{ found: [finding: string, how: 'so' | 'not so' | 'not known'] }>()
/** So many are asked at once. */
const most = 5
const asked = computed(() => props.acts.flatMap(a => (a.does === 'ask' ? [a.finding.id] : [])).slice(0, most))
</script>

<template>
  <section class="ask" aria-label="The next look">
    <p class="soft">next, <span class="mono">half a minute</span> each</p>
    <h1>Start it and watch, or ask: which is so?</h1>
    <ul>
      <li v-for="id in asked" :key="id">
        <span>{{ id }}</span>
        <template v-if="!fixed">
          <NButton :aria-label="`${id}: so`" @click="emit('found', id, 'so')">So</NButton>
          <NButton :aria-label="`${id}: not so`" @click="emit('found', id, 'not so')">Not so</NButton>
          <NButton :aria-label="`${id}: nobody knows`" @click="emit('found', id, 'not known')">?</NButton>
        </template>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h1 {
  font-size: 32px;
  font-stretch: 75%;
  line-height: 1.05;
}
ul {
  list-style: none;
  padding: 0;
  columns: 2;
  column-gap: 28px;
}
li {
  display: grid;
  grid-template-columns: 1fr auto auto auto;
  gap: 8px;
  align-items: center;
  min-height: 56px;
  border-top: 1px solid var(--hair);
  break-inside: avoid;
  line-height: 1.1;
}
li .n-button {
  --n-height: 48px;
}
@media (max-width: 1000px) {
  h1 {
    font-size: 25px;
  }
  ul {
    columns: 1;
  }
}
</style>
