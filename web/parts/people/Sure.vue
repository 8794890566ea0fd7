<script setup lang="ts">
import { NButton } from 'naive-ui'
import { nextTick, ref, useTemplateRef } from 'vue'

/** An act that somebody else feels at once: it says what it does, and is done by a second press. */
defineProps<{ act: string; does: string; disabled?: boolean }>()
const emit = defineEmits<{ done: [] }>()
const asking = ref(false)
const yes = useTemplateRef<InstanceType<typeof NButton>>('yes')
async function asks(): Promise<void> {
  asking.value = true
  await nextTick()
  ;(yes.value?.$el as HTMLElement | undefined)?.focus()
}
function done(): void {
  asking.value = false
  emit('done')
}
</script>

<template>
  <span v-if="asking" class="sure" @keydown.escape.stop="asking = false">
    <small>{{ does }}</small>
    <NButton ref="yes" type="error" @click="done">{{ act }}, yes</NButton>
    <NButton @click="asking = false">Leave it</NButton>
  </span>
  <NButton v-else :disabled="disabled" @click="asks"><slot />{{ act }}</NButton>
</template>

<style scoped>
.sure {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
}
small {
  font-size: 16px;
  flex-basis: 100%;
}
</style>
