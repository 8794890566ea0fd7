<script setup lang="ts">
import { stillOwed } from '@dialytica/core/ledger'
import type { Debt } from '@dialytica/core/log'
import { gateSays, type Gate } from '@dialytica/core/plan'
import { text } from '@dialytica/core/words'
import { RouterLink } from 'vue-router'
import { useJob } from '../../stores/job.ts'
import { toStep } from '../../ways.ts'

/** What is owed behind a cover that is on already: it cannot be reached unless that is opened again. */
defineProps<{ shut: readonly { gate: Gate; debts: readonly Debt[] }[] }>()
const job = useJob()
</script>

<template>
  <div class="note danger" role="note">
    <p v-for="{ gate, debts } in shut" :key="gate.step">
      <b>Closed in:</b> {{ debts.map(d => text(stillOwed(d))).join(', ') }}, behind the step that
      {{ text(gateSays(gate, job.family)) }}.
      <RouterLink :to="toStep(gate.step)" replace>Open that again</RouterLink> to reach it.
    </p>
  </div>
</template>
