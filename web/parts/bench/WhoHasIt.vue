<script setup lang="ts">
import { arrived, offer, order, sendBack, type Act } from '@dialytica/core/acts'
import { offersOf, toldOf, type Offer, type PartAtHand } from '@dialytica/core/fit'
import { toldAtIntake, whyNot } from '@dialytica/core/log'
import { NButton, NInput, NInputNumber } from 'naive-ui'
import { computed, ref } from 'vue'
import { useJob } from '../../stores/job.ts'
import Problem from '../Problem.vue'

/** Who has the new part: sources side by side with price and days, ordered by the plate; ordered, here, or sent back. */
const props = defineProps<{ part: PartAtHand }>()
const job = useJob()
const problem = ref('')
const adding = ref(false)
const blank = { supplier: '', number: '', price: null, days: null, warranty: null }
const said = ref<{
  supplier: string
  number: string
  price: number | null
  days: number | null
  warranty: number | null
}>({ ...blank })
const offers = computed(() => offersOf(job.state, props.part))
const plate = computed(() => job.card?.model.code ?? job.state.opened?.plate ?? '')
const oldNumber = computed(() => toldOf(job.state, props.part).get('number')?.old)
const fascia = computed(() => {
  const told = toldAtIntake(job.state).fascia
  return told && String(told).trim().toLowerCase() !== plate.value.toLowerCase() ? String(told) : ''
})
const act = (of: Act) => (problem.value = whyNot(job.act(of)) ?? '') === ''
const bodyOf = ({ supplier, number, price, days, warranty }: Offer) => ({ supplier, number, price, days, warranty })
function add(): void {
  const { supplier, number, price, days, warranty } = said.value
  if (!supplier.trim()) {
    problem.value = 'Say who has it.'
    return
  }
  const of = {
    supplier: supplier.trim(),
    how: 'asked' as const,
    ...(number.trim() && { number: number.trim() }),
    ...(price !== null && { price }),
    ...(days !== null && { days }),
    ...(warranty !== null && { warranty }),
  }
  if (!act(offer(props.part, of))) return
  said.value = { ...blank }
  adding.value = false
}
const clean = (o: Offer) =>
  Object.fromEntries(Object.entries(bodyOf(o)).filter(([, v]) => v !== undefined)) as Pick<Offer, 'supplier'>
/** What can be done next with an offer. */
const nexts = (o: Offer): [string, () => boolean][] => {
  const of = { ...clean(o), how: o.how }
  if (o.how === 'asked' || o.how === 'sent back')
    return [
      ['Order it', () => act(order(job.state, props.part, of, new Date()))],
      ['Not from there', () => act(offer(props.part, { ...of, how: 'dropped' }))],
    ]
  return [
    ...(o.how === 'ordered'
      ? [['It is here', () => act(arrived(job.state, props.part, of))] as [string, () => boolean]]
      : []),
    ['Send it back', () => act(sendBack(job.state, props.part, of, new Date()))],
  ]
}
const facts = (o: Offer) =>
  [
    o.number,
    o.price === undefined ? '' : o.price.toFixed(2),
    o.days === undefined ? '' : o.days === 1 ? '1 day' : `${o.days} days`,
    o.warranty ? `${o.warranty} months` : '',
  ]
    .filter(Boolean)
    .join(' · ')
</script>

<template>
  <section class="who" aria-label="Who has it">
    <h2>Who has it</h2>
    <p>
      Order for <b>{{ plate }}</b><template v-if="oldNumber"
        >, number <b class="mono">{{ oldNumber }}</b> on the old one</template
      >.
    </p>
    <p v-if="fascia" class="note" role="note">
      The fascia says {{ fascia }}: that is a name, not the model. What is ordered by it does not fit.
    </p>
    <ul>
      <li v-for="(o, i) in offers" :key="o.supplier">
        <p>
          <b>{{ o.supplier }}</b>:
          <span class="soft"
            >{{ o.how }}{{ i === 0 && offers.length > 1 && o.price !== undefined ? ', cheapest' : '' }}</span
          ><br /><span class="mono">{{ facts(o) }}</span>
        </p>
        <template v-if="!job.isFixed">
          <NButton v-for="[words, go] in nexts(o)" :key="words" @click="go">{{ words }}</NButton>
        </template>
      </li>
    </ul>
    <form v-if="adding" @submit.prevent="add">
      <NInput
        v-model:value="said.supplier"
        placeholder="who"
        :input-props="{ 'aria-label': 'Who has it', autocomplete: 'off' }"
      />
      <NInput
        v-model:value="said.number"
        placeholder="number"
        :input-props="{ 'aria-label': 'Its number there', autocomplete: 'off' }"
      />
      <NInputNumber
        v-model:value="said.price"
        placeholder="price"
        :min="0"
        :show-button="false"
        :input-props="{ 'aria-label': 'Price' }"
      />
      <NInputNumber
        v-model:value="said.days"
        placeholder="days"
        :min="0"
        :max="365"
        :precision="0"
        :show-button="false"
        :input-props="{ 'aria-label': 'Days until it is here' }"
      />
      <NInputNumber
        v-model:value="said.warranty"
        placeholder="months of warranty"
        :min="0"
        :max="240"
        :precision="0"
        :show-button="false"
        :input-props="{ 'aria-label': 'Months of warranty' }"
      />
      <NButton type="primary" attr-type="submit">Keep it</NButton>
    </form>
    <NButton v-else-if="!job.isFixed" @click="adding = true">Somebody has it</NButton>
    <Problem :says="problem" />
  </section>
</template>

<style scoped>
.who {
  display: grid;
  gap: 8px;
  justify-items: start;
}
h2 {
  font-size: 22px;
}
ul {
  list-style: none;
  padding: 0;
  width: 100%;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--hair);
  line-height: 1.2;
}
li p {
  flex: 1 1 150px;
}
form {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
form .n-button {
  grid-column: 1 / -1;
}
</style>
