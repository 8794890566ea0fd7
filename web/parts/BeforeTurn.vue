<script setup lang="ts">
import { seeTo } from '@dialytica/core/acts'
import type { Need } from '@dialytica/core/plan'
import { text } from '@dialytica/core/words'
import { Square } from '@lucide/vue'
import { NButton } from 'naive-ui'
import { useJob } from '../stores/job.ts'

/** What has to be seen to before the machine is turned, or a cover goes on, by name; a tap says that it is. */
const props = withDefaults(defineProps<{ step: string; needs: readonly Need[]; fixed: boolean; says?: string }>(), {
  says: 'Before it is turned',
})
const job = useJob()
const seen = (need: Need) => job.act(seeTo(props.step, need))
</script>

<template>
  <div v-if="needs.length" class="needs" role="group" :aria-label="says">
    <b>{{ says }}</b>
    <NButton v-for="need in needs" :key="need.id" :disabled="fixed" @click="seen(need)">
      <Square />{{ text(need.says) }}
    </NButton>
  </div>
</template>

<style scoped>
.needs {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 10px;
  padding: 4px 10px;
  border-left: 6px solid var(--danger);
  background: var(--danger-wash);
}
.needs .n-button {
  font-size: 16px;
  padding: 0 10px;
  --n-color: var(--sheet);
}
</style>
