<script setup lang="ts">
import type { Photo } from '@dialytica/core/log'

/** The regions of a photo of which there is a close-up; a tap leads to it. */
defineProps<{ of: readonly Photo[]; width: number; height: number }>()
const emit = defineEmits<{ show: [hash: string] }>()
/** The two corners of the frame round a region. */
const corners = ({ closeUpOf: c }: Photo, width: number, height: number) =>
  `M0 24V0H24M${c!.width * width - 24} ${c!.height * height}h24v-24`
</script>

<template>
  <g
    v-for="(c, i) in of"
    :key="c.hash"
    class="region"
    role="button"
    tabindex="0"
    :aria-label="`Close-up ${i + 1}`"
    :transform="`translate(${c.closeUpOf!.x * width} ${c.closeUpOf!.y * height})`"
    @click.stop="emit('show', c.hash)"
    @keydown.enter.prevent.stop="emit('show', c.hash)"
  >
    <path :d="corners(c, width, height)" class="halo" />
    <path :d="corners(c, width, height)" />
    <rect width="48" height="48" fill="transparent" />
  </g>
</template>

<style scoped>
.region {
  cursor: zoom-in;
}
.region path {
  fill: none;
  stroke: #1d2628;
  stroke-width: 4;
}
.region .halo {
  stroke: #fbf8f1;
  stroke-width: 8;
}
</style>
