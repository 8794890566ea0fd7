<script setup lang="ts">
import { NInput } from 'naive-ui'
import { useId } from 'vue'

/** One field of a form about a person, its label above it and what is wrong with it below. */
defineProps<{ label: string; secret?: 'new' | 'current'; hint?: string; wrong?: string; complete?: string }>()
const value = defineModel<string>({ required: true })
const id = useId()
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <NInput
      v-model:value="value"
      size="large"
      :type="secret ? 'password' : 'text'"
      :show-password-on="secret ? 'click' : undefined"
      :placeholder="hint ?? ''"
      :status="wrong ? 'error' : undefined"
      :input-props="{
        id,
        autocomplete: secret ? `${secret}-password` : (complete ?? 'off'),
        autocapitalize: 'none',
        'aria-invalid': Boolean(wrong),
        'aria-describedby': wrong ? `${id}-wrong` : undefined,
      }"
    />
    <p v-if="wrong" :id="`${id}-wrong`" class="wrong" role="alert">{{ wrong }}</p>
  </div>
</template>

<style scoped>
.field {
  display: grid;
  gap: 4px;
}
.wrong {
  color: var(--danger);
  font-weight: 650;
}
</style>
