<script setup lang="ts">
import type { LessonTold } from '@dialytica/core/book'
import { sentence, text } from '@dialytica/core/words'
import { RouterLink } from 'vue-router'
import { toJob } from '../../ways.ts'

/** What earlier jobs of the model learnt here the hard way; each leads to the job that it comes from. */
defineProps<{ of: readonly LessonTold[] }>()
</script>

<template>
  <ul v-if="of.length" class="learnt" aria-label="What was learnt here">
    <li v-for="l in of" :key="JSON.stringify(l.says)">
      <b>{{ l.kind }}</b> {{ text(sentence(l.says)) }}
      <RouterLink
        v-if="l.kind !== 'trap'"
        :to="toJob(l.job, 'valley')"
        :aria-label="`The job that learnt it: ${l.kind}`"
        >which job</RouterLink
      >
    </li>
  </ul>
</template>

<style scoped>
.learnt {
  display: grid;
  gap: 6px;
  padding: 8px 10px;
  border-left: 6px solid var(--caution);
  background: var(--sheet);
  font-size: 16px;
  line-height: 1.2;
  list-style: none;
}
b {
  display: block;
  color: var(--caution);
}
a {
  display: inline-block;
  min-height: 24px;
}
</style>
