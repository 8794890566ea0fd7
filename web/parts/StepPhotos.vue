<script setup lang="ts">
import { useDraft } from '../stores/draft.ts'
import { useMarking } from '../stores/marking.ts'
import PhotoStrip from './PhotoStrip.vue'

/** The photos of the step in hand. */
defineProps<{ framing: boolean; fixed: boolean }>()
const emit = defineEmits<{ clearer: []; closeUp: [] }>()
const draft = useDraft()
const marking = useMarking()
</script>

<template>
  <PhotoStrip
    v-if="draft.step.photos.length"
    :photos="draft.step.photos"
    :shown="marking.photo"
    :held="draft.step.marks.some(m => m.photo === marking.photo) || marking.closeUps.length > 0"
    :framing="framing"
    :fixed="fixed"
    @show="marking.photo = $event"
    @clearer="emit('clearer')"
    @close-up="emit('closeUp')"
    @drop="marking.photo && marking.removePhoto(marking.photo)"
  />
</template>
