<script setup lang="ts">
import { NButton, NSwitch } from 'naive-ui'
import { ref } from 'vue'
import { keyHelp, useCommands } from '../commands.ts'
import { signals } from '../devices/signals.ts'

/** All keys and pedals, by the key ?; sounds can be turned off here. */
const open = ref(false)
useCommands({ help: () => (open.value = !open.value) })
</script>

<template>
  <aside class="help" :class="{ open }" aria-label="Keys and pedals">
    <NButton :aria-expanded="open" @click="open = !open"> ? <span class="sr">Keys and pedals</span> </NButton>
    <dl v-if="open">
      <div v-for="[key, what] in keyHelp" :key="key">
        <dt class="mono">{{ key }}</dt>
        <dd>{{ what }}</dd>
      </div>
      <div class="sound">
        <NSwitch v-model:value="signals" aria-label="Sound and vibration" />
        <span aria-hidden="true">Sound and vibration</span>
      </div>
    </dl>
  </aside>
</template>

<style scoped>
.help {
  position: fixed;
  left: 8px;
  bottom: 8px;
  z-index: 5;
  display: none;
}
@media (min-width: 1001px) {
  .help.open {
    display: block;
  }
}
.open {
  background: var(--sheet);
  border: 2px solid var(--rule);
  padding: 10px;
}
dl {
  columns: 2;
  column-gap: 28px;
  margin-top: 8px;
}
dl div {
  display: grid;
  grid-template-columns: 150px 190px;
  gap: 8px;
  padding: 3px 0;
  break-inside: avoid;
}
.sound {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 48px;
}
</style>
