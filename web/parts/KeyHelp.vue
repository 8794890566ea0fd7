<script setup lang="ts">
import { ref } from 'vue'
import { useKeys } from '../devices/keys.ts'
import { signals } from '../devices/signals.ts'
import { glyphNames } from '@dialytica/core'
import { glyphKeys } from './moves/glyph-keys.ts'

/** All keys and pedals, by the key ?; sounds can be turned off here. */
const open = ref(false)
useKeys({ '?': () => (open.value = !open.value) })
const keys: readonly (readonly [string, string])[] = [
  ['Space, right pedal', 'done, or next'],
  ['left pedal', 'back'],
  ['Shift Space', 'all of it at once'],
  ['P', 'photo'],
  ['arrows, Enter', 'move the cross, mark'],
  ['+ −', 'count'],
  ['Z', 'zone'],
  ['J', 'a second device'],
  ['U', 'undo'],
  ['D', 'debts, close'],
  ['F', 'Finder'],
  ...glyphKeys.map(([key, kind]) => [key.toUpperCase(), `a tap marks: ${glyphNames[kind]}`] as const),
]
</script>

<template>
  <aside class="help" :class="{ open }" aria-label="Keys and pedals">
    <button class="btn" type="button" :aria-expanded="open" @click="open = !open">
      ? <span class="sr">Keys and pedals</span>
    </button>
    <dl v-if="open">
      <div v-for="[key, what] in keys" :key="key">
        <dt class="mono">{{ key }}</dt>
        <dd>{{ what }}</dd>
      </div>
      <label class="sound"><input v-model="signals" type="checkbox" /> Sound and vibration</label>
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
