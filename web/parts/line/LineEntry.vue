<script setup lang="ts">
import type { Token } from '@dialytica/core/grammar'
import {
  corrections,
  type Completion,
  type Correction,
  type Parsed,
  type ParsedClause,
} from '@dialytica/core/quick-line'
import { ChevronLeft } from '@lucide/vue'
import { NButton } from 'naive-ui'
import { computed, nextTick, ref } from 'vue'
import LineToken from './LineToken.vue'

/** A line of text and what it was understood as: each piece shows its role, and one tap on it offers its other readings. */
const props = defineProps<{
  line: string
  parsed: Parsed
  label: string
  placeholder: string
  /** How much can be typed. */
  most: number
  /** What can go on at the cursor. */
  complete?: (line: string, caret: number) => Completion[]
}>()
const emit = defineEmits<{
  write: [line: string]
  enter: []
  /** A piece was corrected. */
  corrected: [correction: Correction]
}>()

const box = ref<HTMLInputElement | null>(null)
const caret = ref(0)
const open = ref<{ clause: ParsedClause; token: Token } | null>(null)
const shown = computed(() =>
  props.parsed.clauses.flatMap(clause =>
    clause.tokens.filter(t => t.role !== 'sign' && t.role !== 'lead').map(token => ({ clause, token })),
  ),
)
const others = computed<Correction[]>(() =>
  open.value ? corrections(props.line, open.value.clause, open.value.token).slice(0, 9) : [],
)
const proposed = computed<Completion[]>(() => props.complete?.(props.line, caret.value) ?? [])

const look = () => (caret.value = box.value?.selectionStart ?? props.line.length)
function type(event: Event): void {
  open.value = null
  emit('write', (event.target as HTMLInputElement).value)
  look()
}
async function put(line: string, at = line.length): Promise<void> {
  open.value = null
  emit('write', line.slice(0, props.most))
  await nextTick()
  box.value?.focus()
  box.value?.setSelectionRange(at, at)
  look()
}
function correct(correction: Correction): void {
  void put(correction.line)
  emit('corrected', correction)
}
/** The second reading of a token takes its place. */
const instead = ({ start, end }: Token, text: string) =>
  put(`${props.line.slice(0, start)}${text}${props.line.slice(end)}`)
function go({ text, from }: Completion): void {
  const after = props.line.slice(caret.value)
  void put(`${props.line.slice(0, from)}${text} ${after.trimStart()}`, from + text.length + 1)
}
function enter(): void {
  open.value = null
  emit('enter')
}
function tab(event: KeyboardEvent): void {
  const [first] = proposed.value
  if (!first || event.shiftKey) return
  event.preventDefault()
  go(first)
}
function leave(): void {
  if (open.value) open.value = null
  else box.value?.blur()
}
defineExpose({ focus: () => box.value?.focus(), blur: () => box.value?.blur() })
</script>

<template>
  <div v-if="open" class="row" role="group" :aria-label="`Other readings of ${open.token.text}`">
    <NButton @click="open = null"><ChevronLeft />{{ open.token.text }}</NButton>
    <NButton v-for="c in others" :key="c.label" @click="correct(c)">{{ c.label }}</NButton>
  </div>
  <div v-else-if="shown.length || proposed.length" class="row" role="group" aria-label="What the line says">
    <NButton v-for="p in proposed" :key="p.text" class="propose" @click="go(p)"> {{ p.text }} … </NButton>
    <LineToken
      v-for="{ clause, token } in shown"
      :key="token.start"
      :token="token"
      :kind="clause.kind"
      @open="open = { clause, token }"
      @instead="instead(token, $event)"
    />
    <slot name="meant" />
  </div>
  <slot />
  <label class="line">
    <span class="sr">{{ label }}</span>
    <input
      ref="box"
      class="mono"
      :value="line"
      :maxlength="most"
      :placeholder="placeholder"
      autocomplete="off"
      autocapitalize="off"
      autocorrect="off"
      spellcheck="false"
      enterkeyhint="done"
      @input="type"
      @click="look"
      @keyup="look"
      @keydown.enter.prevent="enter"
      @keydown.tab="tab"
      @keydown.esc.stop="leave"
    />
    <kbd>/</kbd>
  </label>
</template>

<style scoped>
.row {
  display: flex;
  gap: 6px;
  overflow-x: auto;
  padding: 3px;
}
.row > * {
  flex: none;
}
.propose {
  border-style: dashed;
}
.line {
  display: flex;
  align-items: center;
  gap: 10px;
  border-bottom: 2px solid var(--rule);
}
input {
  flex: 1;
  min-width: 0;
  min-height: 48px;
  padding: 0 4px;
  border: 0;
  background: none;
  color: var(--ink);
  font-size: 19px;
}
input::placeholder {
  color: var(--soft);
  opacity: 1;
}
.line:focus-within {
  border-color: var(--work);
}
input:focus-visible {
  outline: 3px solid var(--work);
  outline-offset: 1px;
}
</style>
