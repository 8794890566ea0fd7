<script setup lang="ts">
import { fastenersCsv, orderDot, orderGraphMl, photosOfReturn, returnPage, stepsCsv } from '@dialytica/core/exchange'
import { gates } from '@dialytica/core/plan'
import { addressOf, calls } from '@dialytica/core/wire'
import { drawValley, profile } from '@dialytica/core/valley'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import { dataUrl } from '../../data/data-url.ts'
import { keepFile } from '../../data/keep-file.ts'
import { useJob } from '../../stores/job.ts'
import { toJob } from '../../ways.ts'
import LinkButton from '../LinkButton.vue'
import Problem from '../Problem.vue'

/** The job in open formats. Tables, pictures and the page are made on this device, without a network but for photos that are not here; a zip is packed by the server. */
const job = useJob()
const problem = ref('')
const busy = ref(false)
const name = computed(() => job.card?.model.code ?? 'machine')

function valley(): string {
  const bars = gates(job.family, job.plan).flatMap(g => (g.turn ? [] : [g.step]))
  return drawValley(profile(job.state, job.plan), bars, 1200, 300)
}
async function page(): Promise<void> {
  busy.value = true
  const hashes = photosOfReturn(job.state, job.plan)
  const read = await Promise.all(hashes.map(async h => [h, await dataUrl(h).catch(() => null)] as const))
  const photos = new Map(read.flatMap(([h, url]) => (url ? [[h, url]] : [])))
  const missing = hashes.length - photos.size
  problem.value = missing
    ? `${missing} of ${hashes.length} photos are not on this device: the page is without them.`
    : ''
  keepFile(returnPage(job.state, job.family, job.plan, name.value, photos), 'text/html', `return-${name.value}.html`)
  busy.value = false
}
const ways: readonly (readonly [string, () => void])[] = [
  ['Steps (CSV)', () => keepFile(stepsCsv(job.state, job.family), 'text/csv', `steps-${name.value}.csv`)],
  ['Fasteners (CSV)', () => keepFile(fastenersCsv(job.state, job.family), 'text/csv', `fasteners-${name.value}.csv`)],
  ['Valley (SVG)', () => keepFile(valley(), 'image/svg+xml', `valley-${name.value}.svg`)],
  ['Order (GraphML)', () => keepFile(orderGraphMl(job.planned), 'application/xml', `order-${name.value}.graphml`)],
  ['Order (DOT)', () => keepFile(orderDot(job.planned), 'text/vnd.graphviz', `order-${name.value}.dot`)],
]
</script>

<template>
  <details class="out">
    <summary>Take it out</summary>
    <template v-if="job.id">
      <NButton tag="a" :href="addressOf(calls.returnPdf, { job: job.id })" target="_blank" rel="noopener"
        >The way back, to print (PDF)</NButton
      >
      <LinkButton :to="toJob(job.id, 'labels')">Labels (PDF, SVG)</LinkButton>
      <NButton tag="a" :href="addressOf(calls.jobParcel, { job: job.id })"
        >Recording for others, with photos (zip)</NButton
      >
      <NButton tag="a" :href="addressOf(calls.jobParcel, { job: job.id }, { whole: 1 })"
        >Whole job, with photos (zip)</NButton
      >
      <p class="soft">
        A recording leaves serial, place and names here; a whole job has them. Photos and notes go as they are: see
        whether one shows a plate or names somebody.
      </p>
    </template>
    <NButton :loading="busy" @click="page">The way back, one page (HTML)</NButton>
    <NButton v-for="[words, make] in ways" :key="words" @click="make">{{ words }}</NButton>
    <Problem :says="problem" />
  </details>
</template>

<style scoped>
summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  font-weight: 650;
  cursor: pointer;
}
summary::after {
  content: '…';
}
.out p {
  padding-bottom: 10px;
}
.out .n-button {
  width: 100%;
  margin-bottom: 8px;
}
</style>
