<script setup lang="ts">
import { NButton } from 'naive-ui'

/** What is done with the draft in hand as a whole. */
defineProps<{
  /** True while it can still become a step. */
  open: boolean
  first: boolean
}>()
const emit = defineEmits<{ drop: []; merge: []; undo: []; back: []; keep: [] }>()
</script>

<template>
  <div class="acts">
    <div class="row">
      <NButton :disabled="!open" @click="emit('drop')">Drop <kbd>Del</kbd></NButton>
      <NButton :disabled="!open" @click="emit('merge')">With the next <kbd>W</kbd></NButton>
      <NButton aria-label="Undo (U)" @click="emit('undo')">Undo <kbd>U</kbd></NButton>
    </div>
    <div class="row">
      <NButton :disabled="first" aria-label="The draft before (PageUp)" @click="emit('back')">Back</NButton>
      <NButton class="keep" type="primary" size="large" @click="emit('keep')">
        {{ open ? 'Keep as a step' : 'Next' }} <kbd>Space</kbd>
      </NButton>
    </div>
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  flex-direction: column;
  justify-content: end;
  gap: 10px;
}
.row {
  display: flex;
  gap: 8px;
}
.row > * {
  flex: 1 1 auto;
}
.keep {
  flex: 3;
}
</style>
