<script setup lang="ts">
import { waypointName } from '@dialytica/core/items'
import { settledCount, type Debt } from '@dialytica/core/log'
import { pointsOf, type Move } from '@dialytica/core/moves'
import { text } from '@dialytica/core/words'
import { computed } from 'vue'

/** The waypoints of a line in the order in which it is laid: done, the one in hand, those to come. */
const props = defineProps<{ move: Move; debt: Debt }>()
const points = computed(() => pointsOf(props.move) ?? [])
const at = computed(() => settledCount(props.debt))
</script>

<template>
  <ol class="route" aria-label="Waypoints">
    <li
      v-for="(w, k) in points"
      :key="k"
      :class="{ done: k < at, now: k === at }"
      :aria-current="k === at ? 'step' : undefined"
    >
      <span class="mono">{{ k < at ? '✓' : k + 1 }}</span> {{ text(waypointName(w)) }}
    </li>
  </ol>
</template>

<style scoped>
.route {
  display: grid;
  gap: 2px;
  line-height: 1.25;
}
li {
  color: var(--soft);
}
.now {
  color: var(--ink);
  font-size: 22px;
  font-weight: 720;
  border-left: 6px solid var(--off);
  padding-left: 10px;
}
.done {
  color: var(--work);
}
</style>
