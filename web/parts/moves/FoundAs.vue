<script setup lang="ts">
import { conditions, type Condition } from '@dialytica/core/items'

/** The condition in which it was found, by one tap; the same tap takes it back. */
defineProps<{ found: Condition | undefined }>()
const emit = defineEmits<{ tell: [found: Condition | undefined] }>()
</script>

<template>
  <div class="found" role="group" aria-label="Found">
    <span class="soft" aria-hidden="true">found</span>
    <button
      v-for="c in conditions"
      :key="c"
      type="button"
      class="chip"
      :aria-pressed="found === c"
      @click="emit('tell', found === c ? undefined : c)"
    >
      {{ c }}
    </button>
  </div>
</template>

<style scoped>
.found {
  display: flex;
  align-items: center;
  gap: 4px;
  overflow-x: auto;
  padding: 2px;
}
.chip {
  flex: none;
  min-height: 48px;
  padding: 0 9px;
  border: 1px solid var(--soft);
  border-radius: 3px;
  background: none;
  color: var(--ink);
  font-family: Archivo;
  font-weight: 550;
  font-size: 16px;
  font-stretch: 80%;
  cursor: pointer;
}
.chip[aria-pressed='true'] {
  border: 2px solid var(--caution);
  background: var(--caution-wash);
  font-weight: 700;
}
</style>
