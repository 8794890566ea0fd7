<script setup lang="ts">
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import { useInstrument } from '../../data/use-instrument.ts'
import { hasSerial } from '../../devices/instrument.ts'
import { serialMeter, simulatedMeter } from '../../devices/meter.ts'
import { useCamera } from '../../stores/camera.ts'

/** What a meter shows, to be taken once it has come to rest: a probe that slips shows nothing that counts. */
const props = defineProps<{ state: string; unit: string; holds: () => number }>()
const emit = defineEmits<{ take: [said: string]; problem: [says: string] }>()
const camera = useCamera()
const seen = ref<string[]>([])
const shown = computed(() => seen.value.at(-1))
/** As SCPI counts each: ohms, farads, metres. */
const scpi = { Ω: 'ohm', µF: 'F', mm: 'm', '°C': '°C' } as const
/** At rest when the last three are the same, but for one count in a hundred. */
const still = computed(() => {
  const last = seen.value.slice(-3)
  const values = last.map(s => parseFloat(s))
  const near = Math.max(...values) - Math.min(...values) <= Math.abs(values[0] ?? 0) / 100
  return last.length === 3 && (near || last.every(s => s === last[0]))
})
const { start, leave } = useInstrument<string>(
  said => (seen.value = [...seen.value.slice(-2), said]),
  why => emit('problem', why),
  'No meter was chosen: choose one, or type what it shows.',
)
function take(): void {
  if (!still.value) return
  leave()
  emit('take', shown.value!)
  seen.value = []
}
const serial = () => serialMeter(scpi[props.unit as keyof typeof scpi])
</script>

<template>
  <div class="meter" role="group" :aria-label="`Meter, ${state}`">
    <template v-if="shown === undefined">
      <NButton v-if="camera.isDemo" @click="start(simulatedMeter(holds, unit))">Simulated meter</NButton>
      <NButton v-if="hasSerial()" @click="start(serial())">Meter on a cable</NButton>
    </template>
    <template v-else>
      <output class="mono">{{ shown }}</output>
      <NButton type="primary" :disabled="!still" @click="take">{{ still ? `Take it, ${state}` : 'Wait' }}</NButton>
    </template>
  </div>
</template>

<style scoped>
.meter {
  display: flex;
  gap: 8px;
  align-items: center;
}
output {
  min-width: 110px;
  padding: 8px 10px;
  background: var(--plate);
  color: var(--on-plate);
  text-align: right;
}
</style>
