<script setup lang="ts" generic="T extends string">
import { NSelect } from 'naive-ui'
import { ref, useId } from 'vue'

/** One of a few words, or none of them yet, on a list that opens; typed letters narrow it, a finger brings up no keyboard. */
defineProps<{ value: T | ''; label: string; options: readonly { value: T; label: string }[]; placeholder?: string }>()
const emit = defineEmits<{ choose: [value: T] }>()
const open = ref(false)
const list = useId()
</script>

<template>
  <NSelect
    class="choice"
    :value="value || null"
    :placeholder="placeholder"
    :options="[...options]"
    :consistent-menu-width="false"
    filterable
    :virtual-scroll="false"
    :input-props="{
      'aria-label': label,
      role: 'combobox',
      'aria-haspopup': 'listbox',
      'aria-expanded': open,
      'aria-controls': list,
      inputmode: 'none',
    }"
    :menu-props="{ id: list, role: 'listbox', 'aria-label': label }"
    :node-props="o => ({ role: 'option', 'aria-selected': o.value === value })"
    @update:show="open = $event"
    @update:value="emit('choose', $event as T)"
  />
</template>

<style scoped>
.choice {
  width: 150px;
  font-weight: 650;
}
</style>
