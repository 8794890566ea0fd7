<script setup lang="ts">
import { Hourglass } from '@lucide/vue'
import { usePhotoUrl } from '../data/photo-url.ts'
import { usePhotoAgain } from './stage/photo-again.ts'

/** A small picture of a photo; an hourglass while it is on its way from another device. */
const props = defineProps<{ hash: string; alt?: string }>()
const src = usePhotoUrl(() => props.hash, 'thumb')
const { address, isAway, says, onMissing, onThere } = usePhotoAgain(src)
</script>

<template>
  <span v-if="address" class="thumb" :title="says || undefined">
    <Hourglass v-if="isAway" role="img" aria-label="on its way" />
    <img v-show="!isAway" :src="address" :alt="alt ?? ''" @error="onMissing" @load="onThere" />
  </span>
</template>

<style scoped>
.thumb {
  display: grid;
  place-items: center;
  flex: none;
  width: 77px;
  height: 48px;
  color: #ece5d6;
  overflow: hidden;
  border: 2px solid var(--hair);
  border-radius: 3px;
  background: #15191a;
}
img {
  display: block;
  width: 100%;
  height: 100%;
  object-fit: cover;
}
</style>
