<script setup lang="ts">
import { itemNouns } from '@dialytica/core/items'
import { balance } from '@dialytica/core/ledger'
import { NTable } from 'naive-ui'
import { computed } from 'vue'
import { useJob } from '../../stores/job.ts'
import Glyph from '../Glyph.vue'

/** What became of everything that came off, by kind. */
const job = useJob()
const rows = computed(() => balance(job.state))
</script>

<template>
  <NTable v-if="rows.length" :bordered="false" size="small">
    <thead>
      <tr>
        <th scope="col">kind</th>
        <th scope="col">off</th>
        <th scope="col">back</th>
        <th scope="col">new</th>
        <th scope="col">gone</th>
        <th scope="col">owed</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.item">
        <th scope="row"><Glyph :kind="row.item" :size="20" /> {{ itemNouns[row.item][1] }}</th>
        <td>{{ row.taken }}</td>
        <td>{{ row.refitted }}</td>
        <td>{{ row.replaced }}</td>
        <td>{{ row.scrapped + row.missing }}</td>
        <td :class="{ owed: row.owed }">{{ row.owed }}</td>
      </tr>
    </tbody>
  </NTable>
  <p v-else class="soft">Nothing came off yet.</p>
</template>

<style scoped>
th,
td {
  padding: 4px;
  border-bottom: 1px solid var(--hair);
  text-align: right;
  font-weight: 500;
}
thead th {
  border-bottom: 2px solid var(--rule);
  color: var(--soft);
}
th:first-child {
  text-align: left;
}
tbody th {
  display: flex;
  gap: 8px;
  align-items: center;
}
td {
  font-family: 'Martian Mono';
  font-stretch: 80%;
  font-size: 15px;
}
.owed {
  color: var(--off);
  font-weight: 700;
}
</style>
