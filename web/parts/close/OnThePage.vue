<script setup lang="ts">
import { NButton, NInput } from 'naive-ui'
import { reactive, ref } from 'vue'
import { useSettings } from '../../stores/settings.ts'
import Problem from '../Problem.vue'

/** What stands on the customer's page of the shop itself, for all its jobs: address, phone, terms. */
const settings = useSettings()
void settings.load()
const open = ref(false)
const problem = ref('')
const lines = [
  { setting: 'address', label: 'Address of the shop' },
  { setting: 'phone', label: 'Phone' },
  { setting: 'terms', label: 'Terms, such as the warranty on this repair' },
] as const
const typed = reactive<Record<string, string>>({})
const keep = (setting: (typeof lines)[number]['setting']) => {
  const value = typed[setting]
  if (value !== undefined) problem.value = settings.set(setting, value.trim()) ?? ''
}
</script>

<template>
  <div class="lines">
    <NButton :aria-expanded="open" @click="open = !open">Shop lines on the page</NButton>
    <template v-if="open">
      <template v-for="{ setting, label } in lines" :key="setting">
        <label :for="`line-${setting}`">{{ label }}</label>
        <NInput
          :value="typed[setting] ?? settings.all[setting] ?? ''"
          placeholder=""
          :maxlength="500"
          :input-props="{ id: `line-${setting}`, autocomplete: 'off' }"
          @update:value="typed[setting] = $event"
          @blur="keep(setting)"
        />
      </template>
      <Problem :says="problem" />
    </template>
  </div>
</template>

<style scoped>
.lines {
  display: grid;
  gap: 6px;
}
</style>
