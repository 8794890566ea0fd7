<script setup lang="ts">
import { describe, glyphOf, subject, type Move } from '@dialytica/core/moves'
import { text } from '@dialytica/core/words'
import { NButton } from 'naive-ui'
import Glyph from './Glyph.vue'

/** The moves of a step; the one that the next tap counts for stands out. */
defineProps<{ moves: readonly Move[]; chosen: string | undefined }>()
const emit = defineEmits<{ choose: [id: string] }>()
</script>

<template>
  <ul aria-label="Moves of this step">
    <li v-for="m in moves" :key="m.id">
      <NButton class="move" :aria-pressed="m.id === chosen" :title="describe(m)" @click="emit('choose', m.id)">
        <Glyph :kind="glyphOf(m)" :size="18" />{{ text(subject(m)) }}
      </NButton>
    </li>
  </ul>
</template>

<style scoped>
ul {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.move {
  padding: 0 12px;
  font-weight: 600;
  font-size: 17px;
}
.move,
.move[aria-pressed='true'] {
  --n-color: var(--off-wash);
  --n-border: 2px solid var(--hair);
  --n-text-color: var(--ink);
}
.move[aria-pressed='true'] {
  --n-border: 2px solid var(--ink);
}
</style>
