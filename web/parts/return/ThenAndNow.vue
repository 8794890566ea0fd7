<script setup lang="ts">
import type { Photo, Point } from '@dialytica/core'
import { computed, ref, watch } from 'vue'
import { inShopTime } from '../../data/time.ts'
import PhotoStage from '../PhotoStage.vue'
import type { ShownMark } from '../stage/shown-mark.ts'

/** The photo as it was, with the marks of the step; beside it the photo of now, once one was taken. */
const props = defineProps<{
  then: Photo | undefined
  now: Photo | undefined
  marks: readonly ShownMark[]
  lines: readonly (readonly Point[])[]
  /** What the photo shows when it is not that of the step. */
  title?: string | undefined
}>()
const emit = defineEmits<{ mark: [id: string] }>()
const beside = ref(true)
watch(
  () => props.now?.hash,
  () => (beside.value = true),
)
const both = computed(() => Boolean(props.now) && beside.value)
</script>

<template>
  <div class="pair" :class="{ both }">
    <figure>
      <PhotoStage :photo="then" :marks="marks" :lines="lines" mark-as="Fit" @mark="emit('mark', $event)"
        ><p class="nothing">No photo was taken of this step. Go by the words.</p></PhotoStage
      >
      <figcaption v-if="now || title">
        {{ title ?? 'then' }}<template v-if="then">, {{ inShopTime(then.takenAt, 'minute') }}</template>
        <button v-if="now" class="btn" type="button" @click="beside = !beside">
          {{ beside ? 'Only then' : 'Beside now' }}
        </button>
      </figcaption>
    </figure>
    <figure v-if="both && now" aria-label="The photo of now">
      <PhotoStage :photo="now" :marks="[]" />
      <figcaption>now, {{ inShopTime(now.takenAt, 'minute') }}</figcaption>
    </figure>
  </div>
</template>

<style scoped>
.pair {
  display: grid;
  grid-auto-rows: minmax(0, 1fr);
  height: 100%;
  gap: 2px;
  background: #15191a;
}
.pair.both {
  grid-template-columns: 1fr 1fr;
}
figure {
  position: relative;
  min-height: 0;
  min-width: 0;
}
figcaption {
  position: absolute;
  left: 8px;
  bottom: 8px;
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 2px 4px 2px 10px;
  background: var(--plate);
  color: var(--on-plate);
  border-radius: 3px;
  min-height: 40px;
}
.nothing {
  padding: 24px;
  color: #ece5d6;
}
@media (max-width: 700px) {
  .pair.both {
    grid-template-columns: none;
    grid-template-rows: 1fr 1fr;
  }
}
</style>
