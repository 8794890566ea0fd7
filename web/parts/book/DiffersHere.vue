<script setup lang="ts">
import type { Differs } from '@dialytica/core/book'
import { lastStep, whyNot } from '@dialytica/core/log'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import { useBook } from '../../stores/book.ts'
import { useJob } from '../../stores/job.ts'
import Problem from '../Problem.vue'
import { differsAsks, differsKept } from './differs-words.ts'

/** The last step has another count than most machines of the model: one is missing, or it is another build. One touch says which. */
const job = useJob()
const book = useBook()
const problem = ref('')
const last = computed(() => lastStep(job.state))
/** Keeps what somebody said of a difference, and asks no more. */
function keep(of: Differs, why: string | null): void {
  problem.value = why ?? ''
  if (!why) book.answer(of.move.id)
}
const missing = (of: Differs) =>
  keep(
    of,
    whyNot(
      job.says('found-before', {
        what: differsKept(of).missing,
        how: 'missing',
        ...(last.value?.zone && { zone: last.value.zone }),
        photos: [],
      }),
    ),
  )
const build = (of: Differs) =>
  keep(of, whyNot(job.says('note-added', { text: differsKept(of).build, step: last.value!.id })))
</script>

<template>
  <section v-for="d in book.differs" :key="d.move.id" class="differs" aria-label="Otherwise than before">
    <p>
      <b>{{ differsAsks(d) }}</b> {{ d.here < d.most ? 'One missing, or another build?' : 'Another build?' }}
    </p>
    <div class="ways">
      <NButton v-if="d.here < d.most" @click="missing(d)">Missing</NButton>
      <NButton @click="build(d)">Another build</NButton>
    </div>
  </section>
  <Problem :says="problem" />
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
