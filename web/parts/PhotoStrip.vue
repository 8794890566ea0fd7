<script setup lang="ts">
import type { Photo } from '@dialytica/core/log'
import { NButton } from 'naive-ui'
import Thumb from './Thumb.vue'

/** The photos of a step as small pictures; the one on the stage can be replaced by a clearer one or left out. */
defineProps<{
  photos: readonly Photo[]
  shown: string | null
  held: boolean
  framing: boolean
  fixed: boolean
}>()
const emit = defineEmits<{ show: [hash: string]; clearer: []; closeUp: []; drop: [] }>()
</script>

<template>
  <div class="strip" role="group" aria-label="Photos of this step">
    <button
      v-for="(t, i) in photos"
      :key="t.hash"
      type="button"
      class="pick"
      :aria-pressed="t.hash === shown"
      :aria-label="`Photo ${i + 1}${t.closeUpOf ? ', close-up' : ''}`"
      @click="emit('show', t.hash)"
    >
      <Thumb :hash="t.hash" />
      <span v-if="t.closeUpOf" class="near" aria-hidden="true">+</span>
    </button>
    <template v-if="shown && !fixed">
      <NButton @click="emit('clearer')">Clearer</NButton>
      <NButton :aria-pressed="framing" @click="emit('closeUp')">Close-up</NButton>
      <NButton v-if="!held" @click="emit('drop')">Leave out</NButton>
    </template>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding: 3px;
}
.strip > * {
  flex: none;
}
.pick {
  position: relative;
  width: 77px;
  height: 48px;
  padding: 0;
  border: 2px solid var(--hair);
  border-radius: 3px;
  background: #15191a;
  overflow: hidden;
  cursor: pointer;
}
.pick[aria-pressed='true'] {
  border: 3px solid var(--work);
}
.pick > .thumb {
  width: 100%;
  height: 100%;
  border: 0;
}
.near {
  position: absolute;
  right: 2px;
  bottom: 0;
  padding: 0 4px;
  background: #1d2628;
  color: #fbf8f1;
  font-weight: 700;
}
.n-button {
  padding: 0 8px;
  font-size: 16px;
}
</style>
