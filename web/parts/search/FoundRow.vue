<script setup lang="ts">
import { calls, type FoundThing, type SaidIn } from '@dialytica/core/wire'
import { NButton } from 'naive-ui'
import { computed, ref, shallowRef } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../../data/api.ts'
import { inShopTime } from '../../data/time.ts'
import { toBook, toJob } from '../../ways.ts'
import Problem from '../Problem.vue'
import Thumb from '../Thumb.vue'
import { matched } from './matched.ts'

/** One thing that was found: its picture, its words, how often it was recorded; it opens where it was recorded last, and the jobs behind it. */
const props = defineProps<{ number: number; found: FoundThing }>()
const kinds = { model: 'model', machine: 'machine', complaint: 'came in for', step: 'step', note: 'noted' } as const
const pieces = computed(() => matched(props.found.title, props.found.by))
const isJob = computed(() => props.found.kind !== 'model' && props.found.kind !== 'machine')
const to = computed(() => {
  const { kind, model, source, step } = props.found
  if (kind === 'model') return toBook(model.id)
  return step ? toJob(source, 'descent', step) : toJob(source, 'valley')
})
const jobs = shallowRef<SaidIn[] | null>(null)
const problem = ref('')
async function tell(): Promise<void> {
  if (jobs.value) jobs.value = null
  else
    try {
      jobs.value = await api(calls.searchJobs, { params: { thing: String(props.found.thing) } })
      problem.value = ''
    } catch (error) {
      problem.value = (error as Error).message
    }
}
const behind = computed(() =>
  !isJob.value ? 'Its jobs' : props.found.jobs === 1 ? 'One job' : `${props.found.jobs} jobs`,
)
/** What it is, when it was said last, and how it was read. */
const about = computed(() => {
  const { kind, photo, at, asTyped, by } = props.found
  const said = [
    photo ? kinds[kind] : '',
    isJob.value ? inShopTime(at, 'day') : '',
    asTyped ? '' : `read as ${by.join(' ')}`,
  ]
  return said.filter(Boolean).join(' · ')
})
</script>

<template>
  <div class="row">
    <b class="mono number">{{ number }}</b>
    <Thumb v-if="found.photo" :hash="found.photo" />
    <span v-else class="no-photo soft">{{ kinds[found.kind] }}</span>
    <div class="says">
      <component :is="found.kind === 'machine' ? 'p' : RouterLink" v-bind="found.kind === 'machine' ? {} : { to }">
        <template v-for="(p, i) in pieces" :key="i">
          <mark v-if="p.is">{{ p.text }}</mark>
          <template v-else>{{ p.text }}</template>
        </template>
      </component>
      <p class="soft">{{ about }}</p>
      <Problem :says="problem" />
      <ul v-if="jobs" aria-label="Jobs">
        <li v-for="j in jobs" :key="j.job">
          <RouterLink :to="j.step ? toJob(j.job, 'descent', j.step) : toJob(j.job, 'valley')">
            <span class="mono">{{ j.serial }}</span> {{ j.complaint || 'no complaint noted' }}
            <span class="soft">{{ inShopTime(j.at, 'day') }}{{ j.open ? ', open' : '' }}</span>
          </RouterLink>
        </li>
        <li v-if="!jobs.length" class="soft">never opened here</li>
      </ul>
    </div>
    <NButton class="behind" :aria-expanded="jobs !== null" @click="tell">{{ behind }}</NButton>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 30px 96px minmax(0, 1fr) auto;
  gap: 12px;
  align-items: start;
  padding: 10px 0;
  border-top: 1px solid var(--hair);
}
.number {
  text-align: right;
  color: var(--work);
}
.no-photo {
  min-height: 30px;
}
.says a {
  display: block;
  min-height: 30px;
}
mark {
  background: none;
  color: inherit;
  font-weight: 750;
  box-shadow: inset 0 -3px 0 var(--work);
}
ul {
  list-style: none;
  margin-top: 6px;
}
li {
  border-top: 1px solid var(--hair);
}
li a {
  min-height: 44px;
  padding: 8px 0;
  text-decoration: none;
}
@media (max-width: 700px) {
  .row {
    grid-template-columns: 22px 77px minmax(0, 1fr);
  }
  .behind {
    grid-column: 3;
    justify-self: start;
  }
}
</style>
