<script setup lang="ts">
import { zoneTitle, type Family, type Posture } from '@dialytica/core/machine'
import { computed, useId } from 'vue'
import { box } from './cutaway/drawing.ts'
import { drawings } from './cutaway/drawings.ts'

/**
 * The machine in section: which zones are open, where things are owed, how it stands. With `choose` it is a way to pick
 * a zone by touching the machine. What else is drawn over it comes in the slot, in the units of the drawing.
 */
const props = defineProps<{
  family: Family
  zone?: string | undefined
  open?: readonly string[]
  owed?: Record<string, number>
  posture?: Posture
  /** Where a search suspects something: the likelihood of each zone, 0 to 1. */
  suspects?: Record<string, number>
  /** What a list beside it says of each zone: the numbers of its rows. */
  rows?: Record<string, string>
  choose?: boolean
  large?: boolean
}>()
const emit = defineEmits<{ choose: [zone: string] }>()

const drawing = computed(() => drawings[props.family])
const zones = computed(() => Object.entries(drawing.value.zones))
const hatch = useId()
const turns: Partial<Record<Posture, number>> = { 'tipped back': 14, 'on its back': 90, 'on its front': -90 }
const turn = computed(() => turns[props.posture ?? 'upright'] ?? 0)
const percent = (p: number) => `${Math.max(1, Math.round(p * 100))} %`
const said = computed(() => {
  const open = props.open?.length
    ? `Open: ${props.open.map(z => zoneTitle(props.family, z)).join(', ')}.`
    : 'Nothing open.'
  const owed = Object.entries(props.owed ?? {}).map(([z, n]) => `${n} off at ${zoneTitle(props.family, z)}`)
  const sought = Object.entries(props.suspects ?? {}).map(([z, p]) => `${percent(p)} at ${zoneTitle(props.family, z)}`)
  return [
    open,
    owed.join(', '),
    ...Object.entries(props.rows ?? {}).map(([z, n]) => `${n} at ${zoneTitle(props.family, z)}.`),
    sought.length ? `Sought: ${sought.join(', ')}.` : '',
    props.posture && props.posture !== 'upright' ? props.posture : '',
  ]
    .filter(Boolean)
    .join(' ')
})

/** Arrow keys walk through the zones, as in any group of choices. */
function step(event: KeyboardEvent, by: number): void {
  const ids = zones.value.map(([id]) => id)
  const next = ids[(ids.indexOf(props.zone ?? ids[0]!) + by + ids.length) % ids.length]!
  emit('choose', next)
  const group = (event.currentTarget as Element).closest('svg')
  requestAnimationFrame(() => group?.querySelector<SVGElement>(`[data-zone="${next}"]`)?.focus())
}
</script>

