<script setup lang="ts">
import { onUnmounted, watch } from 'vue'
import { RouterLink, RouterView, useRoute } from 'vue-router'
import { useWakeLock } from '@vueuse/core'
import JobHead from '../parts/JobHead.vue'
import KeyHelp from '../parts/KeyHelp.vue'
import { useDraft } from '../stores/draft.ts'
import { useJob } from '../stores/job.ts'

/** The frame of one job: its head, and the view of its phase. The screen stays awake while it is open. */
const route = useRoute()
const job = useJob()
const draft = useDraft()
const { request, release, isSupported } = useWakeLock()

watch(
  () => route.params.job as string,
  async id => {
    if (!id) return
    await job.open(id)
    await draft.load()
    if (isSupported.value) void request('screen').catch(() => undefined)
  },
  { immediate: true },
)
onUnmounted(() => {
  job.close()
  if (isSupported.value) void release().catch(() => undefined)
})
</script>

<template>
  <div class="job">
    <template v-if="job.problem">
      <main class="lost">
        <h1>This job cannot be opened.</h1>
        <p>{{ job.problem }}</p>
        <RouterLink class="btn" to="/">To the floor</RouterLink>
      </main>
    </template>
    <template v-else-if="job.state.opened">
      <JobHead />
      <RouterView class="phase" />
      <KeyHelp />
    </template>
    <p v-else class="lost">Opening the job.</p>
  </div>
</template>

<style scoped>
.job {
  display: flex;
  flex-direction: column;
  min-height: 0;
}
.phase {
  flex: 1;
  min-height: 0;
}
.lost {
  display: grid;
  justify-items: start;
  gap: 12px;
  padding: 32px;
}
</style>
