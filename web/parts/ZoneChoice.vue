<script setup lang="ts">
import { zoneTitle } from '@dialytica/core/machine'
import { NButton } from 'naive-ui'
import { nextTick, onMounted } from 'vue'
import { useDraft } from '../stores/draft.ts'
import { useJob } from '../stores/job.ts'
import Cutaway from './Cutaway.vue'

/** The zone of the step in hand, by touching the machine. */
const emit = defineEmits<{ leave: [] }>()
const job = useJob()
const draft = useDraft()
/** Whoever opens the machine by a key goes on by keys. */
onMounted(async () => {
  await nextTick()
  document.querySelector<SVGElement>('[role=radio][tabindex="0"]')?.focus()
})
</script>

<template>
  <div class="choosing">
    <Cutaway
      :family="job.family"
      :zone="draft.step.zone"
      :open="job.stance.open"
      choose
      large
      @choose="draft.setZone"
    />
    <NButton type="primary" @click="emit('leave')">
      Here: {{ draft.step.zone ? zoneTitle(job.family, draft.step.zone) : 'touch the machine' }}
    </NButton>
  </div>
</template>

<style scoped>
.choosing {
  position: absolute;
  inset: 0;
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  gap: 8px;
  padding: 12px;
  background: var(--ground);
}
@media (max-width: 1000px) {
  .choosing {
    position: relative;
    min-height: 420px;
  }
}
</style>
