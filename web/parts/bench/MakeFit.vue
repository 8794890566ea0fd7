<script setup lang="ts">
import { makeFit } from '@dialytica/core/acts'
import type { Looked, PartAtHand } from '@dialytica/core/fit'
import type { Waypoint } from '@dialytica/core/items'
import { owedCount, whyNot } from '@dialytica/core/log'
import { english, text } from '@dialytica/core/words'
import { NButton, NCheckbox, NInput } from 'naive-ui'
import { v4 } from 'uuid'
import { computed, ref, watch } from 'vue'
import { useJob } from '../../stores/job.ts'
import WaypointEntry from '../moves/WaypointEntry.vue'
import Problem from '../Problem.vue'

/** A point that can be made to fit: how, the new way of its line, and what of the old way is scrapped. It becomes a step of the return. */
const props = defineProps<{ part: PartAtHand; of: Looked }>()
const emit = defineEmits<{ done: [] }>()
const job = useJob()
const by = computed(() => props.of.says!.by!)
const isRoute = computed(() => by.value.does === 'route')
const says = ref('')
const waypoints = ref<Waypoint[]>([])
const instead = ref<string[]>([])
const problem = ref('')
watch(
  () => props.of.point.name,
  () => {
    says.value = text(by.value.says)
    waypoints.value = []
    instead.value = []
  },
  { immediate: true },
)
/** Lines that are still out of their way: the new way takes the place of one of them. */
const lines = computed(() =>
  [...job.state.debts.values()].filter(d => d.item === 'line' && owedCount(d) > 0 && d.state === 'open'),
)
const toggle = (id: string, is: boolean) =>
  (instead.value = is ? [...instead.value, id] : instead.value.filter(i => i !== id))
function make(): void {
  if (isRoute.value && !waypoints.value.length) {
    problem.value = 'Say where its line goes now: one point at least.'
    return
  }
  const made = {
    point: props.of.point.name,
    says: says.value.trim() || english(by.value.says),
    waypoints: waypoints.value,
    instead: instead.value,
  }
  problem.value = whyNot(job.act(makeFit(job.state, props.part, made, v4(), v4()))) ?? ''
  if (!problem.value) emit('done')
}
</script>

<template>
  <form class="make" :aria-label="`Make it fit: ${of.point.name}`" @submit.prevent="make">
    <h2>Make it fit: {{ of.point.name }}</h2>
    <NInput
      v-model:value="says"
      type="textarea"
      :autosize="{ minRows: 1, maxRows: 3 }"
      :input-props="{ 'aria-label': 'What is done' }"
    />
    <template v-if="isRoute">
      <p>Its line goes now, as it is freed:</p>
      <WaypointEntry :waypoints="waypoints" @tell="waypoints = $event" />
      <p v-if="lines.length">The old way is scrapped:</p>
      <NCheckbox
        v-for="l in lines"
        :key="l.id"
        size="large"
        :checked="instead.includes(l.id)"
        @update:checked="toggle(l.id, $event)"
        >{{ text(l.label) }}, {{ owedCount(l) }} points</NCheckbox
      >
    </template>
    <NButton type="primary" attr-type="submit">Put it into the return</NButton>
    <Problem :says="problem" />
  </form>
</template>

<style scoped>
.make {
  display: grid;
  gap: 8px;
  justify-items: start;
  padding: 8px 12px;
  border-left: 6px solid var(--caution);
  background: var(--caution-wash);
}
h2 {
  font-size: 20px;
}
.n-input {
  width: 100%;
}
.make .n-checkbox {
  min-height: 48px;
  align-items: center;
}
</style>
