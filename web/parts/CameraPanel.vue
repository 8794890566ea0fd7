<script setup lang="ts">
import { onBeforeUnmount, ref } from 'vue'

/** Ways to a photo: the simulated camera, the camera of this device, a file. */
const props = defineProps<{ busy: boolean; problem: string; ask?: string; mayInvite?: boolean }>()
const emit = defineEmits<{ simulate: []; taken: [blob: Blob]; invite: [] }>()

const video = ref<HTMLVideoElement | null>(null)
const stream = ref<MediaStream | null>(null)
const refused = ref('')

async function look(): Promise<void> {
  refused.value = ''
  try {
    stream.value = await navigator.mediaDevices.getUserMedia({
      video: { facingMode: 'environment', width: { ideal: 2560 } },
    })
    requestAnimationFrame(() => {
      if (video.value) video.value.srcObject = stream.value
    })
  } catch {
    refused.value = 'This device gives no camera: allow it in the browser, or choose a file.'
  }
}
function stop(): void {
  stream.value?.getTracks().forEach(t => t.stop())
  stream.value = null
}
function shoot(): void {
  const from = video.value
  if (!from?.videoWidth) return
  const canvas = document.createElement('canvas')
  canvas.width = from.videoWidth
  canvas.height = from.videoHeight
  canvas.getContext('2d')!.drawImage(from, 0, 0)
  canvas.toBlob(blob => blob && emit('taken', blob), 'image/jpeg', 0.9)
  stop()
}
function choose(event: Event): void {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file) emit('taken', file)
}
onBeforeUnmount(stop)
</script>

<template>
  <div class="camera">
    <template v-if="stream">
      <video ref="video" autoplay playsinline muted />
      <div class="ways">
        <button class="btn go" type="button" @click="shoot">Take it</button>
        <button class="btn" type="button" @click="stop">Back</button>
      </div>
    </template>
    <template v-else>
      <p class="ask">{{ props.ask ?? 'Photograph the place as it is now.' }}</p>
      <div class="ways">
        <button class="btn go" type="button" :disabled="props.busy" @click="emit('simulate')">
          Photo <kbd>P</kbd>
        </button>
        <button class="btn" type="button" @click="look">Device camera</button>
        <button v-if="props.mayInvite" class="btn" type="button" @click="emit('invite')">
          Phone as camera <kbd>J</kbd>
        </button>
        <label class="btn file">File<input type="file" accept="image/*" class="sr" @change="choose" /></label>
      </div>
      <p v-if="props.problem || refused" class="note danger" role="alert">{{ props.problem || refused }}</p>
    </template>
  </div>
</template>

<style scoped>
.camera {
  position: absolute;
  inset: 0;
  display: grid;
  place-content: center;
  justify-items: center;
  gap: 16px;
  padding: 16px;
  color: #ece5d6;
}
video {
  max-width: 100%;
  max-height: 60vh;
}
.ask {
  font-size: 22px;
  font-stretch: 80%;
  text-align: center;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
  gap: 8px;
}
.file:focus-within {
  outline: 3px solid var(--work);
  outline-offset: 2px;
}
.note {
  color: var(--ink);
}
</style>
