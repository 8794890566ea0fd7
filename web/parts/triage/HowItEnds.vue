<script setup lang="ts">
import type { Outlook } from '@dialytica/core/triage'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import { useTriage } from '../../stores/triage.ts'
import { percent } from './words.ts'

/** How the search ends: told as this is it; seen; a suspect; or it cannot be told from here. What is lit in the field can be told as the cause at any time. */
const props = defineProps<{ outlook: Outlook; lit: string | null; fixed: boolean }>()
const emit = defineEmits<{ problem: [words: string] }>()
const triage = useTriage()
const end = computed(() => props.outlook.end)
const offered = computed(() => (end.value.is === 'seen' ? end.value.cause.id : props.lit))
</script>

<template>
  <section v-if="triage.told.cause" class="end" role="status">
    <h1>The cause: {{ triage.told.cause.cause }}.</h1>
    <p>Fetch what it needs, then open the way to it. It is kept for the next machine when the job is closed.</p>
    <NButton v-if="!fixed" @click="emit('problem', triage.takeBack(triage.told.cause.entry) ?? '')"
      >It is not that</NButton
    >
  </section>
  <section v-else-if="end.is !== 'goes on' || offered" class="end" role="status">
    <p v-if="end.is === 'seen'">
      <b>Seen: {{ end.cause.id }}</b
      >, {{ end.cause.part }}, {{ percent(end.share) }}.
    </p>
    <p v-else-if="end.is === 'cannot tell'">
      <b>It cannot be told from here.</b> What this table does not know is held at {{ percent(end.unknown) }}. Note what
      you see; ask who knows this model.
    </p>
    <p v-else-if="end.is === 'suspect'">
      <b>Suspect: {{ end.cause.id }}</b
      >, {{ end.cause.part }}, {{ percent(end.share) }}.
    </p>
    <NButton v-if="offered && !fixed" type="primary" @click="emit('problem', triage.causeIs(offered, true) ?? '')"
      >Seen: {{ offered }} is it</NButton
    >
  </section>
</template>

<style scoped>
.end {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
  border: 2px solid var(--work);
  padding: 8px 14px;
}
h1 {
  font-size: 30px;
  font-stretch: 75%;
}
</style>
