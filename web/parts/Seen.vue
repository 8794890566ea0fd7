<script setup lang="ts">
import { useIntersectionObserver } from '@vueuse/core'
import { computed, ref } from 'vue'

/** Draws what is in it while it is seen, or nearly so; otherwise it keeps its place and its name, so that a long list stays light and can be looked through. */
const props = defineProps<{ height: number; what: string }>()
const place = ref<HTMLElement | null>(null)
const isSeen = ref(false)
const kept = ref(0)
useIntersectionObserver(
  place,
  ([entry]) => {
    if (!entry) return
    // What has the hand on it stays.
    if (!entry.isIntersecting && place.value?.contains(document.activeElement)) return
    if (isSeen.value && !entry.isIntersecting) kept.value = place.value!.offsetHeight
    isSeen.value = entry.isIntersecting
  },
  { rootMargin: '300px' },
)
const style = computed(() => (isSeen.value ? undefined : { minHeight: `${kept.value || props.height}px` }))
</script>

<template>
  <div ref="place" class="seen" :style="style">
    <slot v-if="isSeen" /><span v-else>{{ what }}</span>
  </div>
</template>

<style scoped>
.seen {
  flex: 1;
  display: flex;
  flex-direction: column;
}
</style>
