<script setup lang="ts">
import { meaningName } from './meaning-name.ts'
import type { TaughtWord } from '@dialytica/core/moves'
import { NButton } from 'naive-ui'
import { RouterLink } from 'vue-router'
import { useJob } from '../../stores/job.ts'
import { toJob } from '../../ways.ts'

/** What a correction taught the shop; one tap takes it back, and the way to all its words. */
defineProps<{ lesson: TaughtWord }>()
const emit = defineEmits<{ forget: [] }>()
const job = useJob()
</script>

<template>
  <p class="taught" role="status">
    <span
      >From now on <b>{{ lesson.word }}</b> is {{ meaningName(lesson.means!) }} in this shop.</span
    >
    <NButton @click="emit('forget')">Only this once</NButton>
    <RouterLink :to="toJob(job.id, 'words')">All words</RouterLink>
  </p>
</template>

<style scoped>
.taught {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
  padding: 0 3px;
}
.taught a {
  min-height: 48px;
  display: inline-grid;
  place-items: center;
}
</style>
