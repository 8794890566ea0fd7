<script setup lang="ts">
import { circuitNames, circuitParts, circuits, harnessOf, type CircuitName } from '@dialytica/core/triage'
import { text } from '@dialytica/core/words'
import { NButton, NInput } from 'naive-ui'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { useJob } from '../../stores/job.ts'
import { useTriage } from '../../stores/triage.ts'
import { toJob } from '../../ways.ts'
import Choice from '../Choice.vue'

/** What the code says on this model, as the shop knows it: a circuit, never a part; then wiring, sensor, load, board in this order. Nothing is shipped. */
defineProps<{ fixed: boolean }>()
const emit = defineEmits<{ problem: [words: string]; choose: [check: string] }>()
const job = useJob()
const triage = useTriage()
const code = computed(() => String(job.state.intake.shows?.value ?? ''))
const known = computed(() => triage.told.code)
const filling = ref(false)
const words = ref('')
const circuit = ref<CircuitName | ''>('')
const options = circuitNames.map(value => ({ value, label: circuits[value].name }))
function begin(): void {
  words.value = known.value?.says ?? ''
  circuit.value = known.value?.circuit ?? ''
  filling.value = true
}
function keep(): void {
  const said = triage.keepCode({
    code: code.value,
    ...(words.value.trim() && { says: words.value.trim() }),
    ...(circuit.value && { circuit: circuit.value }),
  })
  emit('problem', said ?? '')
  filling.value = Boolean(said)
}
/** The checks of the circuit that this build has and that are not done, part by part. */
const order = computed(() => {
  const of = known.value?.circuit
  if (!of) return []
  const can = new Set((triage.outlook?.acts ?? []).flatMap(a => (a.does === 'check' ? [a.check.id] : [])))
  return circuitParts.map(part => ({ part, checks: circuits[of].checks[part].filter(c => can.has(c)) }))
})
/** Its plugs and looms as this job recorded them. */
const harness = computed(() => {
  const of = known.value?.circuit
  return of ? harnessOf(job.state, job.family, of) : []
})
</script>

<template>
  <section v-if="code" class="code" aria-label="What the code says">
    <p>
      <b class="mono">{{ code }}</b>
      <template v-if="known"
        >: {{ known.says
        }}<template v-if="known.circuit"> ({{ circuits[known.circuit].name }} circuit)</template></template
      >
      <template v-else>: nobody has said what it says on this model.</template>
      <NButton v-if="!fixed && !filling" size="small" @click="begin">{{ known ? 'Correct it' : 'Say it' }}</NButton>
    </p>
    <form v-if="filling" @submit.prevent="keep">
      <NInput
        v-model:value="words"
        placeholder="as the maker's sheet has it"
        :input-props="{ 'aria-label': 'What it says', autocomplete: 'off' }"
      />
      <Choice
        label="The circuit"
        placeholder="the circuit"
        :value="circuit"
        :options="options"
        @choose="circuit = $event"
      />
      <NButton attr-type="submit" type="primary">Keep it for this model</NButton>
    </form>
    <ol v-if="order.length" aria-label="Along the circuit">
      <li v-for="step in order" :key="step.part">
        <b>{{ step.part }}</b>
        <RouterLink
          v-for="plug in step.part === 'wiring' ? harness : []"
          :key="plug.move.id"
          :to="toJob(job.id, 'descent', plug.step.id)"
          >{{ text(plug.thing) }}, step {{ plug.number }}</RouterLink
        >
        <span v-if="step.checks.length === 0" class="soft">done, or nothing to tell</span>
        <button v-for="check in step.checks" :key="check" type="button" @click="emit('choose', check)">
          {{ check }}
        </button>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.code {
  border-left: 6px solid var(--hair);
  padding-left: 10px;
  font-size: 16px;
  line-height: 1.2;
}
form {
  display: grid;
  gap: 6px;
  padding: 6px 0;
}
ol {
  list-style: none;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 62px 1fr;
  gap: 0 8px;
}
li b {
  grid-row: 1 / span 9;
}
li a {
  grid-column: 2;
}
button[type='button']:not(.n-button) {
  grid-column: 2;
  text-align: left;
  border: 0;
  background: none;
  color: var(--work);
  font: inherit;
  text-decoration: underline;
  min-height: 28px;
  cursor: pointer;
}
@media (max-width: 1000px) {
  button[type='button']:not(.n-button) {
    min-height: 48px;
  }
}
</style>
