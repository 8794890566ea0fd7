<script setup lang="ts">
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { useJob } from '../../stores/job.ts'
import { useTriage } from '../../stores/triage.ts'
import { toJob } from '../../ways.ts'
import Problem from '../Problem.vue'

/** A check that lies on the way: what it looks at is open now, and it tells something of the cause. */
const job = useJob()
const triage = useTriage()
void triage.load()
const problem = ref('')
/** Below these bits a look is not worth a word in the middle of the work. */
const tells = 0.04

const here = computed(() => {
  if (triage.isBlank || triage.told.cause || job.stance.open.length === 0) return null
  const found = triage.outlook?.acts.find(
    a => a.does === 'check' && a.check.setting === 'panel off' && a.minutes <= a.check.minutes + 1 && a.bits >= tells,
  )
  return found?.does === 'check' ? found : null
})
const say = (result: 'good' | 'bad') => (problem.value = triage.checks(here.value!.check.id, result) ?? '')
</script>

<template>
  <aside v-if="here" class="way" aria-label="A check on the way">
    <p>
      <RouterLink :to="toJob(job.id, 'triage')">On the way</RouterLink>: {{ here.check.id }},
      <span class="mono">{{ Math.round(here.minutes) }} min</span>
    </p>
    <Problem :says="problem" />
    <NButton @click="say('bad')">{{ here.check.why.replace(/\.$/, '') }}</NButton>
    <NButton @click="say('good')">As it should be</NButton>
  </aside>
</template>

<style scoped>
.way {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  border-left: 6px solid var(--work);
  padding-left: 10px;
  line-height: 1.15;
}
p {
  flex: 1 0 100%;
}
.n-button {
  --n-height: 48px;
  height: auto;
  min-height: 48px;
  white-space: normal;
}
</style>
