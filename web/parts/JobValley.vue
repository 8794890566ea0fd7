<script setup lang="ts">
import { describe, invert } from '@dialytica/core/moves'
import { gateSays } from '@dialytica/core/plan'
import { profile } from '@dialytica/core/valley'
import { text } from '@dialytica/core/words'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { useJob } from '../stores/job.ts'
import Valley from './Valley.vue'
import { toJob, viewOfWay } from '../ways.ts'

/** The Valley of the open job; its tiles lead to their steps. */
const props = defineProps<{ at?: { step: string; way: 'down' | 'back' } | undefined; picking?: boolean }>()
const emit = defineEmits<{ pick: [step: string] }>()
const job = useJob()
const router = useRouter()
const shape = computed(() => profile(job.state, job.plan, props.at))
/** A gate is alarming only when it is at hand: the next step closes something in. */
const bars = computed(() => {
  const here = props.at?.way === 'back' ? job.plan.findIndex(r => r.step.id === props.at!.step) : -1
  return job.gatesAhead
    .filter(g => !g.turn && !g.over)
    .map(g => ({
      step: g.step,
      does: text(gateSays(g, job.family)),
      behind: g.behind.length,
      held: here >= 0 && g.behind.length > 0 && g.at >= here && g.at - here <= 1,
    }))
})
function say(id: string, way: 'down' | 'back'): string {
  const moves = job.state.steps.get(id)?.moves ?? []
  const first = way === 'down' ? moves[0] : moves.at(-1)
  return first ? describe(way === 'down' ? first : invert(first)) : 'a photo'
}
const go = (step: string, way: 'down' | 'back') =>
  props.picking ? emit('pick', step) : router.push(toJob(job.id, viewOfWay[way], step))
</script>

<template>
  <Valley :profile="shape" :gates="bars" :say="say" @go="go" />
</template>
