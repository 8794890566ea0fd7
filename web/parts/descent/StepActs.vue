<script setup lang="ts">
import { useDraft } from '../../stores/draft.ts'
import StepPhotos from '../StepPhotos.vue'

/** What is done with the step in hand as a whole: one more photo, one act taken back, its photos, recorded. */
defineProps<{
  /** True when it has a photo already: the next one is taken from here. */
  photo: boolean
  busy: boolean
  framing: boolean
  /** True where its photos stand here. */
  photos: boolean
}>()
const emit = defineEmits<{ shoot: []; undo: []; clearer: []; closeUp: []; done: [] }>()
const draft = useDraft()
</script>

<template>
  <div class="two">
    <button v-if="photo" class="btn" type="button" :disabled="busy" @click="emit('shoot')">Photo <kbd>P</kbd></button>
    <button class="btn" type="button" aria-label="Undo (U)" @click="emit('undo')">Undo <kbd>U</kbd></button>
  </div>
  <StepPhotos v-if="photos" :framing="framing" :fixed="false" @clearer="emit('clearer')" @close-up="emit('closeUp')" />
  <button class="btn go big" type="button" @click="emit('done')">
    {{ draft.amends ? 'Amend' : 'Step down' }} <kbd>Space</kbd>
  </button>
</template>

<style scoped>
.two {
  display: flex;
  gap: 10px;
}
.two > *,
.big {
  flex: 1;
}
</style>
