<script setup lang="ts">
import { NButton, NInput } from 'naive-ui'
import { ref } from 'vue'

/** Why something is not proved: it stays in the record. */
const emit = defineEmits<{ record: [why: string]; leave: [] }>()
const usual = ['this machine has none', 'not possible here', 'left to who may measure it', 'the customer sees to it']
const why = ref('')
function record(words = why.value): void {
  if (words.trim()) emit('record', words.trim())
}
</script>

<template>
  <form class="why" @submit.prevent="record()">
    <div class="row" role="group" aria-label="Why it is not done">
      <NButton v-for="u in usual" :key="u" @click="record(u)">{{ u }}</NButton>
    </div>
    <div class="row">
      <NInput
        v-model:value="why"
        placeholder="or in your words"
        :input-props="{ 'aria-label': 'Why it is not done, in your words', autocomplete: 'off' }"
      />
      <NButton attr-type="submit" :disabled="!why.trim()">Not done</NButton>
      <NButton @click="emit('leave')">Go back</NButton>
    </div>
  </form>
</template>

<style scoped>
.why {
  display: grid;
  gap: 8px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.row .n-input {
  flex: 1 1 160px;
}
</style>
