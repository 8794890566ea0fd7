<script setup lang="ts">
import { describe, glyphOf, subject, type Move } from '@dialytica/core/moves'
import { text } from '@dialytica/core/words'
import Glyph from './Glyph.vue'

/** The moves of a step; the one that the next tap counts for stands out. */
defineProps<{ moves: readonly Move[]; chosen: string | undefined }>()
const emit = defineEmits<{ choose: [id: string] }>()
</script>

<template>
  <ul aria-label="Moves of this step">
    <li v-for="m in moves" :key="m.id">
      <button type="button" :aria-pressed="m.id === chosen" :title="describe(m)" @click="emit('choose', m.id)">
        <Glyph :kind="glyphOf(m)" :size="18" />{{ text(subject(m)) }}
      </button>
    </li>
  </ul>
</template>

<style scoped>
ul {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
button {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: 48px;
  padding: 0 12px;
  border: 2px solid var(--hair);
  border-radius: 3px;
  background: var(--off-wash);
  color: var(--ink);
  font-family: Archivo;
  font-weight: 600;
  font-size: 17px;
  font-stretch: 84%;
  cursor: pointer;
}
button[aria-pressed='true'] {
  border-color: var(--ink);
}
</style>
