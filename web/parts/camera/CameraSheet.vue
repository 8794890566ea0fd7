<script setup lang="ts">
import { useEventListener, useIntervalFn } from '@vueuse/core'
import { nextTick, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import type { Camera } from '../../devices/camera.ts'
import { openCamera } from '../../devices/device-camera.ts'
import { readCode } from '../../devices/read-code.ts'
import { canFollow, chosenFolder, followFolder, type PhotoFolder } from '../../devices/photo-folder.ts'
import { useCamera } from '../../stores/camera.ts'
import FolderShelf from './FolderShelf.vue'

/** The camera of this device over the whole screen, for one errand: live, with its light and its lenses; a file or a folder instead. */
const camera = useCamera()
const route = useRoute()
const live = shallowRef<Camera | null>(null)
const folder = shallowRef<PhotoFolder | null>(null)
const lit = ref(false)
const refused = ref('')
const video = ref<HTMLVideoElement | null>(null)
const sheet = ref<HTMLElement | null>(null)
const shutter = ref<HTMLButtonElement | null>(null)

/** Which opening is the last one: an earlier one that comes late is shut again. */
let opening = 0
async function open(lens?: string): Promise<void> {
  shut()
  refused.value = ''
  const mine = (opening += 1)
  try {
    const opened = await openCamera(lens)
    if (mine !== opening) return opened.close()
    live.value = opened
    await nextTick()
    if (video.value) video.value.srcObject = opened.stream
  } catch (error) {
    refused.value = (error as Error).message
  }
  await nextTick()
  ;(shutter.value ?? sheet.value)?.focus()
}
function shut(): void {
  opening += 1
  live.value?.close()
  live.value = null
  lit.value = false
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
/** One release is one picture, however often the pedal bounces. */
let released = false
async function shoot(): Promise<void> {
  if (!live.value || released) return
  released = true
  const picture = live.value.shoot()
  take(picture)
  await picture.catch(() => undefined)
  released = false
}
/** A code is looked for in the moving picture, again and again, until one is seen. */
let reading = false
async function lookForCode(): Promise<void> {
  const of = camera.errand
  if (!of?.read || !live.value || !video.value?.videoWidth || reading) return
  reading = true
  const text = await readCode(video.value).catch(() => null)
  reading = false
  if (!text || camera.errand !== of) return
  leave()
  of.read(text)
}
useIntervalFn(() => void lookForCode(), 400)
function choose(event: Event): void {
  const of = camera.errand
  const files = [...((event.target as HTMLInputElement).files ?? [])]
  if (!of || !files.length) return
  for (const file of files) void camera.bring(of, file)
  leave()
}
async function chooseFolder(): Promise<void> {
  folder.value = await followFolder()
  if (folder.value) shut()
}
function chooseFiles(event: Event): void {
  const { files } = event.target as HTMLInputElement
  if (!files?.length) return
  folder.value = chosenFolder(files)
  shut()
}
function byPhone(): void {
  const letIn = camera.errand?.byPhone
  leave()
  letIn?.()
}
async function light(): Promise<void> {
  await live.value?.torch?.(!lit.value).then(
    () => (lit.value = !lit.value),
    () => (refused.value = 'The light of this lens cannot be switched.'),
  )
}
/** What had the focus before has it again when the camera is left. */
let hadFocus: Element | null = null
watch(
  () => route.path,
  () => leave(),
)
watch(
  () => camera.errand,
  of => {
    folder.value = null
    if (of) {
      hadFocus = document.activeElement
      void open()
    } else {
      shut()
      const before = hadFocus
      // The page takes the focus again once it is no longer behind the camera.
      void nextTick(() => before instanceof HTMLElement && before.focus())
    }
  },
  { immediate: true },
)
onBeforeUnmount(leave)

/** While the camera is open its keys are its own: the pedal and P release it, Escape leaves it, Tab stays in it. */
useEventListener(
  window,
  'keydown',
  (event: KeyboardEvent) => {
    if (!camera.errand) return
    const releases = [' ', 'PageDown', 'p', 'P'].includes(event.key)
    const own =
      event.target instanceof HTMLElement && sheet.value?.contains(event.target) && event.target !== sheet.value
    if (event.key === 'Escape' || event.key === 'PageUp') leave()
    else if (releases && !(event.key === ' ' && own && event.target !== shutter.value)) void shoot()
    else if (own || event.key === 'Tab') return
    event.preventDefault()
    event.stopImmediatePropagation()
  },
  { capture: true },
)
</script>

<template>
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
      <p v-if="refused" class="note danger" role="alert">{{ refused }}</p>
      <p v-else-if="!live" role="status">Opening the camera.</p>
    </div>
    <div class="ways">
      <button v-if="live" ref="shutter" class="btn go big" type="button" @click="shoot">
        Take it <kbd>Space</kbd>
      </button>
      <button v-if="live?.torch" class="btn" type="button" :aria-pressed="lit" @click="light">Light</button>
      <template v-if="live && live.lenses.length > 1">
        <button
          v-for="lens in live.lenses"
          :key="lens.id"
          class="btn lens"
          type="button"
          :aria-pressed="lens.id === live.lens"
          @click="open(lens.id)"
        >
          {{ lens.name }}
        </button>
      </template>
      <button v-if="folder" class="btn" type="button" @click="((folder = null), open())">Device camera</button>
      <button v-else-if="refused" class="btn" type="button" @click="open()">Try again</button>
      <label class="btn">
        File
        <input type="file" accept="image/*" class="sr" :multiple="camera.errand.many ?? false" @change="choose" />
      </label>
      <template v-if="!camera.errand.read">
        <button v-if="canFollow()" class="btn" type="button" @click="chooseFolder">Folder</button>
        <label v-else class="btn">Folder<input type="file" webkitdirectory class="sr" @change="chooseFiles" /></label>
      </template>
      <button v-if="camera.errand.byPhone" class="btn" type="button" @click="byPhone">Phone as camera</button>
      <button v-if="camera.isDemo" class="btn" type="button" @click="camera.useSimulated()">Simulated camera</button>
      <button class="btn" type="button" @click="leave">Leave it</button>
    </div>
  </section>
</template>

<style scoped>
.sheet {
  position: fixed;
  inset: 0;
  z-index: 50;
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
.note {
  max-width: 620px;
  color: var(--ink);
}
.ways {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  padding: 10px 16px;
  background: var(--ground);
}
.big {
  flex: 1 0 240px;
}
.lens {
  max-width: 220px;
  font-size: 16px;
}
.btn:focus-within {
  outline: 3px solid var(--work);
  outline-offset: 2px;
}
</style>
