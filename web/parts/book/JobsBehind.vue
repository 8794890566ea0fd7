<script setup lang="ts">
import { RouterLink } from 'vue-router'
import { toJob } from '../../ways.ts'

/** The jobs that a figure comes from, by the serial of their machine; each opens as it was recorded. */
defineProps<{ jobs: readonly string[]; serials: ReadonlyMap<string, string> }>()
</script>

<template>
  <p class="jobs">
    <RouterLink v-for="j in jobs" :key="j" class="mono" :to="toJob(j, 'valley')">{{ serials.get(j) }}</RouterLink>
  </p>
</template>

<style scoped>
.jobs {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
}
a {
  min-height: 30px;
}
</style>
