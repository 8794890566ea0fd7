<script setup lang="ts">
import { calls, type LookedAt } from '@dialytica/core/wire'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import { api, ApiError } from '../../data/api.ts'
import { inShopTime } from '../../data/time.ts'
import Cutaway from '../Cutaway.vue'
import Problem from '../Problem.vue'
import { parcelSays, recordSays, some, standsSays } from './words.ts'

/** What taking a file in will do, job by job with where it was at work; then it is taken in, all of it, or left. */
const props = defineProps<{ looked: LookedAt }>()
const emit = defineEmits<{ taken: [jobs: string[]]; leave: [] }>()
const known = computed(() => new Set(props.looked.known))
const fresh = computed(() => props.looked.preview.records.filter(r => !known.value.has(r.job)))
const busy = ref(false)
const problem = ref('')
async function take(): Promise<void> {
  busy.value = true
  try {
    const { jobs } = await api(calls.takeParcel, { params: { parcel: props.looked.id }, body: {} })
    emit('taken', jobs)
  } catch (error) {
    const listed = error instanceof ApiError ? (error.problem.problems ?? []).map(p => p.message) : []
    problem.value = [(error as Error).message, ...listed].join(' ')
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <section class="look" aria-label="What taking it in will do">
    <h2>{{ parcelSays(looked.preview) }}</h2>
    <p class="soft">{{ looked.name }}. Nothing is changed yet.</p>
    <ol>
      <li v-for="r in looked.preview.records" :key="r.job" :class="{ known: known.has(r.job) }">
        <div class="machine"><Cutaway :family="r.machine.family" :open="r.zones" /></div>
        <div>
          <p class="plate">
            <b>{{ r.machine.maker }} {{ r.machine.code }}</b>
            <span v-if="r.machine.serial" class="mono">{{ r.machine.serial }}</span>
          </p>
          <p>{{ r.complaint || 'no complaint noted' }}</p>
          <p class="soft">{{ recordSays(r) }}; {{ inShopTime(r.at, 'day') }}</p>
          <p v-if="r.without.length" class="soft">left out where it was recorded: {{ r.without.join(', ') }}</p>
        </div>
        <b class="stands">{{ standsSays(r, looked.preview.kind, known.has(r.job)) }}</b>
      </li>
    </ol>
    <Problem :says="problem" />
    <p class="acts">
      <NButton type="primary" size="large" :disabled="!fresh.length" :loading="busy" @click="take">{{
        fresh.length ? `Take in ${some(fresh.length, 'job')}` : 'All of it is here already'
      }}</NButton>
      <NButton size="large" @click="emit('leave')">Leave it</NButton>
    </p>
  </section>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 10px 0;
}
li {
  display: grid;
  grid-template-columns: 96px minmax(0, 1fr) 190px;
  gap: 16px;
  align-items: center;
  padding: 8px 0;
  border-top: 1px solid var(--hair);
}
.plate {
  display: flex;
  gap: 10px;
}
.known {
  color: var(--soft);
}
.stands {
  color: var(--work);
}
.known .stands {
  color: var(--soft);
}
.acts {
  display: flex;
  gap: 10px;
  padding-top: 6px;
}
@media (max-width: 700px) {
  li {
    grid-template-columns: 77px minmax(0, 1fr);
  }
  .stands {
    grid-column: 2;
  }
}
</style>
