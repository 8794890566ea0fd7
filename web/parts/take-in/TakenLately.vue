<script setup lang="ts">
import { calls, type TakenIn } from '@dialytica/core/wire'
import { NButton } from 'naive-ui'
import { ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../../data/api.ts'
import { inShopTime } from '../../data/time.ts'
import { toJob } from '../../ways.ts'
import Problem from '../Problem.vue'
import { parcelSays } from './words.ts'

/** What was taken in lately; each can be taken back as long as nobody has worked on it. */
defineProps<{ taken: readonly TakenIn[] }>()
const emit = defineEmits<{ back: [] }>()
const problem = ref('')
const busy = ref('')
async function back(id: string): Promise<void> {
  busy.value = id
  try {
    await api(calls.parcelBack, { params: { parcel: id }, body: {} })
    problem.value = ''
    emit('back')
  } catch (error) {
    problem.value = (error as Error).message
  } finally {
    busy.value = ''
  }
}
</script>

<template>
  <section v-if="taken.length" aria-label="Taken in lately">
    <h2>Taken in lately</h2>
    <Problem :says="problem" />
    <ul>
      <li v-for="t in taken" :key="t.id" :class="{ gone: t.backAt }">
        <div>
          <b>{{ parcelSays(t.preview) }}</b>
          <p class="soft">{{ t.by }}, {{ inShopTime(t.at, 'day') }}; {{ t.name }}</p>
          <p v-if="!t.backAt" class="jobs">
            <RouterLink v-for="(job, i) in t.jobs" :key="job" :to="toJob(job, 'valley')">job {{ i + 1 }}</RouterLink>
          </p>
        </div>
        <span v-if="t.backAt" class="soft">taken back</span>
        <NButton v-else :loading="busy === t.id" @click="back(t.id)">Take back</NButton>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
  padding: 8px 0;
  border-top: 1px solid var(--hair);
}
.gone {
  color: var(--soft);
}
.jobs {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
}
.jobs a {
  min-height: 30px;
}
</style>
