<script setup lang="ts">
import { quantities } from '@dialytica/core/readings'
import { text } from '@dialytica/core/words'
import { NInputNumber } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useSettings } from '../../stores/settings.ts'

/** A reading of the proof against the limit that the shop set; without one nothing is judged, for local codes and licensed practice decide. */
const props = defineProps<{ of: 'earth' | 'insulation'; unit: string; fixed: boolean }>()
const emit = defineEmits<{ problem: [words: string]; bad: [why: string] }>()
const reading = defineModel<number | null>({ required: true })
const settings = useSettings()
void settings.load()
/** Volts of a tester made for insulation. */
const usual = 500
const volts = ref<number | null>(usual)
const setting = computed(() => `${props.of} limit` as const)
const limit = computed(() => settings.numberOf(setting.value))
const verdict = computed(() => {
  if (reading.value === null) return null
  const value = reading.value * (props.unit === 'MΩ' ? 1e6 : 1)
  const read = { dimension: 'resistance' as const, value, step: value / 100 }
  const given = { ...(limit.value !== undefined && { limit: limit.value }), volts: volts.value ?? usual }
  return quantities[props.of].judge(given, { [quantities[props.of].states[0]!]: read })
})
watch(verdict, v => emit('bad', v?.says === 'bad' ? text(v.because) : ''))
const setLimit = (value: number | null) =>
  emit('problem', settings.set(setting.value, value === null ? '' : String(value)) ?? '')
</script>

<template>
  <div class="reading">
    <label
      >Reading
      <NInputNumber
        v-model:value="reading"
        :show-button="false"
        :min="0"
        :input-props="{ 'aria-label': `Reading in ${unit}`, inputmode: 'decimal' }"
      />
      <span class="mono">{{ unit }}</span></label
    >
    <label
      >your limit
      <NInputNumber
        :value="limit ?? null"
        :disabled="fixed"
        :show-button="false"
        :min="0"
        placeholder="not set"
        :input-props="{ 'aria-label': `Your limit in ${unit}`, inputmode: 'decimal' }"
        @update:value="setLimit"
      />
      <span class="mono">{{ unit }}</span></label
    >
    <label v-if="of === 'insulation'"
      >tester
      <NInputNumber
        v-model:value="volts"
        :show-button="false"
        :min="1"
        :input-props="{ 'aria-label': 'Volts of the tester', inputmode: 'decimal' }"
      />
      <span class="mono">V</span></label
    >
    <p v-if="verdict" role="status" :class="verdict.says.replace(' ', '-')">
      <b>{{ verdict.says }}.</b> {{ text(verdict.because) }}.
    </p>
  </div>
</template>

<style scoped>
.reading {
  flex: 1 0 100%;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}
label {
  display: flex;
  gap: 8px;
  align-items: center;
}
.n-input-number {
  width: 96px;
}
p {
  flex: 1 0 100%;
  border-left: 6px solid var(--soft);
  padding-left: 10px;
  line-height: 1.2;
}
.good {
  border-color: var(--work);
}
.bad {
  border-color: var(--danger);
}
</style>
