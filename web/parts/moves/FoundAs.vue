<script setup lang="ts">
import { conditions, type Condition } from '@dialytica/core/items'
import { NButton } from 'naive-ui'

/** The condition in which it was found, by one tap; the same tap takes it back. */
defineProps<{ found: Condition | undefined }>()
const emit = defineEmits<{ tell: [found: Condition | undefined] }>()
</script>

<template>
  <div class="found" role="group" aria-label="Found">
    <span class="soft" aria-hidden="true">found</span>
    <NButton
      v-for="c in conditions"
      :key="c"
      class="chip"
      :aria-pressed="found === c"
      @click="emit('tell', found === c ? undefined : c)"
    >
      {{ c }}
    </NButton>
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
  padding: 0 9px;
  font-weight: 550;
  font-size: 16px;
  --n-color: transparent;
  --n-border: 1px solid var(--soft);
}
.chip[aria-pressed='true'] {
  font-weight: 700;
  --n-color: var(--caution-wash);
  --n-text-color: var(--ink);
  --n-border: 2px solid var(--caution);
}
</style>
