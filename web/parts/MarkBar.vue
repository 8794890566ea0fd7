<script setup lang="ts">
import { glyphNames, passings, type Glyph as GlyphKind, type Passing } from '@dialytica/core/items'
import type { Mark } from '@dialytica/core/log'
import { NButton } from 'naive-ui'
import Glyph from './Glyph.vue'

/** What can be done with the mark that was taken up: its kind, how a line passes there, take it away. */
defineProps<{ mark: Mark; point: number; by?: Passing | undefined }>()
const emit = defineEmits<{ retype: [glyph: GlyphKind]; pass: [by: Passing]; remove: []; leave: [] }>()
const kinds: readonly GlyphKind[] = ['fastener', 'clip', 'connector', 'joint', 'part', 'consumable', 'mark']
</script>

<template>
  <div class="bar" role="group" aria-label="This mark">
    <NButton @click="emit('leave')">Done</NButton>
    <NButton @click="emit('remove')">Take away</NButton>
    <template v-if="mark.glyph === 'line'">
      <b class="which">Point {{ point + 1 }}</b>
      <NButton v-for="p in passings" :key="p" :aria-pressed="p === by" @click="emit('pass', p)">
        {{ p }}
      </NButton>
    </template>
    <template v-else>
      <NButton
        v-for="k in kinds"
        :key="k"
        :aria-pressed="k === mark.glyph"
        :aria-label="`It is a ${glyphNames[k]}`"
        @click="emit('retype', k)"
      >
        <Glyph :kind="k" :size="22" />
      </NButton>
    </template>
  </div>
</template>

<style scoped>
.bar {
  position: absolute;
  left: 8px;
  right: 8px;
  top: 8px;
  display: flex;
  gap: 6px;
  overflow-x: auto;
  padding: 6px;
  background: var(--sheet);
  border: 2px solid var(--rule);
  border-radius: 3px;
}
.bar > * {
  flex: none;
}
.which {
  align-self: center;
  padding: 0 6px;
}
.n-button {
  padding: 0 8px;
}
</style>
