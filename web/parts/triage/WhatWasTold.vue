<script setup lang="ts">
import { table } from '@dialytica/core/triage'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import { useTriage } from '../../stores/triage.ts'
import Choice from '../Choice.vue'

/** What the complaint was read into: each finding is taken back or told again by a tap, and others are added. */
defineProps<{ fixed: boolean }>()
const emit = defineEmits<{ problem: [words: string] }>()
const triage = useTriage()
const read = computed(() => triage.told.read)
const not = computed(() => triage.told.evidence.not)
const others = computed(() =>
  table.findings
    .filter(f => !read.value.some(r => r.finding.id === f.id && r.isTold))
    .map(f => ({ label: f.id, value: f.id })),
)
const say = (finding: string, how: 'so' | 'not so' | 'not known') => emit('problem', triage.finds(finding, how) ?? '')
</script>

<template>
  <div class="told" role="group" aria-label="What it does">
    <NButton
      v-for="{ finding, isTold } in read"
      :key="finding.id"
      size="small"
      :disabled="fixed"
      :aria-pressed="isTold"
      :class="['chip', { isnt: !isTold }]"
      @click="say(finding.id, isTold ? 'not known' : 'so')"
      ><span>{{ isTold ? '✓' : '–' }} {{ finding.id }}</span></NButton
    >
    <NButton
      v-for="id in not"
      :key="`not ${id}`"
      size="small"
      :disabled="fixed"
      class="chip"
      :aria-label="`Not so: ${id}. Take back`"
      @click="say(id, 'not known')"
      ><span>not: {{ id }}</span></NButton
    >
    <Choice
      v-if="!fixed"
      class="add"
      label="It also does"
      placeholder="It also …"
      value=""
      :options="others"
      @choose="say($event, 'so')"
    />
  </div>
</template>

<style scoped>
.told {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.chip {
  --n-height: 36px;
}
.isnt span {
  color: var(--soft);
  text-decoration: line-through;
}
.add {
  flex: 1 0 130px;
  max-width: 200px;
}
</style>
