<script setup lang="ts">
import { NInputNumber, NSlider } from 'naive-ui'

/** One thing that is weighed: a figure that is typed or drawn along its range; where the answer turns is told beside it. */
defineProps<{ label: string; unit: string; least: number; most: number; step: number; turns: number | undefined }>()
const value = defineModel<number>({ required: true })
</script>

<template>
  <div class="input">
    <span :id="`w-${label}`" class="label">{{ label }}</span>
    <NSlider
      v-model:value="value"
      :min="least"
      :max="most"
      :step="step"
      :tooltip="false"
      :aria-labelledby="`w-${label}`"
    />
    <NInputNumber
      :value="value"
      size="small"
      :show-button="false"
      :min="least"
      :input-props="{ 'aria-label': label, inputmode: 'decimal' }"
      @update:value="value = $event ?? least"
    />
    <span class="mono soft unit">{{ unit }}</span>
    <span v-if="turns !== undefined" class="turns soft"
      >turns at {{ Number((Math.round(turns / step) * step).toPrecision(3)) }}</span
    >
  </div>
</template>

<style scoped>
.input {
  display: grid;
  grid-template-columns: 150px minmax(80px, 1fr) 84px 34px 96px;
  gap: 10px;
  align-items: center;
  min-height: 40px;
  line-height: 1.1;
}
.turns {
  font-size: 15px;
}
@media (max-width: 1000px) {
  .input {
    grid-template-columns: 1fr 84px 34px;
    min-height: 56px;
  }
  .input > .n-slider {
    grid-column: 1 / -1;
    grid-row: 2;
  }
  .turns {
    grid-column: 1 / -1;
  }
}
</style>
