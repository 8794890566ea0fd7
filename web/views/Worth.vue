<script setup lang="ts">
import { whyNot } from '@dialytica/core/log'
import { placeOf, repairMinutes, table } from '@dialytica/core/triage'
import { conditions, worthOf, type Condition, type Inputs } from '@dialytica/core/worth'
import { NButton, NCheckbox, NCheckboxGroup, NRadioButton, NRadioGroup } from 'naive-ui'
import { computed, reactive, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import LinkButton from '../parts/LinkButton.vue'
import Problem from '../parts/Problem.vue'
import CostBars from '../parts/worth/CostBars.vue'
import WorthInput from '../parts/worth/WorthInput.vue'
import { useJob } from '../stores/job.ts'
import { useTriage } from '../stores/triage.ts'
import { toJob } from '../ways.ts'

/** Repair or replace: both costs a year, what would turn the answer, and the end where it is not worth it, with what is worth keeping. */
const job = useJob()
const triage = useTriage()
void triage.load()
const router = useRouter()
const problem = ref('')

const suspect = computed(() => triage.suspect?.cause)
const i = reactive<Inputs>({
  parts: 0,
  minutes: 60,
  rate: 50,
  right: 0.8,
  another: 0.15,
  anotherCosts: 80,
  age: 6,
  condition: 'usual',
  fresh: 500,
  days: 0,
  dayCosts: 5,
})
const moved = ref(false)
const made = computed(() => Number(job.state.intake.made?.value ?? job.card?.unit.made ?? NaN))
/** What the job and the shop know fills the figures, until somebody moves one. */
watch(
  [() => triage.suspect, made, () => triage.settings.all],
  () => {
    if (moved.value) return
    i.rate = triage.settings.numberOf('rate') ?? i.rate
    i.fresh = triage.settings.numberOf('new machine') ?? i.fresh
    i.dayCosts = triage.settings.numberOf('waiting day') ?? i.dayCosts
    if (made.value) i.age = Math.max(0, new Date().getFullYear() - made.value)
    const { cause, share } = triage.suspect ?? {}
    if (!cause || share === undefined) return
    i.parts = Math.round(cause.price * i.rate)
    i.minutes = Math.round(repairMinutes(job.family, cause, job.stance))
    i.right = Math.round(share * 20) / 20
  },
  { immediate: true },
)
const worth = computed(() => worthOf(i))
const turns = (input: keyof Inputs) => worth.value.turns.find(t => t.input === input)?.at
const money = (n: number) => Math.round(n).toLocaleString('en')
const answer = computed(
  () =>
    ({
      repair: 'Repair it.',
      replace: 'It is not worth it.',
      neither: 'It can go either way.',
    })[worth.value.says],
)
const rows = [
  { input: 'parts', label: 'parts', unit: '', least: 0, most: 600, step: 5 },
  { input: 'minutes', label: 'work', unit: 'min', least: 5, most: 600, step: 5 },
  { input: 'rate', label: 'an hour of work', unit: '', least: 10, most: 150, step: 1 },
  { input: 'right', label: 'the suspect is it', unit: '', least: 0.05, most: 1, step: 0.05 },
  { input: 'another', label: 'another fault behind', unit: '', least: 0, most: 1, step: 0.05 },
  { input: 'age', label: 'age', unit: 'y', least: 0, most: 30, step: 1 },
  { input: 'fresh', label: 'a new one', unit: '', least: 100, most: 2500, step: 10 },
  { input: 'days', label: 'days of waiting', unit: 'd', least: 0, most: 30, step: 1 },
] as const

function looks(condition: Condition): void {
  i.condition = condition
  moved.value = true
}
function keepFigures(): void {
  const said = [
    triage.settings.set('rate', String(i.rate)),
    triage.settings.set('new machine', String(i.fresh)),
    whyNot(
      job.says('note-added', {
        text: `Worth it: the repair ${money(worth.value.repair.aYear.mid)} a year of service, a new one ${money(worth.value.replace.aYear.mid)}. ${answer.value}`,
      }),
    ),
  ]
  problem.value = said.find(Boolean) ?? ''
}

const stopping = ref(false)
/** Parts that somebody else's machine can use, from this one; never a lock, and never the suspect. */
const keepable = computed(() => {
  const dear = table.causes.filter(c => c.price >= 0.3 && (c.builds === 'both' || c.builds === job.family))
  const parts = [...new Set(dear.map(c => c.part))]
  return parts.filter(p => p !== suspect.value?.part && !/lock|lid switch|drum|tub|harness/.test(p))
})
const keeps = ref<string[]>([])
function stop(): void {
  const kept = keeps.value.length ? ` Worth keeping: ${keeps.value.join(', ')}.` : ''
  problem.value = whyNot(job.says('job-abandoned', { note: `Not worth it; it goes for scrap.${kept}` })) ?? ''
  if (!problem.value) void router.replace(toJob(job.id, 'close'))
}
const whereOf = (part: string) => placeOf(job.family, part)
</script>

<template>
  <main class="worth">
    <section class="picture" aria-label="What a year costs">
      <p class="soft">
        {{ suspect ? `with ${suspect.id}, ${suspect.part}` : 'no suspect yet: the figures are yours' }}
      </p>
      <h1>{{ answer }}</h1>
      <CostBars :worth="worth" />
      <p>
        The repair costs <b class="mono">{{ money(worth.repair.cost.mid) }}</b> and brings about
        <b class="mono">{{ worth.repair.years.toFixed(1) }}</b> years; up to
        <b class="mono">{{ money(worth.breakEven) }}</b> it is worth it. A new one serves about
        <b class="mono">{{ worth.replace.years.toFixed(1) }}</b> years.
      </p>
      <p class="soft small">
        Years by a published curve of how long washers serve, at the age of this one and its state. Money in your own.
      </p>
      <div v-if="!job.isFixed" class="acts">
        <NButton type="primary" size="large" @click="keepFigures">Keep it in the record</NButton>
        <NButton size="large" :aria-expanded="stopping" @click="stopping = !stopping">Stop here</NButton>
        <LinkButton :to="toJob(job.id, 'triage')">To the cause</LinkButton>
      </div>
      <Problem :says="problem" />
      <form v-if="stopping && !job.isFixed" class="stop" @submit.prevent="stop">
        <h2>Worth keeping from it</h2>
        <NCheckboxGroup v-model:value="keeps">
          <NCheckbox v-for="part in keepable" :key="part" :value="part" :label="`${part} (${whereOf(part)})`" />
        </NCheckboxGroup>
        <p class="soft small">
          The plug is cut off, so that nobody starts it. How it goes for scrap is for your local rules.
        </p>
        <NButton attr-type="submit" type="error" size="large">Close it for scrap</NButton>
      </form>
    </section>
    <section class="figures" aria-label="The figures">
      <h2>What would turn it</h2>
      <WorthInput
        v-for="row in rows"
        :key="row.input"
        v-bind="row"
        v-model="i[row.input]"
        :turns="turns(row.input)"
        @update:model-value="moved = true"
      />
      <NRadioGroup :value="i.condition" aria-label="How it looks" @update:value="looks">
        <NRadioButton v-for="(_, name) in conditions" :key="name" :value="name">{{ name }}</NRadioButton>
      </NRadioGroup>
    </section>
  </main>
</template>

<style scoped>
.worth {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  min-height: 0;
  font-size: 18px;
}
.picture,
.figures {
  padding: 14px 24px;
  overflow: auto;
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.picture {
  border-right: 2px solid var(--rule);
}
h1 {
  font-size: 36px;
  font-stretch: 75%;
}
h2 {
  font-size: 22px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.stop {
  border-top: 2px solid var(--rule);
  padding-top: 10px;
  display: grid;
  gap: 10px;
  justify-items: start;
}
.stop .n-checkbox {
  min-height: 36px;
  margin-right: 14px;
}
@media (max-width: 1000px) {
  .worth {
    display: flex;
    flex-direction: column;
    overflow: auto;
  }
  .picture,
  .figures {
    flex: none;
    overflow: visible;
    border: 0;
    padding: 10px 14px;
  }
}
</style>
