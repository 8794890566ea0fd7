<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { onBeforeUnmount, onMounted, ref } from 'vue'
import type { PhotoFolder } from '../../devices/photo-folder.ts'
import Problem from '../Problem.vue'

/** The newest pictures of a folder that a camera writes into; one touch takes one. */
const props = defineProps<{ folder: PhotoFolder }>()
const emit = defineEmits<{ take: [file: File] }>()
interface Shown {
  file: File
  key: string
  src: string
}
const shown = ref<Shown[]>([])
const problem = ref('')

async function look(): Promise<void> {
  const files = await props.folder.pictures().catch(() => null)
  problem.value = files ? '' : 'The folder cannot be read any more: choose it again.'
  const before = new Map(shown.value.map(s => [s.key, s]))
  const next = (files ?? []).map(file => {
    const key = `${file.name} ${file.lastModified} ${file.size}`
    const known = before.get(key)
    before.delete(key)
    return known ?? { file, key, src: URL.createObjectURL(file) }
  })
  for (const { src } of before.values()) URL.revokeObjectURL(src)
  shown.value = next
}
onMounted(look)
useIntervalFn(() => void look(), 2000)
onBeforeUnmount(() => shown.value.forEach(s => URL.revokeObjectURL(s.src)))
</script>

<template>
  <div class="shelf" role="group" :aria-label="`Pictures in ${folder.name}, the newest first`">
    <Problem v-if="problem" :says="problem" />
    <p v-else-if="!shown.length">No picture lies in {{ folder.name }} yet. What the camera writes there shows here.</p>
    <button
      v-for="s in shown"
      :key="s.key"
      type="button"
      class="picture"
      :aria-label="`Take ${s.file.name}`"
      @click="emit('take', s.file)"
    >
      <img :src="s.src" alt="" />
      <span class="mono">{{ s.file.name }}</span>
    </button>
  </div>
</template>

<style scoped>
.shelf {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 10px;
  align-content: start;
  padding: 12px;
  overflow: auto;
}
.picture {
  display: grid;
  grid-template-rows: 120px auto;
  padding: 0;
  border: 2px solid #ece5d6;
  border-radius: 3px;
  background: #15191a;
  color: #ece5d6;
  cursor: pointer;
}
.picture span {
  padding: 4px 8px;
  overflow: hidden;
  text-overflow: ellipsis;
}
img {
  width: 100%;
  height: 100%;
  object-fit: cover;
}
</style>
