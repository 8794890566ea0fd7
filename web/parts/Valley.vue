<script setup lang="ts">
import { itemNouns } from '@dialytica/core/items'
import { layOut, type Placed, type Profile, type Closing } from '@dialytica/core/valley'
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import ValleyTile from './valley/ValleyTile.vue'

/** The job as a V with its tide; every tile leads to its step. */
const props = defineProps<{
  profile: Profile
  gates: readonly Closing[]
  /** Says a step in words, for the tile's name. */
  say: (step: string, way: 'down' | 'back') => string
}>()
const emit = defineEmits<{ go: [step: string, way: 'down' | 'back'] }>()

const frame = ref<HTMLElement | null>(null)
const { width, height } = useElementSize(frame)
const layout = computed(() =>
  layOut(props.profile, props.gates, Math.max(240, width.value), Math.max(60, height.value)),
)
const shades: Record<string, number> = {
  fastener: 0.95,
  clip: 0.6,
  connector: 0.8,
  line: 0.5,
  joint: 0.7,
  part: 0.9,
  consumable: 0.45,
  temporary: 0.65,
  posture: 0.4,
  isolation: 0.75,
}

const numbers = (p: Placed) =>
  p.tiles.length > 1 ? `steps ${p.tiles[0]!.number} to ${p.tiles.at(-1)!.number}` : `step ${p.tiles[0]!.number}`
const name = (p: Placed) =>
  `${p.way === 'down' ? 'Down' : 'Back'}, ${numbers(p)}, ${p.state}${p.tiles.some(t => t.live) ? ', under power' : ''}: ${props.say(p.tiles[0]!.step, p.way)}`
function choose(p: Placed): void {
  const target = p.tiles.find(t => t.state === 'now') ?? p.tiles.find(t => t.state === 'ahead') ?? p.tiles[0]!
  emit('go', target.step, p.way)
}
</script>

<template>
  <div ref="frame" class="valley">
    <svg
      v-if="width"
      :width="width"
      :height="height"
      role="group"
      aria-label="The job as a valley: down on the left, back on the right"
    >
      <path v-for="y in layout.levels" :key="y" :d="`M0 ${y}H${width}`" class="level" />
      <g class="tide">
        <path v-for="s in layout.tide" :key="s.kind" :d="s.d" :fill-opacity="shades[s.kind]">
          <title>{{ itemNouns[s.kind][1] }}</title>
        </path>
      </g>
      <text v-if="layout.tide.length" x="4" :y="height - 6" class="word">tide</text>
      <path :d="layout.floor" class="floor" />
      <path
        v-for="(t, i) in layout.threads"
        :key="i"
        :d="`M${t.x1} ${t.y}H${t.x2}`"
        class="thread"
        :class="{ moved: t.moved }"
      />
      <g v-for="b in layout.bars" :key="b.step" class="bar" :class="{ held: b.held }">
        <rect :x="b.x - 2" y="2" width="4" :height="height - 8" />
        <path :d="`M${b.x - 7} 2h14M${b.x - 7} ${height - 6}h14`" />
        <title>Gate: {{ b.does }}{{ b.behind ? `; ${b.behind} still owed behind it` : '' }}</title>
      </g>
      <ValleyTile
        v-for="p in layout.placed"
        :key="p.way + p.tiles[0]!.step"
        :of="p"
        :name="name(p)"
        @choose="choose(p)"
      />
    </svg>
  </div>
</template>

<style scoped>
.valley {
  height: 100%;
  width: 100%;
  overflow: hidden;
}
svg {
  display: block;
}
.level {
  stroke: var(--hair);
}
.floor {
  fill: none;
  stroke: var(--hair);
  stroke-width: 2;
}
.tide path {
  fill: var(--off);
  stroke: var(--ground);
  stroke-width: 0.4;
}
.word {
  font-family: Archivo;
  font-size: 14px;
  fill: var(--soft);
}
.thread {
  stroke: var(--hair);
  stroke-dasharray: 2 5;
}
.thread.moved {
  stroke: var(--off);
  stroke-width: 2.4;
  stroke-dasharray: none;
}
.bar rect {
  fill: var(--soft);
  fill-opacity: 0.45;
}
.bar path {
  stroke: var(--soft);
  stroke-width: 2;
}
.bar.held rect {
  fill: var(--danger);
  fill-opacity: 0.9;
}
.bar.held path {
  stroke: var(--danger);
}
</style>
