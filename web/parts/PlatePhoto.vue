<script setup lang="ts">
import type { Photo } from '@dialytica/core'
import { ref } from 'vue'
import { usePhotoUrl } from '../data/photo-url.ts'
import { readCode } from '../devices/read-code.ts'
import { useShot } from '../devices/use-shot.ts'
import CameraPanel from './CameraPanel.vue'

/**
 * The photo of the rating plate, kept with the job. Where a code is printed on the plate it is read, else it is typed from the
 * picture. `simulated` draws the plate that the simulated camera is held to; null when there is none.
 */
const photo = defineModel<Photo | null>({ required: true })
const props = defineProps<{ simulated: () => Promise<Blob> | null }>()
const emit = defineEmits<{ read: [text: string] }>()
const picture = usePhotoUrl(() => photo.value?.hash, 'stage')
const seen = ref('')
const {
  busy: looking,
  problem,
  take: keep,
} = useShot(async (taken, bytes) => {
  photo.value = taken
  seen.value = ''
  const text = await readCode(bytes)
  if (text) emit('read', text)
  seen.value = text ? 'Read from the code on the plate: compare.' : 'No code is seen on it: type what it says.'
})
function simulate(): void {
  const shot = props.simulated()
  if (shot) void keep(shot)
  else problem.value = 'The simulated camera has no plate before it: choose a file, or type it.'
}
</script>

<template>
  <section class="shot" aria-label="Photo of the plate">
    <img v-if="picture" :src="picture" alt="The rating plate" />
    <CameraPanel
      v-else
      :busy="looking"
      :problem="problem"
      ask="Photograph the rating plate."
      @simulate="simulate"
      @taken="keep"
    />
  </section>
  <p v-if="photo" class="seen">
    <span role="status">{{ seen }}</span>
    <button class="btn" type="button" @click="photo = null">Another photo</button>
  </p>
</template>

<style scoped>
.shot {
  position: relative;
  min-height: 220px;
  background: #15191a;
}
.shot img {
  display: block;
  width: 100%;
  height: 100%;
  object-fit: contain;
}
.seen {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  padding: 6px 16px;
  background: var(--sheet);
}
</style>
