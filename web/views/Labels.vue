<script setup lang="ts">
import { drawSheets, labelKinds, labelsOf, sheets, type DrawCode, type LabelKind } from '@dialytica/core/labels'
import { addressOf, calls } from '@dialytica/core/wire'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, shallowRef } from 'vue'
import { RouterLink } from 'vue-router'
import { squareCodes } from '../data/square-code.ts'
import { useCommands } from '../commands.ts'
import ScanLabel from '../parts/ScanLabel.vue'
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
  for (const [i, svg] of pages.value.entries()) {
    const link = document.createElement('a')
    link.href = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }))
    link.download = `labels-${sheet.value.id}-${i + 1}.svg`
    link.click()
    setTimeout(() => URL.revokeObjectURL(link.href), 10_000)
  }
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
        <button
          v-for="k in labelKinds"
          :key="k"
          class="btn"
          type="button"
          :aria-pressed="kinds.includes(k)"
          @click="flip(k)"
        >
          {{ k }} <span class="mono">{{ count(k) }}</span>
        </button>
      </div>
      <h2>On what</h2>
      <div class="row" role="group" aria-label="Sheet or tape">
        <button
          v-for="s in sheets"
          :key="s.id"
          class="btn"
          type="button"
          :aria-pressed="s.id === sheet.id"
          @click="sheetId = s.id"
        >
          {{ s.name }}
        </button>
      </div>
      <template v-if="onSheet > 1">
        <h2>Places already used on the first sheet</h2>
        <div class="row">
          <button class="btn" type="button" aria-label="One place less" :disabled="used === 0" @click="skip = used - 1">
            −
          </button>
          <output class="mono count">{{ used }}</output>
          <button
            class="btn"
            type="button"
            aria-label="One place more"
            :disabled="used === onSheet - 1"
            @click="skip = used + 1"
          >
            +
          </button>
        </div>
      </template>
      <div v-if="labels.length" class="row out">
        <a class="btn go" :href="pdf" target="_blank" rel="noopener">PDF to print</a>
        <button class="btn" type="button" :disabled="!pages.length" @click="saveSvg">SVG</button>
      </div>
      <p v-else class="soft">Choose what to label. Connectors and parts are there once they are recorded.</p>
      <p class="soft small">Print at 100 %, not fitted to the page.</p>
      <h2>Read one back</h2>
      <ScanLabel />
      <RouterLink class="btn back" :to="toJob(job.id, 'descent')">Back to the descent</RouterLink>
    </section>
    <section class="sheet" aria-label="The sheet">
      <!-- Our own drawing, its words made safe in the core. -->
      <div
        v-if="pages[shown]"
        class="paper"
        role="img"
        :aria-label="`Sheet ${shown + 1} of ${pages.length}: ${labels.length} labels`"
        v-html="pages[shown]"
      />
      <p v-if="pages.length > 1" class="pages">
        <button class="btn" type="button" :disabled="shown === 0" @click="page = shown - 1">‹</button>
        {{ shown + 1 }} of {{ pages.length }}
        <button class="btn" type="button" :disabled="shown === pages.length - 1" @click="page = shown + 1">›</button>
      </p>
    </section>
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
.count {
  min-width: 40px;
  text-align: center;
  font-size: 20px;
}
.back {
  justify-self: start;
  margin-top: 8px;
}
.sheet {
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  min-height: 0;
  background: var(--metal);
}
.paper {
  min-height: 0;
  display: grid;
  place-items: center;
  padding: 16px;
}
.paper :deep(> svg) {
  max-width: 100%;
  max-height: 100%;
  width: auto;
  height: 100%;
  outline: 1px solid var(--soft);
}
.pages {
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 14px;
  padding: 6px;
  background: var(--ground);
  border-top: 2px solid var(--rule);
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
  .paper :deep(> svg) {
    width: 100%;
    height: auto;
  }
}
</style>
