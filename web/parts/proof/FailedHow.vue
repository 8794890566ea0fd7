<script setup lang="ts">
import type { Photo } from '@dialytica/core/log'
import type { Trial } from '@dialytica/core/proof'
import { text } from '@dialytica/core/words'
import { NButton, NInput } from 'naive-ui'
import { ref } from 'vue'
import Thumb from '../Thumb.vue'

/** What was seen when something failed, and where; with a photo of it. */
const props = defineProps<{ trial: Trial; photos: readonly Photo[]; busy: boolean }>()
const emit = defineEmits<{ record: [seen: string, at: string | undefined]; shoot: []; leave: [] }>()
const at = ref<string | undefined>(props.trial.because.length === 1 ? props.trial.because[0]!.move.id : undefined)
const seen = ref(text(props.trial.fails))
function record(): void {
  const words = seen.value.trim()
  if (words) emit('record', words, at.value)
}
</script>

<template>
  <form class="how" @submit.prevent="record">
    <div v-if="trial.because.length > 1" class="where" role="group" aria-label="Where">
      <NButton
        v-for="o in trial.because"
        :key="o.move.id"
        :aria-pressed="at === o.move.id"
        @click="at = at === o.move.id ? undefined : o.move.id"
        >{{ text(o.name) }}</NButton
      >
    </div>
    <label for="seen">What was seen</label>
    <NInput v-model:value="seen" :input-props="{ id: 'seen', autocomplete: 'off' }" />
    <div class="row">
      <NButton :disabled="busy" @click="emit('shoot')">Photo of it <kbd>P</kbd></NButton>
      <Thumb v-for="p in photos" :key="p.hash" :hash="p.hash" alt="Photo of what was seen" />
    </div>
    <div class="row">
      <NButton type="error" size="large" attr-type="submit">It failed</NButton>
      <NButton size="large" @click="emit('leave')">Do not</NButton>
    </div>
  </form>
</template>

<style scoped>
.how {
  display: grid;
  gap: 8px;
}
.row,
.where {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.where [aria-pressed='true'] {
  outline: 3px solid var(--danger);
}
</style>
