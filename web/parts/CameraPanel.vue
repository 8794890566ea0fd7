<script setup lang="ts">
import type { Errand } from '../devices/camera.ts'
import { useCamera } from '../stores/camera.ts'

/** Ways to a photo where there is none yet: the camera, a file, a phone that joins. */
const props = defineProps<{ errand: () => Errand }>()
const camera = useCamera()
const about = props.errand()
function choose(event: Event): void {
  const errand = props.errand()
  for (const file of (event.target as HTMLInputElement).files ?? []) void camera.bring(errand, file)
}
</script>

<template>
  <div class="camera">
    <p class="ask">{{ about.words }}</p>
    <div class="ways">
      <button class="btn go" type="button" :disabled="camera.isBusy(about.kind)" @click="camera.ask(props.errand())">
        Photo <kbd>P</kbd>
      </button>
      <button v-if="camera.simulated" class="btn" type="button" @click="camera.useDevice(props.errand())">
        Device camera
      </button>
      <button v-if="about.byPhone" class="btn" type="button" @click="about.byPhone()">
        Phone as camera <kbd>J</kbd>
      </button>
      <label class="btn file">
        File<input type="file" accept="image/*" class="sr" :multiple="about.many ?? false" @change="choose" />
      </label>
    </div>
    <p v-if="camera.simulated" class="which">Simulated camera: it draws the demo machine.</p>
    <p v-if="camera.problem(about.kind)" class="note danger" role="alert">{{ camera.problem(about.kind) }}</p>
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
.file:focus-within {
  outline: 3px solid var(--work);
  outline-offset: 2px;
}
.note {
  color: var(--ink);
}
</style>
