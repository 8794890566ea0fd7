<script setup lang="ts">
import { anatomy, families, type Family } from '@dialytica/core/machine'
import type { RecordMachine } from '@dialytica/core/record'
import { limits } from '@dialytica/core/schema'
import type { Model } from '@dialytica/core/wire'
import { NInput, NRadioButton, NRadioGroup } from 'naive-ui'
import { computed } from 'vue'
import Choice from '../Choice.vue'

/** Of which machine something is that has no plate of its own: a model that the shop has, or another; its serial, where it is known. */
const props = defineProps<{ models: readonly Model[]; machine: RecordMachine }>()
const emit = defineEmits<{ tell: [machine: RecordMachine] }>()
const other = 'another model'
const chosen = computed(
  () => props.models.find(m => m.code === props.machine.code && m.maker === (props.machine.maker ?? ''))?.id ?? other,
)
const options = computed(() => [
  ...props.models.map(m => ({ value: m.id, label: `${m.maker} ${m.code}`.trim() })),
  { value: other, label: other },
])
function choose(id: string): void {
  const model = props.models.find(m => m.id === id)
  const { serial } = props.machine
  const plate = model ? { maker: model.maker, code: model.code, family: model.family } : { ...props.machine, code: '' }
  emit('tell', { ...plate, ...(serial && { serial }) })
}
const tell = (more: Partial<RecordMachine>) => emit('tell', { ...props.machine, ...more })
</script>

<template>
  <div class="machine">
    <Choice label="Model" :value="chosen" :options="options" @choose="choose" />
    <template v-if="chosen === other">
      <NInput
        :value="machine.maker ?? ''"
        placeholder="maker"
        :maxlength="limits.plate"
        :input-props="{ 'aria-label': 'Maker' }"
        @update:value="tell({ maker: $event })"
      />
      <NInput
        :value="machine.code"
        placeholder="code on the plate"
        :maxlength="limits.plate"
        :input-props="{ 'aria-label': 'Code on the plate' }"
        @update:value="tell({ code: $event })"
      />
      <NRadioGroup :value="machine.family" name="family" @update:value="tell({ family: $event as Family })">
        <NRadioButton v-for="f in families" :key="f" :value="f">{{ anatomy[f].name }}</NRadioButton>
      </NRadioGroup>
    </template>
    <NInput
      :value="machine.serial ?? ''"
      placeholder="serial, where known"
      :maxlength="limits.plate"
      :input-props="{ 'aria-label': 'Serial' }"
      @update:value="tell({ serial: $event || undefined })"
    />
  </div>
</template>

<style scoped>
.machine {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.machine .n-input {
  width: 190px;
}
</style>
