<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { NButton, NModal } from 'naive-ui'
import { nextTick, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { canFollow, chosenFolder, followFolder, type PhotoFolder } from '../../devices/photo-folder.ts'
import { useCamera } from '../../stores/camera.ts'
import FilePick from '../FilePick.vue'
import Problem from '../Problem.vue'
import FolderShelf from './FolderShelf.vue'
import { useLive } from './live.ts'

/** The camera of this device over the whole screen, for one errand: live, with its light and its lenses; a file or a folder instead. */
const camera = useCamera()
const route = useRoute()
const video = ref<HTMLVideoElement | null>(null)
const sheet = ref<HTMLElement | null>(null)
const shutter = ref<InstanceType<typeof NButton> | null>(null)
const release = (): HTMLElement | undefined => shutter.value?.$el as HTMLElement | undefined
const folder = shallowRef<PhotoFolder | null>(null)
const { live, lit, refused, open, shut, light, shoot, lookForCodes } = useLive(video)

async function show(lens?: string): Promise<void> {
  folder.value = null
  await open(lens)
  await nextTick()
  ;(release() ?? sheet.value)?.focus()
}
function leave(): void {
  shut()
  folder.value = null
  camera.leave()
}
function take(picture: Blob | Promise<Blob>): void {
  const of = camera.errand
  if (!of) return
  // The picture is on its way before the camera is shut.
  void camera.bring(of, picture)
  void Promise.resolve(picture)
    .catch(() => undefined)
    .then(() => camera.errand === of && leave())
}
lookForCodes(
  () => Boolean(camera.errand?.read),
  text => {
    const of = camera.errand
    leave()
    of?.read?.(text)
  },
)
function choose(files: readonly File[]): void {
  const of = camera.errand
  if (!of) return
  for (const file of files) void camera.bring(of, file)
  leave()
}
async function chooseFolder(): Promise<void> {
  folder.value = await followFolder()
  if (folder.value) shut()
}
function chooseFiles(files: readonly File[]): void {
  folder.value = chosenFolder(files)
  shut()
}
function byPhone(): void {
  const letIn = camera.errand?.byPhone
  leave()
  letIn?.()
}
watch(
  () => route.path,
  () => leave(),
)
watch(
  () => camera.errand,
  of => (of ? void show() : shut()),
  { immediate: true },
)
onBeforeUnmount(leave)

/** While the camera is open its keys are its own: the pedal and P release it, Escape leaves it; the rest stays in it. */
useEventListener(
  window,
  'keydown',
  (event: KeyboardEvent) => {
    if (!camera.errand) return
    const releases = [' ', 'PageDown', 'p', 'P'].includes(event.key)
    const own =
      event.target instanceof HTMLElement && sheet.value?.contains(event.target) && event.target !== sheet.value
    if (event.key === 'Escape' || event.key === 'PageUp') leave()
    else if (releases && !(event.key === ' ' && own && event.target !== release())) void shoot(take)
    else if (own || event.key === 'Tab') return
    event.preventDefault()
    event.stopImmediatePropagation()
  },
  { capture: true },
)
</script>

<template>
  <NModal :show="Boolean(camera.errand)" :auto-focus="false" :mask-closable="false" :close-on-esc="false">
    <section
      v-if="camera.errand"
      ref="sheet"
      class="sheet"
      role="dialog"
      aria-modal="true"
      :aria-label="camera.errand.words"
      tabindex="-1"
    >
      <p class="words">{{ camera.errand.words }}</p>
      <FolderShelf v-if="folder" :folder="folder" @take="take" />
      <div v-else class="look">
        <video v-show="live" ref="video" autoplay playsinline muted />
        <Problem v-if="refused" class="refused" :says="refused" />
        <p v-else-if="!live" role="status">Opening the camera.</p>
      </div>
      <div class="ways">
        <NButton v-if="live" ref="shutter" class="release" type="primary" size="large" @click="shoot(take)">
          Take it <kbd>Space</kbd>
        </NButton>
        <NButton v-if="live?.torch" :aria-pressed="lit" @click="light">Light</NButton>
        <template v-if="live && live.lenses.length > 1">
          <NButton
            v-for="lens in live.lenses"
            :key="lens.id"
            class="lens"
            :aria-pressed="lens.id === live.lens"
            @click="show(lens.id)"
          >
            {{ lens.name }}
          </NButton>
        </template>
        <NButton v-if="folder" @click="show()">Device camera</NButton>
        <NButton v-else-if="refused" @click="show()">Try again</NButton>
        <FilePick accept="image/*" :many="camera.errand.many" @pick="choose">File</FilePick>
        <template v-if="!camera.errand.read">
          <NButton v-if="canFollow()" @click="chooseFolder">Folder</NButton>
          <FilePick v-else folder @pick="chooseFiles">Folder</FilePick>
        </template>
        <NButton v-if="camera.errand.byPhone" @click="byPhone">Phone as camera</NButton>
        <NButton v-if="camera.isDemo" @click="camera.useSimulated()">Simulated camera</NButton>
        <NButton @click="leave">Leave it</NButton>
      </div>
    </section>
  </NModal>
</template>

<style scoped>
.sheet {
  width: 100vw;
  height: 100dvh;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  background: #15191a;
  color: #ece5d6;
}
.words {
  padding: 12px 20px;
  font-size: 22px;
  font-stretch: 80%;
}
.look {
  display: grid;
  grid-template-rows: minmax(0, 1fr);
  place-items: center;
  min-height: 0;
}
video {
  width: 100%;
  height: 100%;
  object-fit: contain;
}
.refused {
  max-width: 620px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  padding: 10px 16px;
  background: var(--ground);
}
.release {
  flex: 1 0 240px;
}
.lens {
  max-width: 220px;
  font-size: 16px;
}
</style>
