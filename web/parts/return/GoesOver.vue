<script setup lang="ts">
import { goesOver } from '@dialytica/core/acts'
import { sitsOn } from '@dialytica/core/assembly'
import { whyNot } from '@dialytica/core/log'
import type { ReturnStep } from '@dialytica/core/plan'
import { bare } from '@dialytica/core/words'
import { v4 } from 'uuid'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useJob } from '../../stores/job.ts'
import { toStep } from '../../ways.ts'
import AskOnce from './AskOnce.vue'

/** A part is replaced on the way back: what is still on the old one, so that it does not go into the bin with it. */
const props = defineProps<{ r: ReturnStep; part: { id: string; name: string } }>()
const emit = defineEmits<{ done: [owes: boolean] }>()
const job = useJob()
const router = useRouter()
const options = computed(() => sitsOn(props.part.name).map(name => ({ id: name, name })))
const problem = ref('')
function say(things: readonly string[]): void {
  const ids = [v4(), ...things.map(() => v4())]
  problem.value = whyNot(job.act(goesOver(job.state, props.r, props.part, things, ids))) ?? ''
  if (problem.value) return
  emit('done', things.length > 0)
  // What goes over comes first now.
  if (things.length) void router.replace(toStep(ids[0]))
}
</script>

<template>
  <AskOnce label="What is on the old one" :of="options" some="It goes over" :problem="problem" @say="say">
    <b>What is on the old {{ bare(part.name) }}?</b> It goes over before the new one goes on.
  </AskOnce>
</template>
