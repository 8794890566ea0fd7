<script setup lang="ts">
import { X } from '@lucide/vue'
import { useWakeLock } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { defineAsyncComponent, onUnmounted, ref, watch } from 'vue'
import { RouterView, useRoute, useRouter } from 'vue-router'
import { useCommands } from '../commands.ts'
import { useWedge } from '../devices/wedge.ts'
import Guarded from '../parts/Guarded.vue'
import JobHead from '../parts/JobHead.vue'
import KeyHelp from '../parts/KeyHelp.vue'
import LinkButton from '../parts/LinkButton.vue'
import { useDraft } from '../stores/draft.ts'
import { useHand } from '../stores/hand.ts'
import { useJob } from '../stores/job.ts'
import { useScan } from '../stores/scanned-label.ts'
import { toJob } from '../ways.ts'

const NoteIt = defineAsyncComponent(() => import('../parts/noting/NoteIt.vue'))

/** The frame of one job: its head, and the view of its phase. The screen stays awake while it is open. */
const route = useRoute()
const router = useRouter()
const job = useJob()
const draft = useDraft()
const hand = useHand()
const scanner = useScan()
useWedge(scanner.follow)
const noting = ref(false)
useCommands({
  close: () => void router.push(toJob(job.id, 'close')),
  finder: () => void router.push(toJob(job.id, 'finder')),
  note: () => (noting.value = !noting.value && !job.isFixed),
  proof: () => void router.push(toJob(job.id, 'proof')),
  narration: () => void router.push(toJob(job.id, 'narration')),
  bench: () => void router.push(toJob(job.id, 'bench')),
  wayIn: () => void router.push(toJob(job.id, 'way-in')),
  triage: () => void router.push(toJob(job.id, 'triage')),
  search: () => void router.push({ name: 'search' }),
})
const { request, release, isSupported } = useWakeLock()
/** The job whose step in hand is in the hand again. No view stands before that: an act on it would be overwritten. */
const taken = ref('')

watch(
  () => route.params.job as string,
  async id => {
    taken.value = ''
    if (!id) return
    await job.open(id)
    if (job.id !== id) return
    await draft.load()
    if (job.id !== id) return
    taken.value = id
    void hand.load()
    if (isSupported.value) void request('screen').catch(() => undefined)
  },
  { immediate: true },
)
onUnmounted(() => {
  scanner.said = ''
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
        <LinkButton :to="{ name: 'floor' }">To the floor</LinkButton>
      </main>
    </template>
    <template v-else-if="job.state.opened">
      <JobHead :noting="noting" @note="noting = !noting" />
      <NoteIt v-if="noting && !job.isFixed" @leave="noting = false" />
      <p v-if="scanner.said" class="scanned" role="status">
        <b>Scanned.</b> {{ scanner.said }}
        <NButton aria-label="Close what was scanned" @click="scanner.said = ''"><X /></NButton>
      </p>
      <Guarded v-if="taken === job.id" what="This view" :of="route.path"><RouterView class="phase" /></Guarded>
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
.scanned {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 2px 20px;
  background: var(--work-wash);
  border-bottom: 2px solid var(--work);
}
.scanned .n-button {
  margin-left: auto;
}
.lost {
  display: grid;
  justify-items: start;
  gap: 12px;
  padding: 32px;
}
</style>
