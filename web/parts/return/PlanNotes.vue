<script setup lang="ts">
import { dropArc } from '@dialytica/core/acts'
import { whyNot } from '@dialytica/core/log'
import { act } from '@dialytica/core/moves'
import { arcWords, mayDrop, type Arc } from '@dialytica/core/plan'
import { nested, text } from '@dialytica/core/words'
import { NButton, NInput } from 'naive-ui'
import { computed, ref } from 'vue'
import { useJob } from '../../stores/job.ts'
import Problem from '../Problem.vue'

/** Why this step stands where it stands; the plain mirror instead, and what it would break; a contradiction and its arcs. */
const props = defineProps<{ step: string; fixed: boolean }>()
const job = useJob()
const asking = ref(false)
const dropping = ref<Arc | null>(null)
const why = ref('')
const problem = ref('')
const departure = computed(() => job.planned.departures.find(d => d.step === props.step))
const broken = computed(() => job.planned.breaks)
/** What the plan gave up, so that everything else holds. */
const given = computed(() => job.planned.given)
const moved = computed(() => job.planned.departures.length)
/** A step of the return in few words. */
function actOf(id: string): string {
  const r = job.plan.find(p => p.step.id === id)
  return r ? text(nested(act(r.moves[0]!.move))) : 'a step'
}
const sentence = (arc: Arc) => `${actOf(arc.first)}, then ${actOf(arc.then).toLowerCase()}: ${arcWords(arc)}`

function choose(mirror: boolean): void {
  problem.value = whyNot(job.says('plan-chosen', { mirror })) ?? ''
  asking.value = false
}
function drop(): void {
  const arc = dropping.value
  if (!arc) return
  if (!why.value.trim()) {
    problem.value = 'Say why it does not hold on this machine: it stays in the record.'
    return
  }
  const refusal = job.act(dropArc(arc, why.value.trim()))
  problem.value = whyNot(refusal) ?? ''
  if (refusal) return
  dropping.value = null
  why.value = ''
}
</script>

<template>
  <div v-if="departure || moved || job.state.plainMirror || job.planned.contradiction" class="plan">
    <p v-if="departure" class="moved">
      <b>Moved {{ departure.moved }}:</b> {{ text(departure.why) }}.
    </p>
    <div v-if="job.planned.contradiction" class="note danger" role="note">
      <p><b>These cannot all hold.</b></p>
      <ul>
        <li v-for="arc in job.planned.contradiction" :key="arc.first + arc.then">
          {{ sentence(arc) }}
          <NButton v-if="!fixed && mayDrop(arc.reason)" :aria-pressed="dropping === arc" @click="dropping = arc">
            Drop this
          </NButton>
        </li>
      </ul>
      <p v-for="arc in given" :key="arc.first + arc.then">
        <b>Given up, so that the rest holds:</b> {{ sentence(arc) }}.
      </p>
      <form v-if="dropping" @submit.prevent="drop">
        <NInput
          v-model:value="why"
          placeholder="why it does not hold here"
          :input-props="{ 'aria-label': 'Why it does not hold' }"
        />
        <NButton attr-type="submit">Drop it</NButton>
      </form>
    </div>
    <template v-else-if="!fixed">
      <p v-if="job.state.plainMirror && broken.length" class="note" role="note">
        <b>The plain mirror stands.</b> It goes against: {{ broken.slice(0, 2).map(sentence).join('; ') }}.
      </p>
      <NButton v-if="job.state.plainMirror" @click="choose(false)">Take the plan</NButton>
      <NButton v-else-if="moved" :aria-expanded="asking" @click="asking = !asking"> Take the mirror instead </NButton>
      <div v-if="asking && !job.state.plainMirror" class="note" role="note">
        <p>Last off, first on, as it came apart. That goes against:</p>
        <ul>
          <li v-for="arc in broken.slice(0, 4)" :key="arc.first + arc.then">{{ sentence(arc) }}.</li>
        </ul>
        <NButton @click="choose(true)">Take the mirror</NButton>
      </div>
    </template>
    <Problem :says="problem" />
  </div>
</template>

<style scoped>
.plan {
  display: grid;
  justify-items: start;
  gap: 8px;
}
.moved {
  padding-left: 10px;
  border-left: 6px solid var(--off);
  line-height: 1.25;
}
.note {
  display: grid;
  gap: 6px;
  justify-items: start;
  line-height: 1.25;
}
li {
  padding: 2px 0;
}
form {
  display: flex;
  gap: 8px;
}
</style>
