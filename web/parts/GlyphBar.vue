<script setup lang="ts">
import { glyphNames, type Glyph as GlyphKind } from '@dialytica/core/items'
import { NButton } from 'naive-ui'
import Glyph from './Glyph.vue'
import { glyphKeys } from './moves/glyph-keys.ts'

/** What the next tap means: one key or one touch for each kind. */
defineProps<{ glyph: GlyphKind }>()
const emit = defineEmits<{ pick: [glyph: GlyphKind] }>()
</script>

<template>
  <div class="bar" role="group" aria-label="What a tap marks">
    <NButton
      v-for="[key, kind] in glyphKeys"
      :key="kind"
      :aria-pressed="kind === glyph"
      :aria-label="glyphNames[kind]"
      :title="glyphNames[kind]"
      @click="emit('pick', kind)"
    >
      <Glyph :kind="kind" :size="24" /><span class="word">{{ glyphNames[kind] }}</span
      ><kbd>{{ key.toUpperCase() }}</kbd>
    </NButton>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  gap: 6px;
  overflow-x: auto;
}
.n-button {
  flex: 1 0 auto;
  padding: 0 6px;
  gap: 4px;
  justify-content: center;
}
.word {
  display: none;
}
@media (max-width: 1000px) {
  .bar {
    display: grid;
    grid-template-columns: repeat(6, 1fr);
  }
  kbd {
    display: none;
  }
}
</style>
