<script setup lang="ts">
import { happens, does, settle } from '@dialytica/core/acts'
import type { PartAtHand } from '@dialytica/core/fit'
import { entriesOf, owedCount, whyNot, type Debt, type StepState } from '@dialytica/core/log'
import { describe } from '@dialytica/core/moves'
import { kept, verdictOf } from '@dialytica/core/readings'
import { bare, text } from '@dialytica/core/words'
import { NButton, NInput } from 'naive-ui'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useDraft } from '../../stores/draft.ts'
import { useJob } from '../../stores/job.ts'
import { toJob } from '../../ways.ts'
import MeasureIt from '../noting/MeasureIt.vue'
import { verdictSigns } from '../noting/verdict-signs.ts'
import Problem from '../Problem.vue'
import Thumb from '../Thumb.vue'

/** A part that is taken apart on the bench: its own steps along its axis, what lies in pieces and how many; wear against limits; tools made for it. */
const props = defineProps<{ part: PartAtHand }>()
const job = useJob()
const draft = useDraft()
const router = useRouter()
const problem = ref('')
const measures = ref(false)
const tool = ref('')
const use = ref('')

interface Piece {
  step: StepState
  says: string
  debts: Debt[]
}
const pieces = computed<Piece[]>(() =>
  job.state.order.toArray().flatMap(id => {
    const step = job.state.steps.get(id)!
    if (!props.part.move || step.of !== props.part.move) return []
    const debts = [...job.state.debts.values()].filter(d => d.step === id)
    return [{ step, says: step.title ?? step.moves.map(m => text(describe(m))).join(' '), debts }]
  }),
)
const owed = computed(() => pieces.value.flatMap(p => p.debts).reduce((n, d) => n + owedCount(d), 0))
/** The piece that goes back next: the last one that came off and is still off. */
const next = computed(() => pieces.value.findLast(p => p.debts.some(d => owedCount(d) > 0))?.step.id)
const tools = computed(() =>
  entriesOf(job.state, 'tool-made').flatMap(({ body }) => (body.move === props.part.move ? [body] : [])),
)
const readings = computed(() =>
  entriesOf(job.state, 'reading-taken').flatMap(({ id, body }) =>
    body.quantity === 'wear' && body.of === wearOf.value ? [{ id, body }] : [],
  ),
)
const worn = computed(() => verdictOf(readings.value.map(r => r.body)))
const wearOf = computed(() => `${bare(props.part.name)}, in pieces`)

function takeApart(): void {
  draft.setBench(props.part.move)
  void router.push(toJob(job.id, 'descent'))
}
const back = (d: Debt) => (problem.value = whyNot(job.act(settle(job.state, d, undefined, owedCount(d)))) ?? '')
function keepWear(bodies: ReturnType<typeof kept>[]): void {
  const said = bodies.map(body => happens('reading-taken', { ...body, of: wearOf.value }))
  problem.value = whyNot(job.act(does(...said))) ?? ''
  measures.value = Boolean(problem.value)
}
function make(): void {
  const made = tool.value.trim()
  problem.value = made
    ? (whyNot(
        job.says('tool-made', {
          part: props.part.name,
          ...(props.part.move && { move: props.part.move }),
          tool: made,
          ...(use.value.trim() && { use: use.value.trim() }),
        }),
      ) ?? '')
    : 'Say what was made: a block with a hole, a bent wire.'
  if (!problem.value) tool.value = use.value = ''
}
</script>

<template>
  <div class="pieces">
    <header>
      <p v-if="pieces.length">
        <b>{{ owed ? `${owed} ${owed === 1 ? 'piece lies' : 'pieces lie'} loose.` : 'It is one part again.' }}</b>
        It goes together from the right.
      </p>
      <p v-else-if="part.move">
        It is in one piece. Take it apart, and it gets steps of its own; in the return it is one part.
      </p>
      <p v-else>It has to come off before it is taken apart.</p>
      <NButton v-if="part.move && !job.isFixed" type="primary" @click="takeApart">{{
        pieces.length ? 'Take more off it' : 'Take it apart'
      }}</NButton>
    </header>
    <ol v-if="pieces.length" class="axis" tabindex="0" aria-label="Its pieces, as they came off">
      <li class="whole">{{ part.name }}</li>
      <li v-for="(p, i) in pieces" :key="p.step.id" :class="{ next: p.step.id === next }">
        <Thumb v-if="p.step.photos[0]" :hash="p.step.photos[0].hash" />
        <b class="mono">{{ i + 1 }}</b>
        <p>{{ p.says }}</p>
        <p v-for="d in p.debts" :key="d.id" class="debt">
          <span class="mono">{{ d.count - owedCount(d) }}/{{ d.count }}</span>
          <span class="soft">{{ owedCount(d) ? 'off' : 'back' }}</span>
          <NButton v-if="owedCount(d) && p.step.id === next && !job.isFixed" @click="back(d)">Back on</NButton>
        </p>
      </li>
    </ol>
    <section aria-label="Wear">
      <h2>Wear</h2>
      <p v-for="r in readings" :key="r.id">
        {{ r.body.state }}: <b class="mono">{{ r.body.value }} {{ r.body.unit }}</b
        >{{ r.body.given?.map(g => `, ${g.name} ${g.value} mm`).join('') }}
      </p>
      <p v-if="worn">
        <b>{{ verdictSigns[worn.says] }} {{ worn.says }}.</b> {{ text(worn.because) }}.
      </p>
      <NButton v-if="!measures && !job.isFixed" @click="measures = true">Measure wear</NButton>
      <MeasureIt
        v-if="measures"
        quantity="wear"
        @keep="keepWear"
        @leave="measures = false"
        @problem="problem = $event"
      />
    </section>
    <section aria-label="Tools made for it">
      <h2>Tools made for it</h2>
      <p v-for="t in tools" :key="t.tool">
        <b>{{ t.tool }}</b> <span class="soft">{{ t.use }}</span>
      </p>
      <form v-if="!job.isFixed" @submit.prevent="make">
        <NInput
          v-model:value="tool"
          placeholder="wooden block with a 30 mm hole"
          :input-props="{ 'aria-label': 'What was made', autocomplete: 'off' }"
        />
        <NInput
          v-model:value="use"
          placeholder="to press the bearing out"
          :input-props="{ 'aria-label': 'What for', autocomplete: 'off' }"
        />
        <NButton attr-type="submit">Keep it</NButton>
      </form>
    </section>
    <Problem :says="problem" />
  </div>
</template>

<style scoped>
.pieces {
  display: grid;
  gap: 14px;
  align-content: start;
  padding: 14px;
  overflow: auto;
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  align-items: center;
}
h2 {
  font-size: 22px;
}
/* The pieces stand on one line, as they came off along it. */
.axis {
  display: flex;
  gap: 22px;
  overflow-x: auto;
  padding: 10px 2px 14px;
  list-style: none;
  background: linear-gradient(var(--rule), var(--rule)) 0 50% / 100% 2px no-repeat;
}
.axis li {
  flex: 0 0 170px;
  display: grid;
  align-content: start;
  gap: 4px;
  padding: 8px 10px;
  border: 2px solid var(--rule);
  background: var(--sheet);
  line-height: 1.15;
  font-size: 16px;
}
.axis li.whole {
  flex-basis: 120px;
  align-content: center;
  font-weight: 700;
  background: var(--metal);
}
.axis li.next {
  border-width: 4px;
  border-color: var(--work);
}
.debt {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}
form {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 8px;
}
@media (max-width: 700px) {
  form {
    grid-template-columns: 1fr;
  }
}
</style>
