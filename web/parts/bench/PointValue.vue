<script setup lang="ts">
import type { Form } from '@dialytica/core/fit'
import { NInput } from 'naive-ui'
import { computed } from 'vue'
import Choice from '../Choice.vue'

/** What one of the two parts has at a point: typed as it is read, or one of a few words. */
const props = defineProps<{ form: Form; value: string; label: string; fixed: boolean }>()
const emit = defineEmits<{ tell: [value: string] }>()
const options = computed(() => {
  const of = props.form.as === 'choice' ? props.form.of : props.form.as === 'yes' ? ['yes', 'no'] : null
  return of?.map(o => ({ value: o, label: o }))
})
const hint = computed(() => {
  const { form } = props
  return form.as === 'figure' ? form.unit : form.as === 'length' ? 'mm' : form.as === 'count' ? 'how many' : ''
})
</script>

<template>
  <Choice
    v-if="options && !fixed"
    class="value"
    :value="value"
    :label="label"
    :options="options"
    placeholder=""
    @choose="emit('tell', $event)"
  />
  <NInput
    v-else
    :key="value"
    class="value"
    :default-value="value"
    :placeholder="hint"
    :disabled="fixed"
    :input-props="{
      'aria-label': label,
      autocomplete: 'off',
      inputmode: form.as === 'count' ? 'numeric' : 'text',
    }"
    @change="emit('tell', $event)"
  />
</template>

<style scoped>
.value {
  width: 100%;
}
</style>
