<script setup lang="ts">
import { useDraft } from '../stores/draft.ts'
import PhotoStrip from './PhotoStrip.vue'

/** The photos of the step in hand. */
defineProps<{ framing: boolean; fixed: boolean }>()
const emit = defineEmits<{ clearer: []; closeUp: [] }>()
const draft = useDraft()
</script>

<template>
  <PhotoStrip
    v-if="draft.step.photos.length"
    :photos="draft.step.photos"
    :shown="draft.photo"
    :held="draft.step.marks.some(m => m.photo === draft.photo) || draft.closeUps.length > 0"
    :framing="framing"
    :fixed="fixed"
    @show="draft.photo = $event"
    @clearer="emit('clearer')"
    @close-up="emit('closeUp')"
    @drop="draft.photo && draft.removePhoto(draft.photo)"
  />
</template>