<template>
  <svg
    class="cutaway"
    :class="{ large }"
    :viewBox="`0 0 ${box.width} ${box.height}`"
    :role="choose ? 'radiogroup' : 'img'"
    :aria-label="choose ? 'Zone of the machine' : said"
  >
    <defs>
      <pattern :id="hatch" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="9" height="9" fill="var(--off-wash)" fill-opacity=".75" />
        <path d="M0 0V9" stroke="var(--off)" stroke-width="2" stroke-opacity=".55" />
      </pattern>
    </defs>
    <g :transform="`rotate(${turn} 200 220)`">
      <g v-html="drawing.hull" />
      <g v-html="drawing.works" />
      <g v-html="drawing.lines" />
      <g v-if="large" v-html="drawing.fine" />
      <g v-for="[id, { d }] in zones" :key="id">
        <path
          v-if="open?.includes(id)"
          :d="d"
          fill-rule="evenodd"
          :fill="`url(#${hatch})`"
          fill-opacity=".8"
          class="open"
        />
        <path
          v-if="suspects?.[id]"
          :d="d"
          fill-rule="evenodd"
          class="suspect"
          :style="{ fillOpacity: 0.12 + 0.5 * suspects[id]! }"
        />
        <path v-if="id === zone" :d="d" fill-rule="evenodd" class="lit" />
        <path
          v-if="choose"
          :d="d"
          fill-rule="evenodd"
          class="zone"
          role="radio"
          :data-zone="id"
          :aria-checked="id === zone"
          :aria-label="zoneTitle(family, id)"
          :tabindex="id === (zone ?? zones[0]![0]) ? 0 : -1"
          @click="emit('choose', id)"
          @keydown.enter.space.prevent.stop="emit('choose', id)"
          @keydown.right.down.prevent.stop="step($event, 1)"
          @keydown.left.up.prevent.stop="step($event, -1)"
        />
      </g>
      <g
        v-for="[id, { at }] in zones"
        :key="`n${id}`"
        :transform="`translate(${Math.min(at[0], 370)} ${at[1]}) rotate(${-turn})`"
        class="on"
      >
        <g v-if="choose" class="tag" @click="emit('choose', id)">
          <rect
            :x="-zoneTitle(family, id).length * 4 - 5"
            y="-11"
            :width="zoneTitle(family, id).length * 8 + 10"
            height="22"
            rx="2"
            class="name"
          />
          <text y="5" class="word">{{ zoneTitle(family, id) }}</text>
        </g>
        <g v-if="suspects?.[id] && !choose">
          <rect x="-27" y="-15" width="54" height="30" rx="3" class="share" />
          <text y="6" class="share-word">{{ percent(suspects[id]!) }}</text>
        </g>
        <g v-else-if="rows?.[id] && !choose">
          <rect
            :x="-rows[id]!.length * 7 - 9"
            y="-19"
            :width="rows[id]!.length * 14 + 18"
            height="38"
            rx="3"
            class="row"
          />
          <text y="8" class="row-word">{{ rows[id] }}</text>
        </g>
        <g v-else-if="owed?.[id] && !choose">
          <circle :r="large ? 13 : 17" class="debt" />
          <text :y="large ? 5 : 6.5" class="count" :style="{ fontSize: large ? '14px' : '19px' }">{{ owed[id] }}</text>
        </g>
      </g>
      <slot />
    </g>
  </svg>
</template>

<style scoped>
.suspect {
  fill: var(--caution);
  stroke: var(--caution);
  stroke-width: 3;
  stroke-dasharray: 7 4;
}
.share {
  fill: var(--sheet);
  stroke: var(--caution);
  stroke-width: 3;
}
.share-word {
  font-family: 'Martian Mono';
  font-weight: 700;
  font-size: 15px;
  text-anchor: middle;
  fill: var(--ink);
}
.row {
  fill: var(--work);
}
.row-word {
  font-family: 'Martian Mono';
  font-weight: 700;
  font-size: 22px;
  text-anchor: middle;
  fill: var(--on-work);
}
.cutaway {
  display: block;
  width: 100%;
  height: 100%;
}
.open {
  stroke: var(--off);
  stroke-width: 2;
  stroke-dasharray: 6 4;
}
.lit {
  fill: var(--work);
  fill-opacity: 0.24;
  stroke: var(--work);
  stroke-width: 4;
}
.zone {
  fill: transparent;
  stroke: var(--soft);
  stroke-opacity: 0.5;
  stroke-dasharray: 2 5;
  cursor: pointer;
}
.zone:focus-visible {
  outline: none;
  stroke: var(--work);
  stroke-width: 5;
  stroke-opacity: 1;
  stroke-dasharray: none;
}
.on {
  pointer-events: none;
}
.tag {
  pointer-events: auto;
  cursor: pointer;
}
.name {
  fill: var(--sheet);
  fill-opacity: 0.92;
}
.word {
  font-family: Archivo;
  font-weight: 650;
  font-size: 15px;
  font-stretch: 80%;
  text-anchor: middle;
  fill: var(--ink);
}
.debt {
  fill: var(--off);
  stroke: var(--sheet);
  stroke-width: 2.5;
}
.count {
  font-family: 'Martian Mono';
  font-stretch: 80%;
  font-weight: 700;
  text-anchor: middle;
  fill: var(--sheet);
}
</style>
