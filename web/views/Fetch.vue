<script setup lang="ts">
import { fetchKinds, fetchText, toFetch } from '@dialytica/core/fetch'
import { entriesOf, whyNot } from '@dialytica/core/log'
import { text } from '@dialytica/core/words'
import { useClipboard, useShare } from '@vueuse/core'
import { NButton, NCheckbox } from 'naive-ui'
import { computed, ref } from 'vue'
import LinkButton from '../parts/LinkButton.vue'
import Problem from '../parts/Problem.vue'
import { useJob } from '../stores/job.ts'
import { useTriage } from '../stores/triage.ts'
import { toJob } from '../ways.ts'

/** What to have before anyone drives: parts, what goes with them, tools; ticked, sent, printed. */
const job = useJob()
const triage = useTriage()
void triage.load()
const problem = ref('')
const plate = computed(() => job.card?.model.code ?? job.state.opened?.plate ?? '')
const suspect = computed(() => triage.suspect?.cause ?? null)
const looks = computed(() =>
  triage.told.cause
    ? []
    : (triage.outlook?.course ?? []).flatMap(l => (l.act.does === 'check' ? [l.act.check] : [])).slice(0, 5),
)
const list = computed(() => toFetch(job.state, job.family, plate.value, suspect.value, looks.value))
const ticked = computed(() => {
  const last = new Map(entriesOf(job.state, 'fetch-ticked').map(({ body }) => [body.item, body.is]))
  return new Set([...last].filter(([, is]) => is).map(([item]) => item))
})
const left = computed(() => list.value.filter(l => !ticked.value.has(l.name)).length)
const tick = (item: string, is: boolean) => (problem.value = whyNot(job.says('fetch-ticked', { item, is })) ?? '')
const titles = { part: 'Parts', consumable: 'Goes with them', tool: 'Tools' } as const

const { share, isSupported: shares } = useShare()
const { copy, copied } = useClipboard()
const words = computed(() => fetchText(plate.value, list.value, ticked.value))
const send = () => (shares.value ? share({ text: words.value }).catch(() => undefined) : copy(words.value))
const print = () => globalThis.print()
</script>

<template>
  <main class="fetch">
    <header>
      <p class="soft">{{ plate }}{{ suspect ? `, ${suspect.id}` : '' }}</p>
      <h1>{{ list.length === 0 ? 'Nothing to fetch yet.' : left ? `${left} to fetch.` : 'All of it is here.' }}</h1>
      <p v-if="list.length === 0">
        Find the cause first, or record the way down: what is owed new and the tools follow from it.
      </p>
      <div class="acts">
        <NButton v-if="list.length" @click="send">{{
          copied ? 'Copied' : shares ? 'Send the list' : 'Copy the list'
        }}</NButton>
        <NButton v-if="list.length" @click="print">Print</NButton>
        <LinkButton :to="toJob(job.id, 'triage')">To the cause</LinkButton>
      </div>
      <Problem :says="problem" />
    </header>
    <section
      v-for="kind in fetchKinds.filter(k => list.some(l => l.kind === k))"
      :key="kind"
      :aria-label="titles[kind]"
    >
      <h2>{{ titles[kind] }}</h2>
      <ul>
        <li v-for="one in list.filter(l => l.kind === kind)" :key="one.name">
          <NCheckbox
            size="large"
            :checked="ticked.has(one.name)"
            :disabled="job.isFixed"
            @update:checked="tick(one.name, $event)"
          >
            <b>{{ one.name }}</b>
            <span class="soft">{{ text(one.why) }}</span>
          </NCheckbox>
        </li>
      </ul>
    </section>
  </main>
</template>

<style scoped>
.fetch {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px 32px;
  align-content: start;
  padding: 14px 24px;
  overflow: auto;
  font-size: 18px;
}
header {
  grid-column: 1 / -1;
  display: grid;
  gap: 8px;
}
h1 {
  font-size: 36px;
  font-stretch: 75%;
}
h2 {
  font-size: 22px;
  border-bottom: 2px solid var(--rule);
}
ul {
  list-style: none;
  padding: 0;
}
li {
  border-bottom: 1px solid var(--hair);
  line-height: 1.15;
}
li .n-checkbox {
  display: flex;
  align-items: center;
  min-height: 56px;
  font-size: 18px;
}
li .soft {
  display: block;
  font-size: 16px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
@media (max-width: 1000px) {
  .fetch {
    grid-template-columns: minmax(0, 1fr);
    padding: 10px 14px;
  }
}
@media print {
  .acts {
    display: none;
  }
}
</style>
