<script setup lang="ts">
import { drawSheets, labelKinds, labelsOf, sheets, type DrawCode, type LabelKind } from '@dialytica/core/labels'
import { addressOf, calls } from '@dialytica/core/wire'
import { useLocalStorage } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { computed, ref, shallowRef } from 'vue'
import { useCommands } from '../commands.ts'
import { squareCodes } from '../data/square-code.ts'
import LabelSheets from '../parts/labels/LabelSheets.vue'
import { keepFile } from '../data/keep-file.ts'
import LinkButton from '../parts/LinkButton.vue'
import ScanLabel from '../parts/ScanLabel.vue'
import Stepper from '../parts/Stepper.vue'
import { useJob } from '../stores/job.ts'
import { toJob } from '../ways.ts'

/** Labels for cells, connectors and parts, as they will be printed. */
const job = useJob()
const kinds = ref<LabelKind[]>(['cells'])
const sheetId = useLocalStorage('label-sheet', sheets[0]!.id)
const skip = ref(0)
const page = ref(0)
const drawCode = shallowRef<DrawCode | null>(null)
void squareCodes().then(draw => (drawCode.value = draw))

const sheet = computed(() => sheets.find(s => s.id === sheetId.value) ?? sheets[0]!)
const onSheet = computed(() => sheet.value.columns * sheet.value.rows)
const used = computed(() => Math.min(skip.value, onSheet.value - 1))
const wanted = computed(() => labelKinds.filter(k => kinds.value.includes(k)))
const count = (kind: LabelKind) => labelsOf(job.state, job.family, job.id!, [kind]).length
const labels = computed(() => labelsOf(job.state, job.family, job.id!, wanted.value))
const pages = computed(() =>
  drawCode.value && labels.value.length ? drawSheets(sheet.value, labels.value, drawCode.value, used.value) : [],
)
const shown = computed(() => Math.min(page.value, Math.max(0, pages.value.length - 1)))
const flip = (kind: LabelKind) =>
  (kinds.value = kinds.value.includes(kind) ? kinds.value.filter(k => k !== kind) : [...kinds.value, kind])
const pdf = computed(() =>
  addressOf(
    calls.labelsPdf,
    { job: job.id ?? '' },
    { sheet: sheet.value.id, kinds: wanted.value.join(','), skip: used.value },
  ),
)
function saveSvg(): void {
  for (const [i, svg] of pages.value.entries()) keepFile(svg, 'image/svg+xml', `labels-${sheet.value.id}-${i + 1}.svg`)
}
useCommands({
  forth: () => (page.value = Math.min(pages.value.length - 1, shown.value + 1)),
  back: () => (page.value = Math.max(0, shown.value - 1)),
})
</script>

<template>
  <main class="labels">
    <section class="choose" aria-label="What is printed">
      <h1>Labels</h1>
      <div class="row" role="group" aria-label="For what">
        <NButton v-for="k in labelKinds" :key="k" :aria-pressed="kinds.includes(k)" @click="flip(k)">
          {{ k }} <span class="mono">{{ count(k) }}</span>
        </NButton>
      </div>
      <h2>On what</h2>
      <div class="row" role="group" aria-label="Sheet or tape">
        <NButton v-for="s in sheets" :key="s.id" :aria-pressed="s.id === sheet.id" @click="sheetId = s.id">
          {{ s.name }}
        </NButton>
      </div>
      <template v-if="onSheet > 1">
        <h2>Places already used on the first sheet</h2>
        <div class="row">
          <Stepper
            :value="used"
            :least="0"
            :most="onSheet - 1"
            less="One place less"
            more="One place more"
            @tell="skip = $event"
          />
        </div>
      </template>
      <div v-if="labels.length" class="row out">
        <NButton tag="a" type="primary" :href="pdf" target="_blank" rel="noopener">PDF to print</NButton>
        <NButton :disabled="!pages.length" @click="saveSvg">SVG</NButton>
      </div>
      <p v-else class="soft">Choose what to label. Connectors and parts are there once they are recorded.</p>
      <p class="soft small">Print at 100 %, not fitted to the page.</p>
      <h2>Read one back</h2>
      <ScanLabel />
      <LinkButton class="back" :to="toJob(job.id, 'descent')">Back to the descent</LinkButton>
    </section>
    <LabelSheets
      class="sheet"
      :model-value="shown"
      :pages="pages"
      :labels="labels.length"
      @update:model-value="page = $event"
    />
  </main>
</template>

<style scoped>
.labels {
  display: grid;
  grid-template-columns: 420px minmax(0, 1fr);
  min-height: 0;
  font-size: 18px;
}
.choose {
  padding: 14px 22px;
  display: grid;
  gap: 8px;
  align-content: start;
  overflow: auto;
  border-right: 2px solid var(--rule);
}
h1 {
  font-size: 30px;
}
h2 {
  margin-top: 6px;
  font-size: 19px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.out {
  margin-top: 8px;
}
.back {
  justify-self: start;
  margin-top: 8px;
}
@media (max-width: 1000px) {
  .labels {
    display: flex;
    flex-direction: column;
    overflow: auto;
  }
  .choose,
  .sheet {
    flex: none;
    border: 0;
    overflow: visible;
  }
}
</style>
