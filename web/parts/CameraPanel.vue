<script setup lang="ts">
import { NButton } from 'naive-ui'
import type { Errand } from '../devices/camera.ts'
import { useCamera } from '../stores/camera.ts'
import FilePick from './FilePick.vue'
import Problem from './Problem.vue'

/** Ways to a photo where there is none yet: the camera, a file, a phone that joins. */
const props = defineProps<{ errand: () => Errand }>()
const camera = useCamera()
const about = props.errand()
function choose(files: readonly File[]): void {
  const errand = props.errand()
  for (const file of files) void camera.bring(errand, file)
}
</script>

<template>
  <div class="camera">
    <p class="ask">{{ about.words }}</p>
    <div class="ways">
      <NButton type="primary" :disabled="camera.isBusy(about.kind)" @click="camera.ask(props.errand())">
        Photo <kbd>P</kbd>
      </NButton>
      <NButton v-if="camera.simulated" @click="camera.useDevice(props.errand())"> Device camera </NButton>
      <NButton v-if="about.byPhone" @click="about.byPhone()"> Phone as camera <kbd>J</kbd> </NButton>
      <FilePick accept="image/*" :many="about.many" @pick="choose">File</FilePick>
    </div>
    <p v-if="camera.simulated" class="which">Simulated camera: it draws the demo machine.</p>
    <Problem :says="camera.problem(about.kind)" />
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
.ask {
  font-size: 22px;
  font-stretch: 80%;
  text-align: center;
}
.which {
  font-size: 16px;
  text-align: center;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
  gap: 8px;
}
</style>
