<script setup lang="ts">
import { says } from '@dialytica/core/acts'
import { zoneIsSo, zoneJar } from '@dialytica/core/capture'
import { zoneTitle } from '@dialytica/core/machine'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import { useDraft } from '../../stores/draft.ts'
import { useJob } from '../../stores/job.ts'

/** Asked while the step is in hand: what it names sits elsewhere as a rule, and a gate follows from where it is. */
const job = useJob()
const draft = useDraft()
const jar = computed(() => zoneJar(job.state, draft.step, job.family))
const title = (zone: string) => zoneTitle(job.family, zone)
const stays = () =>
  jar.value && job.act(says('check-done', { check: zoneIsSo(jar.value.told), passed: true, step: draft.step.id }))
</script>

<template>
  <div v-if="jar" class="jar" role="group" aria-label="Where is it?">
    <span
      >The {{ jar.thing }} is usually in: <b>{{ title(jar.usual) }}</b>. This step says:
      <b>{{ title(jar.told) }}</b>.</span
    >
    <NButton @click="draft.setZone(jar.usual)">It is in: {{ title(jar.usual) }}</NButton>
    <NButton @click="stays">{{ title(jar.told) }} is right</NButton>
  </div>
</template>

<style scoped>
.jar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 10px;
  padding: 4px 10px;
  border-left: 6px solid var(--caution);
  background: var(--caution-wash);
}
</style>
