<script setup lang="ts">
import { foundBefore } from '@dialytica/core/ledger'
import { zoneTitle } from '@dialytica/core/machine'
import { describe } from '@dialytica/core/moves'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { useJob } from '../stores/job.ts'
import Thumb from './Thumb.vue'
import { toJob } from '../ways.ts'

/** What the report says beside the balance: found before we came, found spoilt on the way, done under power. */
const job = useJob()
const before = computed(() => foundBefore(job.state))
const steps = computed(() => job.state.order.toArray().map((id, i) => ({ step: job.state.steps.get(id)!, n: i + 1 })))
const spoilt = computed(() =>
  steps.value.flatMap(({ step, n }) => step.moves.filter(m => m.condition).map(move => ({ move, n, step: step.id }))),
)
const live = computed(() => steps.value.filter(({ step }) => step.live))
</script>

<template>
  <section v-if="before.length || spoilt.length || live.length" class="record" aria-label="Found">
    <template v-if="before.length">
      <h2>Already so before we came</h2>
      <ul>
        <li v-for="f in before" :key="f.id">
          <Thumb v-for="p in f.photos.slice(0, 1)" :key="p.hash" :hash="p.hash" />
          <span>
            <b>{{ f.what }}</b>, {{ f.how
            }}<span v-if="f.zone" class="soft">, {{ zoneTitle(job.family, f.zone) }}</span>
          </span>
        </li>
      </ul>
    </template>
    <template v-if="spoilt.length">
      <h2>Found on the way</h2>
      <ul>
        <li v-for="{ move, n, step } in spoilt" :key="move.id">
          <RouterLink :to="toJob(job.id, 'descent', step)">
            <b>{{ move.condition }}</b>: {{ describe(move) }} <span class="soft">step {{ n }}</span>
          </RouterLink>
        </li>
      </ul>
    </template>
    <template v-if="live.length">
      <h2 class="live">Done under power</h2>
      <p>{{ live.length === 1 ? 'Step' : 'Steps' }} {{ live.map(l => l.n).join(', ') }}, before power was isolated.</p>
    </template>
  </section>
</template>

<style scoped>
.record {
  margin-top: 16px;
  display: grid;
  gap: 6px;
}
h2 {
  margin-top: 6px;
  font-size: 20px;
}
.live {
  color: var(--danger);
}
li,
li a {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 48px;
  line-height: 1.2;
  text-decoration: none;
}
li {
  border-top: 1px solid var(--hair);
}
</style>
