<script setup lang="ts">
import { piecesOwed } from '@dialytica/core/ledger'
import { endWordsOf } from '@dialytica/core/report'
import { calls, type JobCard, type KnownUnit } from '@dialytica/core/wire'
import { NButton } from 'naive-ui'
import { computed, ref, shallowRef } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../../data/api.ts'
import { inShopTime } from '../../data/time.ts'
import Problem from '../../parts/Problem.vue'
import { toJob } from '../../ways.ts'

/** A unit with the job that is on it, or was last; a touch tells those before. */
const props = defineProps<{ unit: KnownUnit }>()
const all = shallowRef<readonly JobCard[] | null>(null)
const problem = ref('')
type Line = NonNullable<KnownUnit['last']>
const lineOf = ({ id, closedAt, summary: { complaint, steps, owed, clean, proved } }: JobCard): Line => ({
  ...{ id, closedAt, complaint, steps, clean, proved },
  pieces: piecesOwed(owed),
})
const lines = computed(() => all.value?.map(lineOf) ?? (props.unit.last ? [props.unit.last] : []))
async function tell(): Promise<void> {
  try {
    const last = all.value?.at(-1)
    const before = last && `${last.changedAt}_${last.id}`
    const some = await api(calls.jobs, { query: { unit: props.unit.id, ...(before && { before }) } })
    all.value = [...(all.value ?? []), ...some]
    problem.value = ''
  } catch (error) {
    problem.value = (error as Error).message
  }
}
const left = computed(() => props.unit.jobs - lines.value.length)
</script>

<template>
  <h3>
    <span class="mono">{{ unit.serial }}</span> <span class="soft">{{ unit.stands }}</span>
  </h3>
  <ul>
    <li v-for="j in lines" :key="j.id">
      <RouterLink :to="toJob(j.id, 'valley')">
        <span>{{ j.complaint || 'no complaint noted' }}</span>
        <span class="soft">{{ j.steps }} steps</span>
        <span v-if="j.closedAt" class="clean"
          >{{ endWordsOf(j).toLowerCase() }} {{ inShopTime(j.closedAt, 'day') }}</span
        >
        <span v-else class="off">{{ j.pieces }} off, open</span>
      </RouterLink>
    </li>
    <li v-if="!unit.jobs" class="soft">never opened here</li>
  </ul>
  <NButton v-if="left > 0" :aria-label="`Earlier jobs on ${unit.serial}`" @click="tell"
    >{{ left }} earlier {{ left === 1 ? 'job' : 'jobs' }}</NButton
  >
  <Problem :says="problem" />
</template>

<style scoped>
h3 {
  font-size: 22px;
}
h3 .soft {
  font-size: 17px;
  font-weight: 400;
  margin-left: 10px;
}
ul {
  list-style: none;
}
a {
  display: grid;
  grid-template-columns: 1fr 90px 190px;
  gap: 12px;
  align-items: center;
  min-height: 48px;
  border-top: 1px solid var(--hair);
  margin-top: 6px;
  padding: 4px 0;
  text-decoration: none;
}
.clean {
  color: var(--work);
  font-weight: 650;
}
.off {
  color: var(--off);
  font-weight: 650;
}
@media (max-width: 1000px) {
  a {
    grid-template-columns: 1fr auto;
  }
}
</style>
