<script setup lang="ts">
import type { Expected } from '@dialytica/core/triage'
import { NRadioButton, NRadioGroup } from 'naive-ui'
import { useTriage } from '../../stores/triage.ts'

/** What each way of going about it is expected to cost from here; the choice between testing and swapping first is kept for the shop. */
defineProps<{ expected: readonly Expected[]; fixed: boolean }>()
const emit = defineEmits<{ problem: [words: string] }>()
const triage = useTriage()
const cost = ({ minutes, vain }: Expected) =>
  `${Math.round(minutes)} min${vain >= 0.05 ? `, parts in vain for ${vain.toFixed(1)} h of work` : ''}`
</script>

<template>
  <div class="ways">
    <p>
      <template v-for="(e, i) in expected" :key="e.way"
        ><template v-if="i"> · </template>{{ e.way }} <b class="mono">{{ cost(e) }}</b></template
      >
    </p>
    <NRadioGroup
      :value="triage.school"
      :disabled="fixed"
      size="small"
      aria-label="How this shop goes about it"
      @update:value="emit('problem', triage.settings.set('school', $event) ?? '')"
    >
      <NRadioButton value="test first">Test first</NRadioButton>
      <NRadioButton value="swap first">Swap the cheap part first</NRadioButton>
    </NRadioGroup>
  </div>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
  justify-content: space-between;
}
p {
  font-size: 16px;
}
</style>
