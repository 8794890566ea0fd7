<script setup lang="ts">
import { NButton, NInput } from 'naive-ui'
import { ref } from 'vue'
import { useNarration } from '../../stores/narration.ts'
import FilePick from '../FilePick.vue'
import Problem from '../Problem.vue'

/** Where a narration comes from: a file with times, or text that is pasted. */
const narration = useNarration()
const pasted = ref('')
async function file([one]: readonly File[]): Promise<void> {
  if (one) await narration.takeIn(await one.text(), one.name, new Date(one.lastModified))
}
async function paste(): Promise<void> {
  if (await narration.takeIn(pasted.value, 'pasted text')) pasted.value = ''
}
</script>

<template>
  <section class="take">
    <h1>A narration</h1>
    <p>
      Talk while you take it apart, and record that. The text of it becomes drafts of steps; you look at each one before
      it is recorded.
    </p>
    <FilePick accept=".vtt,.srt,.txt,text/vtt,text/plain" :disabled="narration.busy" @pick="file"
      >Take a file: WebVTT, SubRip, or lines with times</FilePick
    >
    <label for="pasted">Or paste its text</label>
    <NInput
      v-model:value="pasted"
      type="textarea"
      :rows="9"
      :input-props="{ id: 'pasted' }"
      placeholder="0:05 worktop, two T20 at the back, slid back and off&#10;0:31 drawer out, two more behind it"
    />
    <NButton type="primary" size="large" :disabled="!pasted.trim() || narration.busy" @click="paste">
      {{ narration.busy ? 'It is being heard …' : 'Hear it' }}
    </NButton>
    <Problem :says="narration.problem" />
    <p class="soft small">Up to two hours. The text stays on this device; only the steps that you keep are recorded.</p>
  </section>
</template>

<style scoped>
.take {
  display: grid;
  gap: 12px;
  align-content: start;
  width: min(760px, 100%);
  margin: 0 auto;
  padding: 26px 20px;
  overflow: auto;
}
</style>
