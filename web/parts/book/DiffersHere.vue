<script setup lang="ts">
import type { Differs } from '@dialytica/core/book'
import { lastStep, whyNot } from '@dialytica/core/log'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import { useBook } from '../../stores/book.ts'
import { useJob } from '../../stores/job.ts'
import Problem from '../Problem.vue'
import { differsSays } from './book-words.ts'

/** The last step has another count than most machines of the model: one is missing, or it is another build. One touch says which. */
const job = useJob()
const book = useBook()
const problem = ref('')
const all = computed(() => book.differs.map(differs => ({ differs, says: differsSays(differs) })))
const zone = computed(() => lastStep(job.state)?.zone)
const missing = (of: Differs) =>
  (problem.value =
    whyNot(
      job.says('found-before', {
        what: differsSays(of).missing,
        how: 'missing',
        ...(zone.value && { zone: zone.value }),
        photos: [],
      }),
    ) ?? '')
const build = (of: Differs) =>
  (problem.value = whyNot(job.says('note-added', { text: differsSays(of).build, step: lastStep(job.state)!.id })) ?? '')
</script>

<template>
  <section v-for="d in all" :key="d.differs.move.id" class="differs" aria-label="Otherwise than before">
    <p>
      <b>{{ d.says.asks }}</b>
      {{ d.differs.here < d.differs.most ? 'One missing, or another build?' : 'Another build?' }}
    </p>
    <div class="ways">
      <NButton v-if="d.differs.here < d.differs.most" @click="missing(d.differs)">Missing</NButton>
      <NButton @click="build(d.differs)">Another build</NButton>
    </div>
    <Problem :says="problem" />
  </section>
</template>

<style scoped>
.differs {
  display: grid;
  gap: 6px;
  margin-top: 8px;
  padding: 8px 10px;
  border-left: 6px solid var(--caution);
  background: var(--sheet);
  font-size: 16px;
  line-height: 1.2;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
