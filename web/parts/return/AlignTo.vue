<script setup lang="ts">
import type { DrawnMark } from '@dialytica/core/plan'
import { NButton } from 'naive-ui'
import Thumb from '../Thumb.vue'

/** The marks that were drawn before the part came off: one tap lays their photo, with the mark drawn over it, on the stage. */
defineProps<{ marks: readonly DrawnMark[] }>()
const shown = defineModel<string>()
</script>

<template>
  <ul v-if="marks.length" aria-label="Align to">
    <li v-for="m in marks" :key="m.move">
      <NButton :aria-pressed="shown === m.move" @click="shown = shown === m.move ? undefined : m.move">
        <Thumb v-if="m.step.photos.length" :hash="m.step.photos.at(-1)!.hash" />
        <span>Align to {{ m.mark }}</span>
      </NButton>
    </li>
  </ul>
</template>

<style scoped>
.n-button {
  display: flex;
  gap: 10px;
  align-items: center;
  width: 100%;
  padding: 4px 10px;
  text-align: left;
  line-height: 1.15;
}
</style>
