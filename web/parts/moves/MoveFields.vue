<script setup lang="ts">
import type { Waypoint } from '@dialytica/core/items'
import type { Family } from '@dialytica/core/machine'
import {
  glyphFor,
  kindOf,
  moveKinds,
  variantsOf,
  type Field,
  type Move,
  type MoveKindName,
} from '@dialytica/core/moves'
import { ChevronLeft, Ellipsis, X } from '@lucide/vue'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import Choice from '../Choice.vue'
import FieldEntry from './FieldEntry.vue'
import { shown, told, valueAt, wrongWith } from './values.ts'
import WaypointEntry from './WaypointEntry.vue'

/** The move in hand as tiles: what is known stands on them, a tap tells it. */
const props = defineProps<{ move: Move; family: Family; zone: string | undefined; ask?: string | undefined }>()
const emit = defineEmits<{ tell: [move: Move]; as: [kind: MoveKindName]; drop: []; asked: [] }>()

const fields = computed(() =>
  kindOf(props.move).fields({
    family: props.family,
    zone: props.zone,
    thing: 'part' in props.move ? props.move.part.name : undefined,
  }),
)
const variants = computed(() => variantsOf[glyphFor(props.move.kind)])
/** The first ones stand there; the rest is one tap away. Whatever is known is always shown. */
const first = 6
const more = ref(false)
const offered = computed(() =>
  fields.value.filter((f, i) => more.value || i < first || shown(valueAt(props.move, f.path), f)),
)
/** A field that is asked for from outside stands open. */
const openPath = ref<string | null>(props.ask ?? null)
watch(
  () => props.ask,
  path => path && (openPath.value = path),
)
const open = computed(() => fields.value.find(f => f.path === openPath.value))
watch([() => props.move.id, () => props.move.kind], () => (openPath.value = props.ask ?? null))
const wrong = ref<string | null>(null)

function close(): void {
  openPath.value = null
  emit('asked')
}
function tell(field: Field, value: unknown): void {
  const next = told(props.move, field, value, props.family)
  wrong.value = wrongWith(next)
  if (!wrong.value) emit('tell', next)
}
</script>

<template>
  <div class="fields" role="group" aria-label="What is known of it">
    <div v-if="open" class="entry">
      <NButton :aria-label="`Done with ${open.label}`" @click="close()"><ChevronLeft />{{ open.label }}</NButton>
      <WaypointEntry
        v-if="open.path === 'route.waypoints'"
        :waypoints="valueAt(move, open.path) as Waypoint[]"
        @tell="tell(open, $event)"
      />
      <FieldEntry
        v-else
        :key="open.path"
        :field="open"
        :value="valueAt(move, open.path)"
        @tell="tell(open, $event)"
        @done="close()"
      />
      <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    </div>
    <div v-else class="tiles">
      <Choice
        v-if="variants.length > 1"
        :value="move.kind"
        label="Kind of act"
        :options="variants.map(v => ({ value: v, label: moveKinds[v].name }))"
        @choose="emit('as', $event)"
      />
      <NButton
        v-for="field in offered"
        :key="field.path"
        class="tile"
        :class="{ known: shown(valueAt(move, field.path), field) }"
        @click="openPath = field.path"
      >
        <b class="mono">{{ shown(valueAt(move, field.path), field) || '–' }}</b>
        <span>{{ field.label }}</span>
      </NButton>
      <NButton v-if="fields.length > offered.length || more" class="tile" :aria-expanded="more" @click="more = !more">
        <ChevronLeft v-if="more" /><Ellipsis v-else /><span>{{ more ? 'less' : 'more' }}</span>
      </NButton>
      <NButton class="tile drop" @click="emit('drop')"><X /><span>drop</span></NButton>
    </div>
  </div>
</template>

<style scoped>
.tiles {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.tile {
  min-height: 50px;
  min-width: 62px;
  max-width: 210px;
  padding: 3px 10px;
  justify-content: flex-start;
  font-weight: 500;
  font-size: 16px;
  line-height: 1.1;
  text-align: left;
}
.tile :deep(.n-button__content) {
  display: grid;
  justify-items: start;
  gap: 1px;
}
.tile b {
  font-size: 17px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  max-width: 100%;
}
.tile span {
  color: var(--soft);
}
.known {
  --n-color: var(--off-wash);
}
.known span {
  color: var(--ink);
}
.entry {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}
.wrong {
  color: var(--danger);
  font-weight: 650;
}
</style>
