<script setup lang="ts">
import type { Token } from '@dialytica/core/grammar'
import { glyphFor, type MoveKindName } from '@dialytica/core/moves'
import Glyph from '../Glyph.vue'
import { roleName } from './line-roles.ts'

/** One token of the quick line and what it was read as; what is not sure says so, with its second reading one tap away. */
defineProps<{ token: Token; kind: MoveKindName | null }>()
const emit = defineEmits<{ open: []; instead: [text: string] }>()
const sure = { sure: '', likely: '', guess: '?', text: 'as text' } as const
const aloud = { sure: '', likely: '', guess: ', not sure', text: ', kept as text' } as const
</script>

<template>
  <span class="both">
    <button
      type="button"
      class="token"
      :class="token.certainty"
      :aria-label="`${token.text}: ${roleName(token.role)}${aloud[token.certainty]}. Correct it`"
      @click="emit('open')"
    >
      <Glyph v-if="kind && token.role === 'act'" :kind="glyphFor(kind)" :size="18" />
      <b class="mono">{{ token.text }}</b>
      <span>{{ roleName(token.role) }} {{ sure[token.certainty] }}</span>
    </button>
    <button
      v-if="token.or"
      type="button"
      class="token or"
      :aria-label="`${token.text}: or ${token.or.label}`"
      @click="emit('instead', token.or.text)"
    >
      <b>{{ token.or.label }}?</b>
      <span>or else</span>
    </button>
  </span>
</template>

<style scoped>
.token {
  display: inline-grid;
  grid-template-columns: auto auto;
  justify-content: start;
  align-content: center;
  align-items: center;
  column-gap: 6px;
  min-height: 48px;
  padding: 2px 10px;
  border: 2px solid var(--rule);
  border-radius: 3px;
  background: var(--off-wash);
  color: var(--ink);
  font-family: Archivo;
  font-size: 15px;
  line-height: 1.1;
  cursor: pointer;
}
.both {
  display: inline-flex;
}
.or {
  border-left: 0;
  border-style: dashed;
  background: var(--sheet);
}
.token b {
  font-size: 17px;
  white-space: pre;
}
.token b:first-child {
  grid-column: span 2;
}
.token span {
  grid-column: span 2;
  justify-self: start;
  color: var(--ink);
}
/* What is likely is drawn with a broken line, a guess on blank paper and with its question mark. */
.likely {
  border-style: dashed;
}
.guess {
  border-style: dashed;
  background: var(--sheet);
}
.text {
  border-style: dashed;
  border-color: var(--caution);
  background: var(--caution-wash);
}
</style>
