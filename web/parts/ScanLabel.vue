<script setup lang="ts">
import { cellCode, moveCode } from '@dialytica/core'
import { ref } from 'vue'
import { readCode } from '../devices/read-code.ts'
import { scan } from '../devices/simulated-scanner.ts'
import { useJob } from '../stores/job.ts'
import { useScan } from '../stores/scan.ts'

/** Reads a label by the simulated scanner or from a photo, and goes to what it is of. A scanner that types works anywhere. */
const job = useJob()
const scanner = useScan()
const problem = ref('')

function follow(text: string | null | undefined): void {
  problem.value = ''
  if (!text) problem.value = 'No code is seen: hold it flat, with light from the side.'
  else if (!scanner.follow(text)) problem.value = 'This is no label of this machine.'
}
/** The simulated scanner is held to one label after the other of what is off. */
function simulate(): void {
  const texts = job.debts.map(d => (d.cell ? cellCode(job.id!, d.cell) : moveCode(job.id!, d.move)))
  follow(scan([...new Set(texts)]))
}
async function choose(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  follow(await readCode(file).catch(() => null))
}
</script>

<template>
  <div class="scan" role="group" aria-label="Read a label">
    <button class="btn" type="button" @click="simulate">Scan a label</button>
    <label class="btn file">Photo of a label<input type="file" accept="image/*" class="sr" @change="choose" /></label>
    <p v-if="problem" class="note danger" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.scan {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.file:focus-within {
  outline: 3px solid var(--work);
  outline-offset: 2px;
}
</style>
