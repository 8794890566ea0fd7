<script setup lang="ts">
import { stepsOfPhotos } from '@dialytica/core/exchange'
import type { Photo, Step } from '@dialytica/core/log'
import { NSlider } from 'naive-ui'
import { v4 } from 'uuid'
import { computed, ref, watch } from 'vue'
import { inShopTime } from '../../data/time.ts'
import Thumb from '../Thumb.vue'

/** Photos of a folder as steps in the order of their time; how near two must be to be one step is told by hand. */
const props = defineProps<{ photos: readonly Photo[] }>()
const emit = defineEmits<{ steps: [steps: Step[]] }>()
const seconds = ref(20)
const steps = computed(() => stepsOfPhotos(props.photos, seconds.value, v4))
watch(steps, now => emit('steps', now), { immediate: true })
</script>

<template>
  <section aria-label="Steps of the photos">
    <label class="near">
      <span
        >Taken within <b class="mono">{{ seconds }}</b> s: one step</span
      >
      <NSlider
        v-model:value="seconds"
        :min="0"
        :max="300"
        :step="5"
        :tooltip="false"
        aria-label="Seconds between photos of one step"
      />
    </label>
    <ol>
      <li v-for="s in steps" :key="s.photos[0]!.hash">
        <b>{{ s.title }}</b>
        <span class="soft">{{ inShopTime(s.photos[0]!.takenAt, 'minute') }}</span>
        <Thumb v-for="p in s.photos" :key="p.hash" :hash="p.hash" />
      </li>
    </ol>
  </section>
</template>

<style scoped>
.near {
  display: grid;
  grid-template-columns: 230px minmax(0, 300px);
  gap: 16px;
  align-items: center;
  min-height: 48px;
}
ol {
  list-style: none;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  padding: 8px 0;
  border-top: 1px solid var(--hair);
}
</style>
