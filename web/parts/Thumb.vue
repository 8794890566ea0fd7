<script setup lang="ts">
import { usePhotoUrl } from '../data/photo-url.ts'

/** A small picture of a photo. */
const props = defineProps<{ hash: string; alt?: string }>()
const src = usePhotoUrl(() => props.hash, 'thumb')
</script>

<template>
  <img v-if="src" :src="src" :alt="alt ?? ''" class="thumb" />
</template>

<style scoped>
.thumb {
  flex: none;
  width: 77px;
  height: 48px;
  object-fit: cover;
  border: 2px solid var(--hair);
  border-radius: 3px;
  background: #15191a;
}
</style>
