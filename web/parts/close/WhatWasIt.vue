<script setup lang="ts">
import { NButton } from 'naive-ui'
import { computed, watch } from 'vue'
import { useTriage } from '../../stores/triage.ts'

/** The cause in one tap: what was told on the way, or the likeliest of what it can be; from it the next machine is found sooner. */
const cause = defineModel<string>({ required: true })
const triage = useTriage()
void triage.load()
const offered = computed(() => {
  const told = triage.told.cause?.cause
  const held = triage.isBlank ? [] : (triage.outlook?.held ?? [])
  const likely = held.flatMap(b => (b.cause && b.share >= 0.05 ? [b.cause.id] : [])).slice(0, 4)
  return [...new Set([...(told ? [told] : []), ...likely])]
})
watch(
  () => triage.told.cause?.cause,
  told => {
    if (told && !cause.value) cause.value = told
  },
  { immediate: true },
)
</script>

<template>
  <div v-if="offered.length" class="offered" role="group" aria-label="What it was">
    <NButton
      v-for="one in offered"
      :key="one"
      :aria-pressed="cause === one"
      :type="cause === one ? 'primary' : 'default'"
      @click="cause = one"
      >{{ one }}</NButton
    >
  </div>
</template>

<style scoped>
.offered {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
