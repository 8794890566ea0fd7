<script setup lang="ts">
import type { Field } from '@dialytica/core/moves'
import { NButton, NInput } from 'naive-ui'
import { ref } from 'vue'
import Stepper from '../Stepper.vue'

/** One field, told by taps; words and numbers can also be typed. */
const props = defineProps<{ field: Field; value: unknown }>()
const emit = defineEmits<{ tell: [value: unknown]; done: [] }>()

const typed = ref(Array.isArray(props.value) ? '' : String((props.value as string | number | undefined) ?? ''))
const listed = () => (Array.isArray(props.value) ? (props.value as string[]) : [])
const isOn = (option: string) => (props.field.how === 'list' ? listed().includes(option) : props.value === option)

function pick(option: string): void {
  if (props.field.how !== 'list') {
    emit('tell', isOn(option) ? undefined : option)
    emit('done')
  } else if (isOn(option) && props.field.path !== 'connector.wires')
    emit(
      'tell',
      listed().filter(o => o !== option),
    )
  else emit('tell', [...listed(), option])
}
function type(): void {
  const text = typed.value.trim()
  if (props.field.how === 'list') {
    if (text) emit('tell', [...listed(), text])
    typed.value = ''
    return
  }
  if (props.field.how === 'number') emit('tell', text === '' ? undefined : Number(text.replace(',', '.')))
  else emit('tell', text || undefined)
  emit('done')
}
</script>

<template>
  <template v-if="field.how === 'count'">
    <Stepper :value="Number(value)" :least="1" less="One less" more="One more" @tell="emit('tell', $event)">×</Stepper>
  </template>
  <template v-else-if="field.how === 'yes'">
    <NButton :aria-pressed="value === true" @click="(emit('tell', true), emit('done'))"> yes </NButton>
    <NButton :aria-pressed="value === false" @click="(emit('tell', false), emit('done'))"> no </NButton>
  </template>
  <template v-else>
    <NButton
      v-for="(option, i) in field.options"
      :key="option + i"
      class="option"
      :aria-pressed="isOn(option)"
      @click="pick(option)"
    >
      {{ option }}
    </NButton>
    <NButton v-if="field.how === 'list' && listed().length" @click="emit('tell', listed().slice(0, -1))">
      undo {{ listed().at(-1) }}
    </NButton>
    <NInput
      v-if="field.how !== 'choice'"
      v-model:value="typed"
      class="words"
      :placeholder="field.unit ?? 'type'"
      :input-props="{ 'aria-label': field.label, inputmode: field.how === 'number' ? 'decimal' : 'text' }"
      @keydown.enter.prevent="type"
      @blur="field.how !== 'list' && typed !== String(value ?? '') && type()"
    />
  </template>
</template>

<style scoped>
.words {
  width: 170px;
}
</style>
