<script setup lang="ts">
import { ChevronLeft, ChevronRight } from '@lucide/vue'
import { NButton } from 'naive-ui'

/** The sheets as they will print, one at a time. */
const props = defineProps<{ pages: readonly string[]; labels: number }>()
/** Which sheet is shown, from 0. */
const shown = defineModel<number>({ required: true })
const turn = (by: number) => (shown.value = Math.max(0, Math.min(props.pages.length - 1, shown.value + by)))
</script>

<template>
  <section class="sheet" aria-label="The sheet">
    <!-- Our own drawing, its words made safe in the core. -->
    <div
      v-if="pages[shown]"
      class="paper"
      role="img"
      :aria-label="`Sheet ${shown + 1} of ${pages.length}: ${labels} labels`"
      v-html="pages[shown]"
    />
    <p v-if="pages.length > 1" class="pages">
      <NButton aria-label="Sheet before" :disabled="shown === 0" @click="turn(-1)"><ChevronLeft /></NButton>
      {{ shown + 1 }} of {{ pages.length }}
      <NButton aria-label="Next sheet" :disabled="shown === pages.length - 1" @click="turn(1)"
        ><ChevronRight
      /></NButton>
    </p>
  </section>
</template>

<style scoped>
.sheet {
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  min-height: 0;
  background: var(--metal);
}
.paper {
  min-height: 0;
  display: grid;
  place-items: center;
  padding: 16px;
}
.paper :deep(> svg) {
  max-width: 100%;
  max-height: 100%;
  width: auto;
  height: 100%;
  outline: 1px solid var(--soft);
}
.pages {
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 14px;
  padding: 6px;
  background: var(--ground);
  border-top: 2px solid var(--rule);
}
@media (max-width: 1000px) {
  .sheet {
    border: 0;
    overflow: visible;
  }
  .paper :deep(> svg) {
    width: 100%;
    height: auto;
  }
}
</style>
