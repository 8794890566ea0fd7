<script setup lang="ts">
import { describe, glyphOf, owedCount, settledCount, type ReturnMove } from '@dialytica/core'
import Glyph from './Glyph.vue'

/** The moves of a return step, with how far each is done. */
defineProps<{ moves: readonly ReturnMove[] }>()
</script>

<template>
  <ul class="rows" aria-label="Moves of this step">
    <li v-for="m in moves" :key="m.move.id">
      <span v-for="d in m.debts" :key="d.id" class="debt" :class="{ done: owedCount(d) === 0 }">
        <Glyph :kind="d.item" :size="20" />
        <span class="what">{{ d.label }}</span>
        <b class="mono">{{ owedCount(d) === 0 ? '✓' : `${settledCount(d)}/${d.count}` }}</b>
      </span>
      <span v-if="!m.debts.length" class="debt"
        ><Glyph :kind="glyphOf(m.move)" :size="20" />{{ describe(m.move) }}</span
      >
    </li>
  </ul>
</template>

<style scoped>
.rows {
  border-top: 1px solid var(--hair);
}
.debt {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--hair);
  line-height: 1.15;
}
.what {
  flex: 1;
}
b {
  color: var(--off);
}
.done,
.done b {
  color: var(--work);
}
</style>
