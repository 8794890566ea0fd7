<script setup lang="ts">
import { limits } from '@dialytica/core/schema'
import { calls, type KnownUnit, type ListedModel } from '@dialytica/core/wire'
import { useDebounceFn } from '@vueuse/core'
import { NButton, NInput } from 'naive-ui'
import { computed, ref, shallowRef, watch } from 'vue'
import { api } from '../../data/api.ts'
import { askOrRecall } from '../../data/kept.ts'
import Problem from '../../parts/Problem.vue'
import UnitJobs from './UnitJobs.vue'

/** The units of a model, by their serials, a part at a time; those whose serial begins so. */
const props = defineProps<{ model: ListedModel }>()
const units = shallowRef<readonly KnownUnit[] | null>(null)
const more = ref(false)
const serial = ref('')
const problem = ref('')

async function tell(after?: string): Promise<void> {
  const begins = serial.value.trim()
  const query = { model: props.model.id, ...(begins && { serial: begins }), ...(after && { after }) }
  try {
    const some =
      begins || after
        ? await api(calls.units, { query })
        : await askOrRecall(`units ${props.model.id}`, calls.units, { query })
    if (begins !== serial.value.trim()) return
    units.value = after ? [...(units.value ?? []), ...some] : some
    more.value = some.length === limits.unitsAtOnce
    problem.value = ''
  } catch (error) {
    problem.value = (error as Error).message
  }
}
watch(
  serial,
  useDebounceFn(() => tell(), 180),
)
void tell()
const last = computed(() => units.value?.at(-1)?.serial)
</script>

<template>
  <form v-if="model.units > 8" role="search" @submit.prevent="tell()">
    <NInput
      v-model:value="serial"
      clearable
      :maxlength="limits.plate"
      placeholder="serial"
      :input-props="{ 'aria-label': 'Which serial', enterkeyhint: 'search', autocomplete: 'off' }"
    />
  </form>
  <Problem :says="problem" />
  <ul class="units" aria-label="Units">
    <li v-for="u in units ?? []" :key="u.id"><UnitJobs :unit="u" /></li>
    <li v-if="units && !units.length" class="soft">{{ serial ? 'No unit with this serial.' : 'No unit yet.' }}</li>
  </ul>
  <NButton v-if="more" block @click="tell(last)">More units</NButton>
</template>

<style scoped>
form {
  max-width: 260px;
  margin-top: 12px;
}
.units {
  list-style: none;
}
.units > li {
  border-top: 2px solid var(--rule);
  padding: 10px 0;
  margin-top: 10px;
}
</style>
