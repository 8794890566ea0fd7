<script setup lang="ts">
import { NButton, NUpload, type UploadFileInfo } from 'naive-ui'

/** A button that asks this device for files; it hands on what was chosen and keeps nothing. */
defineProps<{ accept?: string; many?: boolean; folder?: boolean; disabled?: boolean }>()
const emit = defineEmits<{ pick: [files: File[]] }>()

let batch: File[] = []
/** The files of one choice come one by one, in one turn: they go on together. */
function collect({ file }: { file: UploadFileInfo }): boolean {
  if (!batch.length)
    queueMicrotask(() => {
      emit('pick', batch)
      batch = []
    })
  if (file.file) batch.push(file.file)
  return false
}
</script>

<template>
  <NUpload
    class="pick"
    :accept="accept"
    :multiple="many || folder"
    :directory="folder"
    :disabled="disabled"
    :show-file-list="false"
    :default-upload="false"
    @before-upload="collect"
  >
    <NButton :disabled="disabled"><slot /></NButton>
  </NUpload>
</template>

<style scoped>
.pick {
  width: auto;
}
</style>
