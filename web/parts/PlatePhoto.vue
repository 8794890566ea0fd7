<script setup lang="ts">
import type { Photo } from '@dialytica/core/log'
import { NButton } from 'naive-ui'
import { ref } from 'vue'
import { usePhotoUrl } from '../data/photo-url.ts'
import type { Errand, View } from '../devices/camera.ts'
import { readCode } from '../devices/read-code.ts'
import CameraPanel from './CameraPanel.vue'

/**
 * The photo of the rating plate, kept with the job. Where a code is printed on the plate it is read, else it is typed from the
 * picture. `simulated` is the plate that the simulated camera is held to; null when there is none.
 */
const photo = defineModel<Photo | null>({ required: true })
const props = defineProps<{ simulated: () => Promise<View | null> }>()
const emit = defineEmits<{ read: [text: string] }>()
const picture = usePhotoUrl(() => photo.value?.hash, 'stage')
const seen = ref('')
const errand = (): Errand => ({
  kind: 'plate',
  words: 'Photograph the rating plate.',
  simulated: props.simulated,
  async keep(taken, bytes) {
    photo.value = taken
    seen.value = ''
    const text = await readCode(bytes).catch(() => null)
    if (text) emit('read', text)
    seen.value = text ? 'Read from the code on the plate: compare.' : 'No code is seen on it: type what it says.'
  },
})
</script>

<template>
  <section class="shot" aria-label="Photo of the plate">
    <img v-if="picture" :src="picture" alt="The rating plate" />
    <CameraPanel v-else :errand="errand" />
  </section>
  <p v-if="photo" class="seen">
    <span role="status">{{ seen }}</span>
    <NButton @click="photo = null">Another photo</NButton>
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
