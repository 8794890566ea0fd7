<script setup lang="ts">
import { text } from '@dialytica/core/words'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import { useDraft } from '../../stores/draft.ts'
import { useJob } from '../../stores/job.ts'
import { toJob } from '../../ways.ts'
import LinkButton from '../LinkButton.vue'
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
const job = useJob()
const draft = useDraft()
/** What the strong action does now: before a turn each thing to see to is ticked off by its name. */
const strong = computed(() => {
  const [need] = draft.needs
  return draft.amends ? 'Amend' : need ? `Seen to: ${text(need.thing)}` : 'Step down'
})
</script>

<template>
  <div class="two">
    <NButton v-if="photo" :disabled="busy" @click="emit('shoot')">Photo <kbd>P</kbd></NButton>
    <NButton aria-label="Undo (U)" @click="emit('undo')">Undo <kbd>U</kbd></NButton>
    <LinkButton v-if="!photo && draft.isEmpty && !draft.amends" class="narrated" :to="toJob(job.id, 'narration')"
      >Narration <kbd>V</kbd></LinkButton
    >
  </div>
  <StepPhotos v-if="photos" :framing="framing" :fixed="false" @clearer="emit('clearer')" @close-up="emit('closeUp')" />
  <NButton class="down" type="primary" size="large" @click="emit('done')"> {{ strong }} <kbd>Space</kbd> </NButton>
</template>

<style scoped>
.two {
  display: flex;
  gap: 10px;
}
.down {
  white-space: normal;
}
.two > *,
.down {
  flex: 1;
}
.narrated {
  flex: 1.4;
}
@media (max-width: 1000px) {
  .narrated {
    display: none;
  }
}
</style>
