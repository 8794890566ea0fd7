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
import { computed, ref, watch } from 'vue'
import FieldEntry from './FieldEntry.vue'
import WaypointEntry from './WaypointEntry.vue'
import { shown, told, valueAt, wrongWith } from './values.ts'

/** The move in hand as tiles: what is known stands on them, a tap tells it. */
const props = defineProps<{ move: Move; family: Family; zone: string | undefined; ask?: string | undefined }>()
const emit = defineEmits<{ tell: [move: Move]; as: [kind: MoveKindName]; drop: []; asked: [] }>()

const fields = computed(() => kindOf(props.move).fields({ family: props.family, zone: props.zone }))
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
      <button class="btn" type="button" :aria-label="`Done with ${open.label}`" @click="close()">
        ‹ {{ open.label }}
      </button>
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
      <select
        v-if="variants.length > 1"
        class="tile variant"
        aria-label="Kind of act"
        :value="move.kind"
        @change="emit('as', ($event.target as HTMLSelectElement).value as MoveKindName)"
      >
        <option v-for="v in variants" :key="v" :value="v">{{ moveKinds[v].name }}</option>
      </select>
      <button
        v-for="field in offered"
        :key="field.path"
        type="button"
        class="tile"
        :class="{ known: shown(valueAt(move, field.path), field) }"
        @click="openPath = field.path"
      >
        <b class="mono">{{ shown(valueAt(move, field.path), field) || '–' }}</b>
        <span>{{ field.label }}</span>
      </button>
      <button
        v-if="fields.length > offered.length || more"
        type="button"
        class="tile"
        :aria-expanded="more"
        @click="more = !more"
      >
        <b>{{ more ? '‹' : '…' }}</b><span>{{ more ? 'less' : 'more' }}</span>
      </button>
      <button type="button" class="tile drop" @click="emit('drop')"><b>✕</b><span>drop</span></button>
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
  display: grid;
  align-content: center;
  justify-items: start;
  gap: 1px;
  min-height: 50px;
  min-width: 62px;
  max-width: 210px;
  padding: 3px 10px;
  border: 2px solid var(--rule);
  border-radius: 3px;
  background: var(--sheet);
  color: var(--ink);
  font-family: Archivo;
  font-weight: 500;
  font-size: 16px;
  line-height: 1.1;
  font-stretch: 84%;
  cursor: pointer;
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
  background: var(--off-wash);
}
.known span {
  color: var(--ink);
}
.variant {
  font-weight: 650;
  font-size: 18px;
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
