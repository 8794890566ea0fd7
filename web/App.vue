<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { NConfigProvider } from 'naive-ui'
import { computed, defineAsyncComponent, onMounted, watch } from 'vue'
import { RouterView, useRoute } from 'vue-router'
import { lookForRoom } from './data/room.ts'
import ClockStrip from './parts/ClockStrip.vue'
import Guarded from './parts/Guarded.vue'
import WaitingStrip from './parts/WaitingStrip.vue'
import { useCamera } from './stores/camera.ts'
import { useOutbox } from './stores/outbox.ts'
import { useSession } from './stores/session.ts'
import { controls } from './theme/naive.ts'
import { useTheme } from './theme/use-theme.ts'

/** Loaded when a camera is opened. */
const CameraSheet = defineAsyncComponent(() => import('./parts/camera/CameraSheet.vue'))
const { theme } = useTheme()
const overrides = computed(() => controls(theme.value))
const route = useRoute()
const outbox = useOutbox()
const camera = useCamera()
const session = useSession()
onMounted(async () => {
  await outbox.refresh()
  void lookForRoom()
})
// The browser asks before it leaves a page that alone knows of an act.
useEventListener('beforeunload', leaving => {
  if (!outbox.isKept) leaving.preventDefault()
})
// What waits goes up as soon as it is known who works here, whatever they open.
watch(
  () => session.person?.id,
  id => id && void outbox.flush(),
  { immediate: true },
)
</script>

<template>
  <NConfigProvider :theme-overrides="overrides" inline-theme-disabled class="app">
    <ClockStrip />
    <WaitingStrip />
    <Guarded what="This page" :of="route.path"><RouterView class="view" :inert="Boolean(camera.errand)" /></Guarded>
    <CameraSheet v-if="camera.errand" />
  </NConfigProvider>
</template>

<style scoped>
.app {
  height: 100%;
  display: flex;
  flex-direction: column;
}
.view {
  flex: 1;
  min-height: 0;
}
</style>
