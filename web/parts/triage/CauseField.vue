<script setup lang="ts">
import { zoneTitle } from '@dialytica/core/machine'
import { placeOf, type Belief } from '@dialytica/core/triage'
import { packSiblings } from 'd3-hierarchy'
import { computed } from 'vue'
import { useJob } from '../../stores/job.ts'
import Cutaway from '../Cutaway.vue'
import { box } from '../cutaway/drawing.ts'
import { drawings } from '../cutaway/drawings.ts'
import { percent } from './words.ts'

/** What it can be, as a field on the machine: a circle for each cause at its place, its area by how likely it is; struck out where it was ruled out. */
const props = defineProps<{ held: readonly Belief[]; ruledOut: readonly string[]; lit: string | null }>()
const emit = defineEmits<{ choose: [cause: string] }>()
const job = useJob()

/** Smaller shares are not drawn, and only from the second on is the figure beside a circle. */
const least = 0.01
const figured = 0.04
/** Radius of a share of one, and of what was ruled out, in units of the drawing. */
const whole = 78
const struck = 8
const margin = 4

const circles = computed(() => {
  const { zones } = drawings[job.family]
  const drawn = props.held.flatMap(({ cause, share }) => {
    if (!cause) return []
    const isOut = props.ruledOut.includes(cause.id)
    if (!isOut && share < least) return []
    const zone = placeOf(job.family, cause.part)
    return [{ cause, share, isOut, zone: zones[zone] ? zone : 'outside', r: isOut ? struck : whole * Math.sqrt(share) }]
  })
  const places = [...new Set(drawn.map(d => d.zone))]
  return places.flatMap(zone => {
    const here = packSiblings(drawn.filter(d => d.zone === zone).map(d => ({ ...d, x: 0, y: 0 })))
    const at = zones[zone]?.at ?? [200, 20]
    // The whole group is moved into the picture, so that its circles keep beside each other.
    const into = (low: number, high: number, size: number, place: number) =>
      Math.max(margin - low, 0) - Math.max(high - (size - margin), 0) + place
    const [dx, dy] = [
      into(
        at[0] + Math.min(...here.map(c => c.x - c.r)),
        at[0] + Math.max(...here.map(c => c.x + c.r)),
        box.width,
        at[0],
      ),
      into(
        at[1] + Math.min(...here.map(c => c.y - c.r)),
        at[1] + Math.max(...here.map(c => c.y + c.r)),
        box.height,
        at[1],
      ),
    ]
    return here.map(c => ({ ...c, x: c.x + dx, y: c.y + dy }))
  })
})
const said = (c: (typeof circles.value)[0]) =>
  `${c.cause.id}, ${c.isOut ? 'ruled out' : percent(c.share)}, ${zoneTitle(job.family, c.zone)}`
</script>

<template>
  <Cutaway :family="job.family" :open="job.stance.open" :posture="job.stance.posture" large>
    <g
      v-for="c in circles"
      :key="c.cause.id"
      :transform="`translate(${c.x} ${c.y})`"
      :class="['cause', { out: c.isOut, lit: c.cause.id === lit }]"
      role="button"
      tabindex="0"
      :aria-label="said(c)"
      @click="emit('choose', c.cause.id)"
      @keydown.enter.prevent.stop="emit('choose', c.cause.id)"
    >
      <circle :r="Math.max(c.r, 14)" class="hand" />
      <circle :r="c.r" class="disc" />
      <path v-if="c.isOut" :d="`M${-c.r} ${c.r}L${c.r} ${-c.r}`" class="strike" />
      <text v-else-if="c.share >= figured" y="5" class="figure">{{ percent(c.share) }}</text>
    </g>
  </Cutaway>
</template>

<style scoped>
.cause {
  cursor: pointer;
}
.hand {
  fill: transparent;
}
.disc {
  fill: var(--off);
  fill-opacity: 0.26;
  stroke: var(--off);
  stroke-width: 2.5;
}
.lit .disc {
  fill-opacity: 0.55;
  stroke: var(--ink);
  stroke-width: 3.5;
}
.out .disc {
  fill: var(--sheet);
  fill-opacity: 0.8;
  stroke: var(--soft);
  stroke-dasharray: 4 3;
  stroke-width: 1.8;
}
.strike {
  stroke: var(--soft);
  stroke-width: 1.8;
}
.cause:focus-visible {
  outline: none;
}
.cause:focus-visible .disc {
  stroke: var(--work);
  stroke-width: 5;
}
.figure {
  font-family: 'Martian Mono';
  font-stretch: 80%;
  font-weight: 700;
  font-size: 14px;
  text-anchor: middle;
  fill: var(--ink);
  pointer-events: none;
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 3px;
  stroke-opacity: 0.7;
}
</style>
