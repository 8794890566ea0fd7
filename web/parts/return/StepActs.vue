<script setup lang="ts">
import { owedCount, type Debt, type Settlement } from '@dialytica/core/log'
import type { ReturnStep } from '@dialytica/core/plan'
import { ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { useJob } from '../../stores/job.ts'
import NotInRecord from './NotInRecord.vue'
import OpenAgain from './OpenAgain.vue'
import { toJob } from '../../ways.ts'

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
      <button
        v-if="next.count > 1 && owedCount(next) > 1"
        class="btn"
        type="button"
        :disabled="held"
        @click="emit('all')"
      >
        All {{ owedCount(next) }}
      </button>
      <button class="btn" type="button" :aria-expanded="otherwise" @click="otherwise = !otherwise">
        Other than refitted
      </button>
      <template v-if="otherwise">
        <button class="btn" type="button" @click="emit('settle', 'replaced')">New one</button>
        <button class="btn" type="button" @click="emit('settle', 'scrapped')">Scrapped</button>
        <button class="btn" type="button" @click="emit('settle', 'missing')">Was missing before</button>
      </template>
    </template>
    <button class="btn" type="button" :disabled="busy" @click="emit('shoot')">Photo of now <kbd>P</kbd></button>
    <OpenAgain :step="r.step.id" />
    <RouterLink class="btn" :to="toJob(job.id, 'finder')">Left over <kbd>F</kbd></RouterLink>
    <NotInRecord :zone="r.step.zone" />
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.acts :deep(.btn),
.acts > .btn {
  font-size: 16px;
  padding: 0 8px;
}
</style>
