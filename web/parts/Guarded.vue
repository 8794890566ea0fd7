<script setup lang="ts">
import { NButton } from 'naive-ui'
import { onErrorCaptured, ref, watch } from 'vue'
import Problem from './Problem.vue'

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
  <Problem v-if="wrong">
    <p>
      <b>{{ what }} cannot be shown.</b> Everything recorded is kept.
    </p>
    <p class="soft small">{{ wrong }}</p>
    <NButton @click="wrong = ''">Try again</NButton>
  </Problem>
  <slot v-else />
</template>
