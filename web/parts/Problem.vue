<script setup lang="ts">
import { NAlert } from 'naive-ui'

/** What went wrong, and what to do: told at once to who looks and to who listens. */
defineProps<{ says?: string }>()
</script>

<template>
  <NAlert v-if="says || $slots.default" type="error" class="problem" :show-icon="false" :bordered="false">
    <slot>{{ says }}</slot>
  </NAlert>
</template>

<style scoped>
.problem {
  border-left: 6px solid var(--danger);
}
</style>
