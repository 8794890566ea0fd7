<script setup lang="ts">
import { goesOver } from '@dialytica/core/acts'
import { sitsOn } from '@dialytica/core/assembly'
import { whyNot } from '@dialytica/core/log'
import { bare } from '@dialytica/core/words'
import { v4 } from 'uuid'
import { computed, ref } from 'vue'
import { useJob } from '../../stores/job.ts'
import AskOnce from '../return/AskOnce.vue'

/** A part is replaced: what is still on the old one, so that it does not go into the bin with it. `step` is that with which it came off. */
const props = defineProps<{ step: { id: string; zone?: string | undefined }; part: { id: string; name: string } }>()
/** With the step of what is owed now; none where nothing goes over. */
const emit = defineEmits<{ done: [owed: string | null] }>()
const job = useJob()
const options = computed(() => sitsOn(props.part.name).map(name => ({ id: name, name })))
const problem = ref('')
function say(things: readonly string[]): void {
  const ids = [v4(), ...things.map(() => v4())]
  problem.value = whyNot(job.act(goesOver(job.state, props.step, props.part, things, ids))) ?? ''
  if (problem.value) return
  emit('done', things.length ? ids[0]! : null)
}
</script>

<template>
  <AskOnce label="What is on the old one" :of="options" some="It goes over" :problem="problem" @say="say">
    <b>What is on the old {{ bare(part.name) }}?</b> It goes over before the new one goes on.
  </AskOnce>
</template>
