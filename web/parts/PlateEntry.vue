<script setup lang="ts">
import { findPlates, readsAs } from '@dialytica/core/intake'
import { anatomy } from '@dialytica/core/machine'
import type { Model, Unit } from '@dialytica/core/wire'
import { NButton, NInput } from 'naive-ui'
import { computed } from 'vue'

/** The rating plate as it is typed: models and units found while it is, worn letters read as figures. */
const plate = defineModel<string>({ required: true })
const props = defineProps<{ models: readonly Model[]; units: readonly Unit[] }>()
const emit = defineEmits<{ scan: [] }>()

const found = computed(() => findPlates(plate.value, props.models).slice(0, 3))
const sure = computed(() => (found.value[0]?.how === 'same' ? found.value[0] : undefined))
/** Units that the serial can mean, when it is not written just so. */
const units = computed(() => {
  const [best] = found.value
  if (!best) return []
  const own = props.units.filter(u => u.modelId === best.of.id)
  const rest = best.rest.trim()
  return own
    .filter(u => rest && u.serial.toUpperCase() !== rest.toUpperCase())
    .filter(u => readsAs(u.serial, rest) || readsAs(u.serial.slice(0, rest.length), rest))
    .slice(0, 3)
})
const words = { same: '', misread: 'read so?', begun: '', near: 'near' } as const
const put = (code: string, serial: string) => (plate.value = `${code} ${serial}`)
</script>

<template>
  <div class="entry">
    <label for="plate">Rating plate: model code, serial number</label>
    <div class="row">
      <NInput
        v-model:value="plate"
        size="large"
        class="mono field"
        placeholder="FL-84 2231-0417"
        :input-props="{
          id: 'plate',
          autocomplete: 'off',
          autocapitalize: 'characters',
          autofocus: true,
          maxlength: 200,
        }"
      />
      <NButton @click="emit('scan')">Scan</NButton>
    </div>
    <div v-if="(found.length && !sure) || units.length" class="row wrap" role="group" aria-label="It can be">
      <template v-if="!sure">
        <NButton v-for="m in found" :key="m.of.id" @click="put(m.of.code, m.rest)">
          <b class="mono">{{ m.of.code }}</b> {{ m.of.maker }}, {{ anatomy[m.of.family].name }}
          <span v-if="words[m.how]" class="soft">{{ words[m.how] }}</span>
        </NButton>
      </template>
      <NButton v-for="u in units" :key="u.id" @click="put(found[0]!.of.code, u.serial)">
        <b class="mono">{{ u.serial }}</b> known here<span v-if="u.stands" class="soft">{{ u.stands }}</span>
      </NButton>
    </div>
  </div>
</template>

<style scoped>
.entry {
  display: grid;
  gap: 8px;
}
.row {
  display: flex;
  gap: 8px;
}
.wrap {
  flex-wrap: wrap;
}
.field {
  font-size: 22px;
}
.soft {
  font-size: 16px;
}
</style>
