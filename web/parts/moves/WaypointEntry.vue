<script setup lang="ts">
import { passings, type Waypoint } from '@dialytica/core/items'
import { Minus, Plus } from '@lucide/vue'
import { NButton, NInput } from 'naive-ui'
import Choice from '../Choice.vue'

/** The waypoints of a line in their order: how it passes each, and what it passes. */
const props = defineProps<{ waypoints: readonly Waypoint[] }>()
const emit = defineEmits<{ tell: [waypoints: Waypoint[]] }>()

const put = (i: number, next: Waypoint) =>
  emit(
    'tell',
    props.waypoints.map((w, k) => (k === i ? next : w)),
  )
const name = (i: number, of: string) =>
  put(i, of.trim() ? { ...props.waypoints[i]!, of: of.trim() } : { by: props.waypoints[i]!.by })
</script>

<template>
  <ol class="points">
    <li v-for="(w, i) in waypoints" :key="i">
      <b class="mono">{{ i + 1 }}</b>
      <Choice
        :value="w.by"
        :label="`How it passes point ${i + 1}`"
        :options="passings.map(p => ({ value: p, label: p }))"
        @choose="put(i, { ...w, by: $event })"
      />
      <NInput
        :default-value="w.of ?? ''"
        class="of"
        placeholder="of what"
        :input-props="{ 'aria-label': `What point ${i + 1} is` }"
        @change="name(i, $event)"
      />
    </li>
    <li>
      <NButton aria-label="Add a point" @click="emit('tell', [...waypoints, { by: 'retainer' }])"
        ><Plus />point</NButton
      >
      <NButton
        v-if="waypoints.length"
        aria-label="Take the last point away"
        @click="emit('tell', waypoints.slice(0, -1))"
        ><Minus />point</NButton
      >
    </li>
  </ol>
</template>

<style scoped>
.points {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
}
li {
  display: flex;
  gap: 6px;
  align-items: center;
}
.of {
  width: 120px;
}
</style>
