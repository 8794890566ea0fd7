<script setup lang="ts">
import { owedCount, type Debt, type Settlement } from '@dialytica/core/log'
import type { ReturnStep } from '@dialytica/core/plan'
import { NButton } from 'naive-ui'
import { ref, watch } from 'vue'
import { useJob } from '../../stores/job.ts'
import { toJob } from '../../ways.ts'
import LinkButton from '../LinkButton.vue'
import NotInRecord from './NotInRecord.vue'
import OpenAgain from './OpenAgain.vue'

/** What else can be done with a step of the return: all at once, otherwise than refitted, a photo of now, opened again, asked for, told. */
const props = defineProps<{ r: ReturnStep; next: Debt | undefined; held: boolean; busy: boolean }>()
const emit = defineEmits<{ all: []; settle: [how: Settlement]; shoot: [] }>()
const job = useJob()
const otherwise = ref(false)
watch(
  () => props.r.step.id,
  () => (otherwise.value = false),
)
</script>

<template>
  <div class="acts">
    <template v-if="next">
      <NButton v-if="next.count > 1 && owedCount(next) > 1" :disabled="held" @click="emit('all')">
        All {{ owedCount(next) }}
      </NButton>
      <NButton :aria-expanded="otherwise" @click="otherwise = !otherwise"> Other than refitted </NButton>
      <template v-if="otherwise">
        <NButton @click="emit('settle', 'replaced')">New one</NButton>
        <NButton @click="emit('settle', 'scrapped')">Scrapped</NButton>
        <NButton @click="emit('settle', 'missing')">Was missing before</NButton>
      </template>
    </template>
    <NButton :disabled="busy" @click="emit('shoot')">Photo of now <kbd>P</kbd></NButton>
    <OpenAgain :step="r.step.id" />
    <LinkButton :to="toJob(job.id, 'finder')">Left over <kbd>F</kbd></LinkButton>
    <NotInRecord :zone="r.step.zone" />
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.acts :deep(.n-button),
.acts > .n-button {
  font-size: 16px;
  padding: 0 8px;
}
</style>
