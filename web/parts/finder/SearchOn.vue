<script setup lang="ts">
import type { Finding } from '@dialytica/core/finder'
import { zoneTitle } from '@dialytica/core/machine'
import { NButton, NInput } from 'naive-ui'
import { computed, ref } from 'vue'
import { useJob } from '../../stores/job.ts'
import { useSearch } from '../../stores/search.ts'
import Cutaway from '../Cutaway.vue'

/** The search that is on: what it costs, where on the machine it leads, and what it can be instead. */
const props = defineProps<{ finding: Finding | null }>()
const emit = defineEmits<{ another: []; problem: [says: string] }>()
const job = useJob()
const search = useSearch()
const elsewhere = ref('')

/** The likelihood of each zone, on the machine. */
const suspects = computed(() => {
  const zones: Record<string, number> = {}
  for (const p of props.finding?.places ?? [])
    if (p.zone && p.kind !== 'owed') zones[p.zone] = (zones[p.zone] ?? 0) + p.likelihood
  return Object.fromEntries(Object.entries(zones).filter(([, p]) => p >= 0.01))
})
const minutes = (n: number) => (n < 1 ? 'under a minute' : `${Math.round(n)} min`)
const verdict = computed(() => {
  const f = props.finding
  if (!f) return ''
  return `Expected: ${minutes(f.expected)} in this order, ${minutes(f.plain)} by undoing step after step.`
})
const sooner = computed(() => {
  const later = props.finding?.later
  return later
    ? `Look now: once ${later.zones.map(z => zoneTitle(job.family, z)).join(' and ')} is closed it takes ${minutes(later.expected)}.`
    : ''
})
function explain(): void {
  const where = elsewhere.value.trim()
  const refusal = where ? search.explain(where) : 'Say where it came from.'
  emit('problem', refusal ?? '')
  if (!refusal) elsewhere.value = ''
}
</script>

<template>
  <p>{{ verdict }}</p>
  <p v-if="sooner" class="note" role="status">{{ sooner }}</p>
  <div class="machine">
    <Cutaway :family="job.family" :open="job.stance.open" :suspects="suspects" :posture="job.stance.posture" large />
  </div>
  <form v-if="!job.isFixed" class="elsewhere" @submit.prevent="explain">
    <NInput
      v-model:value="elsewhere"
      placeholder="from somewhere else: say where"
      :input-props="{ 'aria-label': 'Where it came from' }"
    />
    <NButton attr-type="submit">Explained</NButton>
  </form>
  <div class="row">
    <NButton v-if="!job.isFixed" @click="emit('another')">Another one</NButton>
    <NButton
      v-for="o in search.open.filter(x => x.id !== search.current?.id)"
      :key="o.id"
      @click="search.chosen = o.id"
    >
      {{ o.what }}
    </NButton>
  </div>
</template>

<style scoped>
.machine {
  flex: 1 1 240px;
  min-height: 200px;
}
.elsewhere,
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.elsewhere :deep(.n-input) {
  flex: 1;
}
@media (max-width: 1000px) {
  .machine {
    height: 260px;
    flex: none;
  }
}
</style>
