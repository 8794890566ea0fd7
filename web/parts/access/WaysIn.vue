<script setup lang="ts">
import { reachable, type From, type Plan, type Target, type WaysAsked, type waysIn } from '@dialytica/core/access'
import type { Book } from '@dialytica/core/book'
import { zoneTitle, type Family } from '@dialytica/core/machine'
import type { Belief } from '@dialytica/core/triage'
import { max } from 'd3-array'
import { computed, ref, shallowRef, toRaw, watch } from 'vue'
import { inWorker } from '../../workers/in-worker.ts'
import Choice from '../Choice.vue'
import Cutaway from '../Cutaway.vue'
import Problem from '../Problem.vue'
import PlanColumn from './PlanColumn.vue'

/** Where to get to, and the ways there side by side: to a part by its name, to a place by touching the machine. */
const props = defineProps<{
  family: Family
  book: Book | null
  from: From
  isolated: readonly string[]
  held: readonly Belief[]
  /** The part that is asked for, by its name, where no place is touched. */
  part?: string | undefined
}>()
const emit = defineEmits<{ asks: [part: string] }>()
const look = inWorker<Parameters<typeof waysIn>, Plan[]>(
  () => new Worker(new URL('../../workers/ways-in.ts', import.meta.url), { type: 'module' }),
)
/** All that can be asked for, by names of which none comes twice. */
const all = computed(() => {
  const times = new Map<string, number>()
  return reachable(props.family, props.book).map(of => {
    const n = (times.get(of.name) ?? 0) + 1
    times.set(of.name, n)
    return { ...of, name: n > 1 ? `${of.name} (${n})` : of.name }
  })
})
const options = computed(() =>
  all.value.map(r => ({ value: r.name, label: r.recorded ? r.name : `${r.name}, as usual` })),
)
const zone = ref<string | undefined>()
watch(
  () => props.part,
  name => {
    if (name) zone.value = undefined
  },
)
/** What is chosen; a part that goes by no name of the list is where it usually is. */
const chosen = computed<Target | null>(() => {
  if (zone.value) return { to: 'zone', zone: zone.value }
  if (!props.part) return null
  return all.value.find(r => r.name === props.part)?.target ?? { to: 'part', part: props.part }
})
/** What is asked, as one value: what tells nothing of it asks nothing anew. */
const question = computed(() => {
  const { family, from, isolated } = props
  const target = chosen.value
  return (
    target && JSON.stringify({ family, target, open: from.open, done: [...from.done], stands: from.stands, isolated })
  )
})
const plans = shallowRef<Plan[] | null>(null)
const problem = ref('')
watch(
  [question, () => props.book],
  async ([now, book]) => {
    plans.value = null
    problem.value = ''
    const target = chosen.value
    if (!target || typeof Worker === 'undefined') return
    const asked: WaysAsked = {
      family: props.family,
      book: toRaw(book),
      target,
      from: props.from,
      isolated: [...props.isolated],
    }
    const found = await look(asked).catch((why: Error) => {
      problem.value = why.message
      return null
    })
    if (now === question.value && book === props.book) plans.value = found
  },
  { immediate: true },
)
const most = computed(() => max(plans.value ?? [], p => p.minutes) ?? 1)
const deepest = computed(() => max(plans.value ?? [], p => p.off.length) ?? 1)
const goal = computed(() => (zone.value ? zoneTitle(props.family, zone.value) : props.part))
function toPart(name: string): void {
  zone.value = undefined
  emit('asks', name)
}
</script>

<template>
  <div class="ways">
    <section class="goal" aria-label="Where to">
      <h1>{{ goal ? `In to: ${goal}` : 'Where to?' }}</h1>
      <Choice
        class="part"
        label="To a part"
        placeholder="To a part …"
        :value="zone ? '' : (part ?? '')"
        :options="options"
        @choose="toPart"
      />
      <p class="soft">or touch the place:</p>
      <div class="machine">
        <Cutaway
          :family="family"
          :open="from.open"
          :zone="zone"
          :posture="from.stands"
          choose
          large
          @choose="zone = $event"
        />
      </div>
      <Problem :says="problem" />
    </section>
    <p v-if="!question" class="soft says">
      Choose a part, or touch the machine: the ways there stand here side by side.
    </p>
    <p v-else-if="!plans" class="soft says" role="status">The ways are being looked for.</p>
    <p v-else-if="!plans.length" class="says" role="status">Nothing has to come off for it: it can be reached now.</p>
    <PlanColumn
      v-for="(p, i) in plans ?? []"
      :key="p.by.join()"
      :family="family"
      :plan="p"
      :place="i"
      :zone="zone"
      :most="most"
      :deepest="deepest"
      :held="held"
    />
  </div>
</template>

<style scoped>
.ways {
  display: grid;
  grid-template-columns: 300px;
  grid-auto-columns: minmax(0, 1fr);
  grid-auto-flow: column;
  grid-template-rows: minmax(0, 1fr);
  min-height: 0;
  font-size: 17px;
}
.goal {
  display: flex;
  flex-direction: column;
  gap: 8px;
  padding: 12px 16px;
  min-height: 0;
}
h1 {
  font-size: 28px;
}
.part {
  width: 100%;
}
.machine {
  flex: 0 1 430px;
  min-height: 240px;
}
.says {
  padding: 24px;
}
@media (max-width: 1000px) {
  .ways {
    display: block;
    overflow: auto;
  }
  .machine {
    height: 90vw;
    max-height: 460px;
  }
}
</style>
