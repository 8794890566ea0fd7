<script setup lang="ts">
import { inShopTime } from '../data/time.ts'
import { saidOf } from '@dialytica/core/ledger'
import { zoneTitle } from '@dialytica/core/machine'
import { triedOf } from '@dialytica/core/proof'
import { endOf, endWords } from '@dialytica/core/report'
import { text } from '@dialytica/core/words'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import Cutaway from '../parts/Cutaway.vue'
import BalanceTable from '../parts/close/BalanceTable.vue'
import JobValley from '../parts/JobValley.vue'
import SayOrder from '../parts/SayOrder.vue'
import { useJob } from '../stores/job.ts'
import { toJob } from '../ways.ts'

/** The whole job at a glance: down, back, the tide under it, and what became of everything. */
const job = useJob()
/** The steps that are touched to say which comes first on the way back. */
const picked = ref<string[] | null>(null)
function pick(step: string): void {
  if (picked.value && !picked.value.includes(step)) picked.value = [...picked.value, step]
}
/** The steps of the return that owe something. */
const owing = computed(() => job.plan.filter(p => p.debts.length > 0))
/** What was said and measured, in the order of its time. */
const notes = computed(() => saidOf(job.state.entries.values()))
const gates = computed(() =>
  job.gatesAhead.flatMap(g => (g.zones.length ? g.zones.map(z => zoneTitle(job.family, z)).join(' and ') : [])),
)
</script>

<template>
  <main class="whole">
    <h1 class="sr">Valley of the job</h1>
    <div class="valley"><JobValley :picking="picked !== null && picked.length < 2" @pick="pick" /></div>
    <section class="words" aria-label="What happened" tabindex="0">
      <h2>{{ job.state.opened?.complaint || 'No complaint noted' }}</h2>
      <p>
        {{ job.state.order.size }} steps down, {{ owing.filter(p => p.owes === 0).length }} of
        {{ owing.length }} back<template v-if="gates.length">; gates: {{ gates.join(', ') }}</template
        >.
      </p>
      <p v-if="job.state.closing" class="closing">
        {{ endWords[endOf(job.state.closing, triedOf(job.state, job.family))] }},
        {{ inShopTime(job.state.closing.at, 'minute') }}. {{ job.state.closing.note }}
      </p>
      <p v-else>
        Open since {{ inShopTime(job.state.opened!.at, 'day') }}.
        <RouterLink :to="toJob(job.id, 'close')">What is owed</RouterLink>.
        <RouterLink :to="toJob(job.id, 'standing')">How it stands, pause</RouterLink>
      </p>
      <SayOrder v-if="!job.isFixed" v-model="picked" />
      <ul v-if="notes.length" class="notes">
        <li v-for="(n, i) in notes" :key="i">
          <span class="mono soft">{{ inShopTime(n.at, 'minute') }}</span> {{ text(n.words) }}
        </li>
      </ul>
    </section>
    <section class="balance" aria-label="Balance" tabindex="0">
      <BalanceTable />
    </section>
    <div class="machine">
      <Cutaway :family="job.family" :open="job.stance.open" :posture="job.stance.posture" large />
    </div>
  </main>
</template>

<style scoped>
.whole {
  display: grid;
  grid-template: minmax(220px, 46%) minmax(0, 1fr) / 1fr 420px 320px;
  grid-template-areas: 'valley valley valley' 'words balance machine';
}
.valley {
  grid-area: valley;
  border-bottom: 2px solid var(--rule);
  min-height: 0;
}
.words {
  grid-area: words;
  padding: 16px 22px;
  display: grid;
  gap: 8px;
  align-content: start;
  overflow: auto;
}
h2 {
  font-size: 28px;
}
.closing {
  color: var(--work);
  font-weight: 650;
}
.notes li {
  padding: 5px 0;
  border-top: 1px solid var(--hair);
}
.balance {
  grid-area: balance;
  border-left: 2px solid var(--rule);
  padding: 12px 18px;
  overflow: auto;
}
.machine {
  grid-area: machine;
  border-left: 2px solid var(--rule);
  padding: 12px;
  min-height: 0;
}
@media (max-width: 1000px) {
  .whole {
    display: flex;
    flex-direction: column;
    overflow: auto;
  }
  .valley {
    flex: 0 0 220px;
  }
  .balance,
  .machine {
    border-left: 0;
    border-top: 2px solid var(--rule);
  }
  .machine {
    display: none;
  }
}
</style>
