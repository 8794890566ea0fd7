<script setup lang="ts">
import type { From } from '@dialytica/core/access'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import WaysIn from '../parts/access/WaysIn.vue'
import { useBook } from '../stores/book.ts'
import { useJob } from '../stores/job.ts'
import { useTriage } from '../stores/triage.ts'
import { toWayIn } from '../ways.ts'

/** The ways in for the job in hand, from how the machine stands: to the part of the suspect where nothing else is asked for. */
const job = useJob()
const book = useBook()
const triage = useTriage()
void triage.load()
const route = useRoute()
const router = useRouter()
const from = computed<From>(() => ({
  open: job.stance.open,
  done: new Set([...(book.place?.done.keys() ?? [])].map(a => a.id)),
  stands: job.stance.posture,
}))
const part = computed(() => (route.query.part as string | undefined) ?? triage.suspect?.cause?.part)
const held = computed(() => (triage.isBlank ? [] : (triage.outlook?.held ?? [])))
</script>

<template>
  <main class="way-in">
    <WaysIn
      :family="job.family"
      :book="book.book"
      :from="from"
      :isolated="job.stance.isolated"
      :held="held"
      :part="part"
      @asks="router.replace(toWayIn(job.id, $event))"
    />
  </main>
</template>

<style scoped>
.way-in {
  display: grid;
  grid-template-rows: minmax(0, 1fr);
  min-height: 0;
  overflow: auto;
}
</style>
