<script setup lang="ts">
import { cellCode, moveCode } from '@dialytica/core/labels'
import { NButton } from 'naive-ui'
import { ref } from 'vue'
import type { Errand } from '../devices/camera.ts'
import { scan } from '../devices/simulated-scanner.ts'
import { useCamera } from '../stores/camera.ts'
import { useJob } from '../stores/job.ts'
import { useScan } from '../stores/scanned-label.ts'
import FilePick from './FilePick.vue'
import Problem from './Problem.vue'

/** Reads a label by the camera or from a photo, and goes to what it is of; in the demo by the simulated scanner. A scanner that types works anywhere. */
const job = useJob()
const scanner = useScan()
const camera = useCamera()
const problem = ref('')
const errand = (): Errand => ({
  kind: 'label',
  words: 'Hold the camera to the label.',
  simulated: async () => null,
  keep: () => undefined,
  read: follow,
})

function follow(text: string | undefined): void {
  problem.value = ''
  if (!text) problem.value = 'There is no label before the simulated scanner: nothing is off.'
  else if (!scanner.follow(text)) problem.value = 'This is no label of this machine.'
}
/** The simulated scanner is held to one label after the other of what is off. */
function read(): void {
  problem.value = ''
  if (!camera.simulated) return camera.ask(errand())
  const texts = job.debts.map(d => (d.cell ? cellCode(job.id!, d.cell) : moveCode(job.id!, d.move)))
  follow(scan([...new Set(texts)]))
}
function choose([file]: readonly File[]): void {
  problem.value = ''
  if (file) void camera.bring(errand(), file)
}
</script>

<template>
  <div class="scan" role="group" aria-label="Read a label">
    <NButton @click="read">Scan a label</NButton>
    <FilePick accept="image/*" @pick="choose">Photo of a label</FilePick>
    <Problem :says="problem || camera.problem('label')" />
  </div>
</template>

<style scoped>
.scan {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
