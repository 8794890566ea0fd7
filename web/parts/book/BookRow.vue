<script setup lang="ts">
import {
  minutesSay,
  saidOnce,
  supportSays,
  variesSays,
  type BookAct,
  type BookStep,
  type HandBody,
} from '@dialytica/core/book'
import { act } from '@dialytica/core/moves'
import { Pencil } from '@lucide/vue'
import { sum } from 'd3-array'
import { NButton } from 'naive-ui'
import { text } from '@dialytica/core/words'
import { computed, ref } from 'vue'
import Thumb from '../Thumb.vue'
import JobsBehind from './JobsBehind.vue'
import LearntHere from './LearntHere.vue'
import PutRight from './PutRight.vue'

/** One step of the book: what is done, in how many jobs, in which time, what varies and by what, what was learnt. Every figure opens the jobs behind it. */
const props = defineProps<{
  step: BookStep
  number: number
  serials: ReadonlyMap<string, string>
  /** All acts of the book, where who looks may put them right. */
  acts?: readonly BookAct[] | undefined
}>()
const emit = defineEmits<{ say: [body: HandBody] }>()
const open = ref(false)
const righting = ref(false)
const photo = computed(() => props.step.acts.find(a => a.photo)?.photo)
const minutes = computed(() => sum(props.step.acts, a => a.minutes?.median ?? 0))
const tools = computed(() => [...new Set(props.step.acts.flatMap(a => a.tools))])
const jobs = computed(() => [...new Set(props.step.acts.flatMap(a => a.jobs))])
const lessons = computed(() => saidOnce(props.step.acts.flatMap(a => a.lessons)))
</script>

<template>
  <div class="row">
    <b class="mono number">{{ number }}</b>
    <Thumb v-if="photo" :hash="photo.hash" />
    <span v-else class="no-photo" />
    <div class="says">
      <ul>
        <li v-for="a in step.acts" :key="a.id">
          {{ text(act(a.move)) }} <span class="soft">{{ supportSays(a) }}</span>
          <span v-if="a.standard" class="standard"> so it is done here</span>
          <p v-for="v in a.varies" :key="v.field" class="varies">varies, {{ variesSays(v) }}</p>
        </li>
      </ul>
      <p class="soft">
        <template v-if="minutes">{{ minutesSay(minutes) }} min</template>
        <template v-if="tools.length"> · {{ tools.join(', ') }}</template>
      </p>
      <LearntHere :of="lessons" />
      <JobsBehind v-if="open" :jobs="jobs" :serials="serials" />
      <PutRight v-if="righting && acts" :acts="step.acts" :others="acts" @say="emit('say', $event)" />
    </div>
    <div class="behind">
      <NButton :aria-expanded="open" @click="open = !open"
        >{{ jobs.length }} {{ jobs.length === 1 ? 'job' : 'jobs' }}</NButton
      >
      <NButton
        v-if="acts"
        :aria-label="`Put step ${number} right`"
        :aria-expanded="righting"
        @click="righting = !righting"
        ><Pencil :size="18"
      /></NButton>
    </div>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 30px 77px minmax(0, 1fr) auto;
  gap: 12px;
  align-items: start;
  padding: 10px 0;
  border-top: 1px solid var(--hair);
}
.number {
  text-align: right;
  color: var(--soft);
}
.no-photo {
  height: 20px;
}
ul {
  list-style: none;
}
li {
  font-weight: 600;
  line-height: 1.25;
}
li .soft {
  font-weight: 400;
}
.behind {
  display: flex;
  gap: 6px;
}
.standard {
  color: var(--work);
}
.varies {
  font-weight: 500;
  font-size: 16px;
  padding-left: 10px;
  border-left: 3px solid var(--caution);
}
.says {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 4px;
}
@media (max-width: 700px) {
  .row {
    grid-template-columns: 24px minmax(0, 1fr);
  }
  .behind {
    grid-column: 2;
  }
  .row > .thumb,
  .no-photo {
    display: none;
  }
}
</style>
