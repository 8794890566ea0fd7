<script setup lang="ts">
import type { Standing } from '@dialytica/core/ledger'
import { text } from '@dialytica/core/words'
import { RouterLink } from 'vue-router'
import { useJob } from '../../stores/job.ts'
import { toJob } from '../../ways.ts'

/** What is off, by where it lies. */
defineProps<{ lying: Standing['lying'] }>()
const job = useJob()
</script>

<template>
  <section class="lying" aria-label="What is off, and where it lies" tabindex="0">
    <h2>Off, and where it lies</h2>
    <p v-if="!lying.length" class="clear">Nothing is off.</p>
    <div v-for="(l, i) in lying" :key="i" class="place">
      <h3 :class="{ mono: l.at === 'cell' }">{{ text(l.where) }}</h3>
      <ul>
        <li v-for="t in l.things" :key="t.debt">
          <RouterLink :to="toJob(job.id, 'return', t.step)">{{ text(t.label) }}</RouterLink>
        </li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
h2 {
  font-size: 22px;
  margin: 4px 0 6px;
}
.place {
  display: grid;
  grid-template-columns: 110px 1fr;
  gap: 10px;
  padding: 6px 0;
  border-bottom: 1px solid var(--hair);
  line-height: 1.2;
}
.place h3 {
  font-size: 17px;
  font-weight: 700;
}
.place li {
  padding: 2px 0;
}
.place a {
  display: inline-block;
  min-height: 24px;
}
.clear {
  color: var(--work);
}
</style>
