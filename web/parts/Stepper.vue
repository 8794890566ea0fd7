<script setup lang="ts">
import { Minus, Plus } from '@lucide/vue'
import { NButton } from 'naive-ui'

/** A whole number between two large buttons: a glove hits them, and nothing is typed. */
defineProps<{ value: number; least: number; most?: number; less: string; more: string }>()
const emit = defineEmits<{ tell: [value: number] }>()
</script>

<template>
  <NButton :aria-label="less" :disabled="value <= least" @click="emit('tell', value - 1)"><Minus /></NButton>
  <output class="mono count"><slot />{{ value }}</output>
  <NButton :aria-label="more" :disabled="most !== undefined && value >= most" @click="emit('tell', value + 1)"
    ><Plus
  /></NButton>
</template>

<style scoped>
.count {
  font-size: 24px;
  min-width: 56px;
  text-align: center;
}
</style>
