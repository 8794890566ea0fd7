<script setup lang="ts">
import type { Posture } from '@dialytica/core/machine'
import { beforeTurn } from '@dialytica/core/plan'
import { NButton, NInput } from 'naive-ui'
import { computed, ref } from 'vue'
import { v4 } from 'uuid'
import { useJob } from '../../stores/job.ts'
import BeforeTurn from '../BeforeTurn.vue'

/** The machine is turned to look: what must be seen to before is asked first; who turns it all the same says why. */
const props = defineProps<{ to: Posture; minutes: string; fixed: boolean }>()
const emit = defineEmits<{ turn: [to: Posture, step: string, reason: string | undefined] }>()
const job = useJob()
const step = v4()
const needs = computed(() => beforeTurn(job.state, job.family, props.to, step, job.planned.assembly))
const asksWhy = ref(false)
const reason = ref('')
function turned(): void {
  if (needs.value.length === 0) emit('turn', props.to, step, undefined)
  else asksWhy.value = true
}
function allTheSame(): void {
  const why = reason.value.trim()
  if (why) emit('turn', props.to, step, why)
}
</script>

<template>
  <span class="what"
    ><b>Turn it {{ to }}.</b> <span class="soft">there and back about {{ minutes }}</span></span
  >
  <template v-if="!fixed">
    <NButton @click="turned">It is turned</NButton>
    <BeforeTurn class="wide" :step="step" :needs="needs" :fixed="false" />
    <form v-if="asksWhy && needs.length" class="wide why" @submit.prevent="allTheSame">
      <NInput
        v-model:value="reason"
        placeholder="why it is turned all the same"
        :input-props="{ 'aria-label': 'Reason to turn it all the same' }"
      />
      <NButton type="error" attr-type="submit">Turn it all the same</NButton>
    </form>
  </template>
</template>

<style scoped>
.what {
  flex: 1;
}
.soft {
  display: block;
  font-size: 16px;
}
.wide {
  flex-basis: 100%;
}
.why {
  display: flex;
  gap: 8px;
}
</style>
