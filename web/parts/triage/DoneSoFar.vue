<script setup lang="ts">
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import { useTriage } from '../../stores/triage.ts'

/** What was looked at and put right so far, the newest first; each can be taken back. What a reading showed is taken back with the reading. */
defineProps<{ fixed: boolean }>()
const emit = defineEmits<{ problem: [words: string] }>()
const triage = useTriage()
const rows = computed(() => [
  ...triage.told.open.map(o => ({ entry: o.entry, words: `${o.check}: cannot tell` })),
  ...triage.told.did
    .map(d => ({
      entry: d.entry,
      words:
        'check' in d
          ? `${d.check}: ${d.good ? 'as it should be' : 'not as it should be'}${d.entry ? '' : ', by a reading'}`
          : `put right: ${d.notIt}; it was not that`,
    }))
    .reverse(),
])
</script>

<template>
  <ul v-if="rows.length" class="did" aria-label="Done so far">
    <li v-for="row in rows" :key="row.words">
      <span>{{ row.words }}</span>
      <NButton
        v-if="row.entry && !fixed"
        size="small"
        :aria-label="`Take back: ${row.words}`"
        @click="emit('problem', triage.takeBack(row.entry) ?? '')"
        >Take back</NButton
      >
    </li>
  </ul>
</template>

<style scoped>
.did {
  list-style: none;
  padding: 0;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  min-height: 40px;
  border-top: 1px solid var(--hair);
  line-height: 1.15;
}
</style>
