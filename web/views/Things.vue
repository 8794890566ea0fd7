<script setup lang="ts">
import { tellApart, tellBond } from '@dialytica/core/acts'
import { partKey, partView, type Bond, type Bound, type Part } from '@dialytica/core/assembly'
import { whyNot } from '@dialytica/core/log'
import { liesIn, zoneTitle } from '@dialytica/core/machine'
import { bare } from '@dialytica/core/words'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { RouterLink, useRoute, useRouter } from 'vue-router'
import Cutaway from '../parts/Cutaway.vue'
import PhotoStage from '../parts/PhotoStage.vue'
import Problem from '../parts/Problem.vue'
import { stepMarks } from '../parts/stage/step-marks.ts'
import BondsPicture from '../parts/things/BondsPicture.vue'
import SayBond from '../parts/things/SayBond.vue'
import { useJob } from '../stores/job.ts'
import { toJob } from '../ways.ts'

/** The things of the machine: touch one on the machine or on its photo, and see what holds it, what it hides, what passes it, where it lies. */
const job = useJob()
const route = useRoute()
const router = useRouter()
const assembly = computed(() => job.planned.assembly)
const zone = ref<string | undefined>()
const here = computed(() =>
  assembly.value.parts.filter(p => !zone.value || (p.zone !== undefined && liesIn(job.family, p.zone, zone.value))),
)
const part = computed<Part | undefined>(
  () => assembly.value.parts.find(p => partKey(p) === route.query.part) ?? here.value.at(-1),
)
const view = computed(() => part.value && partView(job.state, assembly.value, part.value))
const choose = (p: Part) => void router.replace({ query: { part: partKey(p) } })
function chooseZone(id: string): void {
  zone.value = zone.value === id ? undefined : id
  const [first] = here.value
  if (first && part.value && !here.value.includes(part.value)) choose(first)
}

/** What is looked at on the photo: the part itself, or one of the things that bind it. */
const looked = ref<{ step: string; move: string } | null>(null)
watch(part, () => (looked.value = null))
const shown = computed(
  () => looked.value ?? (part.value?.step ? { step: part.value.step, move: part.value.move! } : null),
)
const step = computed(() => (shown.value ? job.state.steps.get(shown.value.step) : undefined))
const number = computed(() => (step.value ? job.state.order.indexOf(step.value.id) + 1 : 0))
const marks = computed(() => (step.value ? stepMarks(step.value, shown.value?.move) : []))
const photo = computed(
  () => step.value?.photos.find(p => marks.value.some(m => m.photo === p.hash)) ?? step.value?.photos.at(-1),
)
/** A mark on the photo leads to its part, or to what it stands for here. */
function tapMark(id: string): void {
  const move = step.value?.marks.find(m => m.id === id)?.move
  const found = assembly.value.parts.find(p => p.move !== null && p.move === move)
  if (found) choose(found)
  else if (step.value && move) looked.value = { step: step.value.id, move }
}

const problem = ref('')
function say(how: Bond, move: string): void {
  if (part.value?.move) problem.value = whyNot(job.act(tellBond(how, move, part.value.move))) ?? ''
}
function apart(bound: Bound): void {
  if (part.value?.move) problem.value = whyNot(job.act(tellApart(bound.kind, bound.move, part.value.move))) ?? ''
}
</script>

<template>
  <main class="things">
    <h1 class="sr">Things of the machine</h1>
    <section class="machine" aria-label="The machine">
      <div class="section">
        <Cutaway
          :family="job.family"
          :zone="zone"
          :open="job.stance.open"
          :posture="job.stance.posture"
          choose
          @choose="chooseZone"
        />
      </div>
      <h2>{{ zone ? zoneTitle(job.family, zone) : 'All that came off' }}</h2>
      <ul>
        <li v-for="p in here" :key="partKey(p)">
          <NButton class="part" block :aria-pressed="p === part" @click="choose(p)">{{ p.name.text }}</NButton>
        </li>
      </ul>
      <p v-if="!here.length" class="soft">Nothing with a name came off here.</p>
    </section>
    <section v-if="view" class="binds" aria-label="What binds it">
      <p v-if="view.onto.length" class="onto">
        It
        <template v-for="(o, i) in view.onto" :key="o.kind + partKey(o.part)"
          ><template v-if="i">, </template>{{ o.kind }} the
          <NButton @click="choose(o.part)">{{ bare(o.part.name.text) }}</NButton></template
        >
      </p>
      <BondsPicture
        :view="view"
        :looked="looked?.move ?? null"
        :fixed="job.isFixed || !view.part.move"
        @look="looked = { step: $event.step, move: $event.move }"
        @apart="apart"
      />
      <SayBond v-if="!job.isFixed && view.part.move" :view="view" @say="say" />
      <Problem :says="problem" />
    </section>
    <p v-else class="empty">No thing with a name came off this machine yet.</p>
    <section v-if="step" class="photo" aria-label="Where it was">
      <div class="stage"><PhotoStage :photo="photo" :marks="marks" @mark="tapMark" /></div>
      <p>
        <RouterLink :to="toJob(job.id, 'descent', step.id)">Step {{ number }}</RouterLink
        ><span class="soft"
          >, {{ zoneTitle(job.family, step.zone ?? 'outside') }}. Touch a mark to see what binds that.</span
        >
      </p>
    </section>
  </main>
</template>

<style scoped>
.things {
  display: grid;
  grid-template: minmax(0, 1fr) minmax(180px, 38%) / 280px minmax(0, 1fr);
  grid-template-areas: 'machine binds' 'machine photo';
}
.machine {
  grid-area: machine;
  display: grid;
  grid-template: auto auto minmax(0, 1fr) / 1fr;
  min-height: 0;
  padding: 10px 14px;
  border-right: 2px solid var(--rule);
}
.section {
  height: 270px;
  display: grid;
}
h2 {
  font-size: 18px;
  margin: 6px 0;
}
.machine ul {
  overflow: auto;
}
.machine li {
  padding: 2px 0;
}
.part {
  justify-content: flex-start;
  font-size: 17px;
}
.binds {
  grid-area: binds;
  overflow: auto;
  padding: 10px 18px;
  display: grid;
  gap: 12px;
  align-content: start;
}
.empty {
  padding: 32px 24px;
  font-size: 22px;
}
.photo {
  grid-area: photo;
  display: grid;
  grid-template: minmax(0, 1fr) auto / 1fr;
  border-top: 2px solid var(--rule);
  min-height: 0;
}
.stage {
  position: relative;
  min-height: 0;
  display: grid;
}
.photo p {
  padding: 4px 18px;
}
@media (max-width: 1000px) {
  .things {
    display: flex;
    flex-direction: column;
    overflow: auto;
  }
  .machine {
    display: block;
    flex: none;
    order: 2;
    border: 0;
    border-top: 2px solid var(--rule);
  }
  .binds {
    flex: none;
    order: 0;
  }
  .photo {
    flex: 0 0 62vw;
    order: 1;
  }
}
</style>
