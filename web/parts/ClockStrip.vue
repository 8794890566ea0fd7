<script setup lang="ts">
import { computed } from 'vue'
import { clockAhead } from '../data/clock.ts'

/** Says at once that the clock of this device is wrong, by how much, and what that does; silent where it is right. */
const units = [
  ['year', 365 * 86_400_000],
  ['month', 30 * 86_400_000],
  ['day', 86_400_000],
  ['hour', 3_600_000],
  ['minute', 60_000],
] as const
const far = computed(() => {
  const ms = Math.abs(clockAhead.value)
  // A year less the moment that the answer took is a year.
  const [unit, length] = units.find(([, l]) => ms >= 0.97 * l) ?? units.at(-1)!
  return new Intl.NumberFormat('en', { style: 'unit', unit, unitDisplay: 'long', maximumFractionDigits: 0 }).format(
    ms / length,
  )
})
</script>

<template>
  <p v-if="clockAhead" class="clock" role="status">
    <b>The clock of this device is {{ far }} {{ clockAhead > 0 ? 'ahead' : 'behind' }}.</b>
    What you record here is put at its right time all the same. Set the clock: without the server this device goes by
    it.
  </p>
</template>

<style scoped>
.clock {
  padding: 5px 20px;
  background: var(--caution-wash);
  border-bottom: 2px solid var(--caution);
  font-size: 16px;
}
</style>
