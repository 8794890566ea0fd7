<script setup lang="ts">
import { passings, type Waypoint } from '@dialytica/core/items'
import { NInput } from 'naive-ui'

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
      <select
        :value="w.by"
        :aria-label="`How it passes point ${i + 1}`"
        @change="put(i, { ...w, by: ($event.target as HTMLSelectElement).value as Waypoint['by'] })"
      >
        <option v-for="p in passings" :key="p" :value="p">{{ p }}</option>
      </select>
      <NInput
        :default-value="w.of ?? ''"
        class="of"
        placeholder="of what"
        :input-props="{ 'aria-label': `What point ${i + 1} is` }"
        @change="name(i, $event)"
      />
    </li>
    <li>
      <button class="btn" type="button" @click="emit('tell', [...waypoints, { by: 'retainer' }])">+ point</button>
      <button v-if="waypoints.length" class="btn" type="button" @click="emit('tell', waypoints.slice(0, -1))">
        − point
      </button>
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
select {
  min-height: 48px;
  border: 2px solid var(--rule);
  border-radius: 3px;
  background: var(--sheet);
  color: var(--ink);
  font-family: Archivo;
  font-weight: 600;
  font-size: 17px;
}
.of {
  width: 120px;
}
</style>
