<script setup lang="ts">
import { text } from '@dialytica/core/words'
import { thingOf } from '@dialytica/core/moves'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import { useDraft } from '../../stores/draft.ts'
import { useJob } from '../../stores/job.ts'
import { toPart } from '../../ways.ts'
import LinkButton from '../LinkButton.vue'

/** The steps take apart a part that lies on the bench; one touch and they are done at the machine again. */
const job = useJob()
const draft = useDraft()
const name = computed(() => {
  const of = draft.step.of
  const move = [...job.state.steps.values()].flatMap(s => s.moves).find(m => m.id === of)
  return move ? text(thingOf(move)) : ''
})
</script>

<template>
  <div v-if="draft.step.of" class="on" role="status">
    <b>On the bench: {{ name }}.</b>
    <LinkButton :to="toPart(job.id, draft.step.of)">Its pieces</LinkButton>
    <NButton @click="draft.setBench(undefined)">Back at the machine</NButton>
  </div>
</template>

<style scoped>
.on {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  padding: 8px 10px;
  border-left: 6px solid var(--work);
  background: var(--work-wash);
  line-height: 1.2;
}
b {
  width: 100%;
}
</style>
