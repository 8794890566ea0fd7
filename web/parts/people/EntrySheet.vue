<script setup lang="ts">
import { NButton } from 'naive-ui'
import Problem from '../Problem.vue'

/** A page that is one form, by which somebody comes in for the first time: its words, its fields, what is wrong, its act. */
defineProps<{ title: string; act: string; busy: boolean; problem: string; wide?: boolean }>()
const emit = defineEmits<{ enter: [] }>()
</script>

<template>
  <main class="entry">
    <form :class="{ wide }" @submit.prevent="emit('enter')">
      <h1>{{ title }}</h1>
      <slot />
      <Problem :says="problem" />
      <NButton type="primary" size="large" attr-type="submit" :disabled="busy">{{ act }}</NButton>
      <slot name="below" />
    </form>
  </main>
</template>

<style scoped>
.entry {
  display: grid;
  align-content: safe center;
  justify-items: center;
  min-height: 100%;
  padding: 24px;
}
form {
  display: grid;
  gap: 12px;
  width: min(100%, 480px);
  padding: 28px;
  background: var(--sheet);
  border-top: 6px solid var(--work);
}
form.wide {
  width: min(100%, 720px);
}
</style>
