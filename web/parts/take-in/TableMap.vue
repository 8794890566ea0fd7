<script setup lang="ts">
import {
  columnRoles,
  guessed,
  readRows,
  stepsOfRows,
  type ColumnRole,
  type Mapping,
  type Table,
} from '@dialytica/core/exchange'
import type { Step } from '@dialytica/core/log'
import type { Family } from '@dialytica/core/machine'
import { describe } from '@dialytica/core/moves'
import { v4 } from 'uuid'
import { computed, ref, watch } from 'vue'
import Choice from '../Choice.vue'

/** A table laid over what the application knows: what each column is, and how each row is read with it, before anything is taken in. */
const props = defineProps<{ table: Table; family: Family }>()
const emit = defineEmits<{ steps: [steps: Step[]] }>()
const mapping = ref<Mapping>({})
watch(
  () => props.table,
  table => (mapping.value = guessed(table)),
  { immediate: true },
)
const names: Record<ColumnRole, string> = {
  step: 'number of the step',
  zone: 'zone',
  says: 'what is done',
  place: 'where, which part',
  count: 'how many',
  size: 'screw or drive',
  length: 'length',
  cell: 'cell of the tray',
  condition: 'as found',
  note: 'note',
}
const none = 'left out'
const options = [...columnRoles.map(r => ({ value: r as string, label: names[r] })), { value: none, label: none }]
const roleOf = (column: number) => columnRoles.find(r => mapping.value[r] === column) ?? none
function tell(column: number, role: string): void {
  const next = Object.fromEntries(Object.entries(mapping.value).filter(([, at]) => at !== column)) as Mapping
  mapping.value = role === none ? next : { ...next, [role]: column }
}
const rows = computed(() => readRows(props.table, mapping.value, props.family, v4))
watch(rows, read => emit('steps', stepsOfRows(read, v4)), { immediate: true })
const understood = computed(() => rows.value.filter(r => !r.problem).length)
/** So many rows are shown: all are taken in. */
const shown = 100
</script>

<template>
  <section aria-label="How the table is read">
    <p role="status">
      <b>{{ understood }}</b> of {{ rows.length }} rows are understood; the others keep their words.
    </p>
    <div class="scroll" tabindex="0" role="region" aria-label="Rows">
      <table>
        <thead>
          <tr>
            <th v-for="(name, i) in table.head" :key="i" scope="col">
              {{ name || `column ${i + 1}` }}
              <Choice :label="`Column ${name}`" :value="roleOf(i)" :options="options" @choose="tell(i, $event)" />
            </th>
            <th scope="col" class="read">read as</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(cells, i) in table.rows.slice(0, shown)" :key="i">
            <td v-for="(_, c) in table.head" :key="c" :class="{ out: roleOf(c) === none }">{{ cells[c] }}</td>
            <td class="read" :class="{ not: rows[i]!.problem }">
              {{ rows[i]!.problem ?? rows[i]!.moves.map(describe).join(' ') }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-if="table.rows.length > shown" class="soft">The first {{ shown }} rows are shown.</p>
  </section>
</template>

<style scoped>
.scroll {
  overflow: auto;
  max-height: 420px;
  border: 2px solid var(--rule);
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: 6px 10px;
  border-top: 1px solid var(--hair);
  max-width: 260px;
  overflow-wrap: anywhere;
}
th {
  position: sticky;
  top: 0;
  background: var(--ground);
  white-space: nowrap;
}
td.out {
  color: var(--soft);
}
.read {
  position: sticky;
  right: 0;
  min-width: 260px;
  background: var(--sheet);
  box-shadow: inset 2px 0 0 var(--rule);
}
th.read {
  z-index: 1;
}
@media (max-width: 700px) {
  .read {
    position: static;
  }
}
td.not {
  color: var(--off);
}
</style>
