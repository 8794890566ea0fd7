<script setup lang="ts">
import { onErrorCaptured, ref, watch } from 'vue'

/** What cannot be shown says so in its place, and takes nothing else with it; it is tried again when `of` changes. */
const props = defineProps<{ what: string; of?: unknown }>()
const wrong = ref('')
onErrorCaptured(error => {
  wrong.value = error.message || String(error)
  console.error(error)
  return false
})
watch(
  () => props.of,
  () => (wrong.value = ''),
)
</script>

<template>
  <div v-if="wrong" class="note danger" role="alert">
    <p>
      <b>{{ what }} cannot be shown.</b> Everything recorded is kept.
    </p>
    <p class="soft small">{{ wrong }}</p>
    <button class="btn" type="button" @click="wrong = ''">Try again</button>
  </div>
  <slot v-else />
</template>
