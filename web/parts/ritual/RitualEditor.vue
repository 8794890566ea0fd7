<script setup lang="ts">
import { beatsOf, purposes, readRitual, spoken, type Purpose } from '@dialytica/core/ritual'
import { text } from '@dialytica/core/words'
import { NButton, NInput } from 'naive-ui'
import { computed, ref } from 'vue'
import Choice from '../Choice.vue'

/** A ritual written as text, with what it says beat by beat beside it; what is not understood is shown at its place. */
const props = defineProps<{ name: string; purpose: Purpose; notation: string; isNew: boolean }>()
const emit = defineEmits<{ keep: [name: string, purpose: Purpose, text: string]; leave: []; give: [] }>()
const name = ref(props.name)
const purpose = ref<Purpose>(props.purpose)
const written = ref(props.notation)
const read = computed(() => readRitual(written.value))
const lines = computed(() => (read.value.ok ? spoken(beatsOf(read.value.ritual)).map(l => text(l)) : []))
const options = purposes.map(value => ({ value, label: value }))
function keep(): void {
  if (read.value.ok && name.value.trim()) emit('keep', name.value.trim(), purpose.value, written.value.trim())
}
</script>

<template>
  <form class="editor" @submit.prevent="keep">
    <div class="write">
      <label for="ritual-name">What it is called</label>
      <NInput
        v-model:value="name"
        placeholder="as you say it in the shop"
        :disabled="!isNew"
        :input-props="{ id: 'ritual-name', autocomplete: 'off' }"
      />
      <Choice :value="purpose" label="What it is for" :options="options" @choose="purpose = $event" />
      <label for="ritual-text">What is done, in its order</label>
      <NInput
        v-model:value="written"
        type="textarea"
        :rows="5"
        :maxlength="500"
        placeholder="hold START 6 s; (selector left, right) x3 in 20 s"
        :input-props="{ id: 'ritual-text', spellcheck: false }"
      />
      <p class="soft small">
        <span class="mono">;</span> ends a step · <span class="mono">(a, b) x3</span> one after the other, three times ·
        <span class="mono">in 20 s</span> all of it · <span class="mono">every 2 s</span> no nearer ·
        <span class="mono">wait 2 min</span> · <span class="mono">see "all lamps off"</span>
      </p>
      <p v-if="!read.ok && written" class="wrong mono" role="alert">
        {{ written.slice(0, read.at) }}<mark>{{ written.slice(read.at, read.at + 12) || ' ' }}</mark
        ><br />
        {{ read.reason }}
      </p>
      <div class="row">
        <NButton type="primary" attr-type="submit" :disabled="!read.ok || !name.trim()">Keep it</NButton>
        <NButton @click="emit('leave')">Leave it as it was</NButton>
        <NButton v-if="!isNew" @click="emit('give')">Give it up</NButton>
      </div>
    </div>
    <ol class="preview" aria-label="Beat by beat">
      <li v-for="(line, i) in lines" :key="i">
        <span class="mono">{{ i + 1 }}</span> {{ line }}
      </li>
    </ol>
  </form>
</template>

<style scoped>
.editor {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 24px;
  padding: 16px 24px;
  overflow: auto;
  min-height: 0;
}
.write {
  display: grid;
  gap: 8px;
  align-content: start;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.wrong {
  color: var(--danger);
  white-space: pre-wrap;
}
mark {
  background: var(--danger-wash);
  color: inherit;
  text-decoration: underline wavy;
}
.preview {
  border-left: 2px solid var(--rule);
  padding-left: 20px;
  overflow: auto;
}
.preview li {
  padding: 5px 0;
  border-bottom: 1px solid var(--hair);
}
@media (max-width: 700px) {
  .editor {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
