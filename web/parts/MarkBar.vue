<script setup lang="ts">
import { glyphNames, passings, type Glyph as GlyphKind, type Passing } from '@dialytica/core/items'
import type { Mark } from '@dialytica/core/log'
import Glyph from './Glyph.vue'

/** What can be done with the mark that was taken up: its kind, how a line passes there, take it away. */
defineProps<{ mark: Mark; point: number; by?: Passing | undefined }>()
const emit = defineEmits<{ retype: [glyph: GlyphKind]; pass: [by: Passing]; remove: []; leave: [] }>()
const kinds: readonly GlyphKind[] = ['fastener', 'clip', 'connector', 'joint', 'part', 'consumable', 'mark']
</script>

<template>
  <div class="bar" role="group" aria-label="This mark">
    <button type="button" class="btn" @click="emit('leave')">Done</button>
    <button type="button" class="btn" @click="emit('remove')">Take away</button>
    <template v-if="mark.glyph === 'line'">
      <b class="which">Point {{ point + 1 }}</b>
      <button
        v-for="p in passings"
        :key="p"
        type="button"
        class="btn"
        :aria-pressed="p === by"
        @click="emit('pass', p)"
      >
        {{ p }}
      </button>
    </template>
    <template v-else>
      <button
        v-for="k in kinds"
        :key="k"
        type="button"
        class="btn"
        :aria-pressed="k === mark.glyph"
        :aria-label="`It is a ${glyphNames[k]}`"
        @click="emit('retype', k)"
      >
        <Glyph :kind="k" :size="22" />
      </button>
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
.btn {
  padding: 0 8px;
}
</style>
