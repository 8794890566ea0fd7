<script setup lang="ts">
import { glyphShapes } from '@dialytica/core/items'
import type { Placed } from '@dialytica/core/valley'

/** One tile of the Valley: a step, or a run of steps, with what is done in it and how far it is. */
defineProps<{ of: Placed; name: string }>()
const emit = defineEmits<{ choose: [] }>()
</script>

<template>
  <g
    class="tile"
    :class="[of.state, of.way]"
    role="button"
    tabindex="0"
    :aria-label="name"
    :aria-current="of.state === 'now' ? 'step' : undefined"
    @click="emit('choose')"
    @keydown.enter.prevent.stop="emit('choose')"
  >
    <rect :x="of.x - of.size / 2 - 2" :y="of.y - 26" :width="of.size + 4" height="52" fill="transparent" />
    <rect :x="of.x - of.size / 2" :y="of.y - of.size / 2" :width="of.size" :height="of.size" rx="3" class="face" />
    <svg
      :x="of.x - of.size * 0.36"
      :y="of.y - of.size * 0.36"
      :width="of.size * 0.72"
      :height="of.size * 0.72"
      viewBox="0 0 24 24"
      v-html="glyphShapes[of.glyphs[0] ?? 'mark']"
    />
    <path
      v-if="of.tiles.some(t => t.live)"
      class="under-power"
      :d="`M${of.x - of.size / 2 - 2} ${of.y + of.size / 2 + 4}h${of.size + 4}`"
    />
    <circle
      v-if="of.glyphs.length > 1 || of.tiles.length > 1"
      :cx="of.x + of.size / 2"
      :cy="of.y - of.size / 2"
      r="3.4"
      class="more"
    />
  </g>
</template>

<style scoped>
.under-power {
  stroke: var(--danger);
  stroke-width: 4;
}
.tile {
  cursor: pointer;
  color: var(--soft);
}
.face {
  fill: var(--ground);
  stroke: var(--soft);
  stroke-dasharray: 3 2;
}
.done {
  color: var(--ground);
}
.done .face {
  fill: var(--ink);
  stroke: none;
}
.now {
  color: var(--on-work);
}
.now .face {
  fill: var(--work);
  stroke: var(--work);
  stroke-width: 5;
  stroke-dasharray: none;
}
.more {
  fill: var(--off);
  stroke: var(--ground);
}
.tile:focus {
  outline: none;
}
.tile:focus-visible .face {
  stroke: var(--work);
  stroke-width: 4;
  stroke-dasharray: none;
}
</style>
