<script setup lang="ts">
import type { Token } from '@dialytica/core/grammar'
import { labelAtEnd } from '@dialytica/core/labels'
import { corrections, type Completion, type Correction, type ParsedClause } from '@dialytica/core/quick-line'
import { limits } from '@dialytica/core/schema'
import { ChevronLeft } from '@lucide/vue'
import { NButton } from 'naive-ui'
import { computed, nextTick, ref } from 'vue'
import { useDraft } from '../stores/draft.ts'
import { usePhrases } from '../stores/phrases.ts'
import { useScan } from '../stores/scanned-label.ts'
import LineToken from './line/LineToken.vue'
import OwedByStep from './line/OwedByStep.vue'
import MeaningChip from './MeaningChip.vue'

/** One line of text is one or more moves: what was understood stands over it, one tap on it offers its other readings. */
const emit = defineEmits<{ done: [] }>()
const draft = useDraft()
const phrases = usePhrases()
const scanner = useScan()
void phrases.load()

const box = ref<HTMLInputElement | null>(null)
const caret = ref(0)
const open = ref<{ clause: ParsedClause; token: Token } | null>(null)
const shown = computed(() =>
  draft.parsed.clauses.flatMap(clause =>
    clause.tokens.filter(t => t.role !== 'sign' && t.role !== 'lead').map(token => ({ clause, token })),
  ),
)
/** What the moves of the line were taken for, where that is worth a look. */
const meant = computed(() => {
  const before = new Set(draft.heldMoves)
  return draft.step.moves.flatMap(move => {
    const meaning = before.has(move.id) ? null : draft.meaningFor(move)
    return meaning ? [{ move, meaning }] : []
  })
})
const others = computed<Correction[]>(() =>
  open.value ? corrections(draft.line, open.value.clause, open.value.token).slice(0, 9) : [],
)
const proposed = computed<Completion[]>(() => phrases.complete(draft.line, caret.value))

const look = () => (caret.value = box.value?.selectionStart ?? draft.line.length)
function type(event: Event): void {
  open.value = null
  draft.write((event.target as HTMLInputElement).value)
  look()
}
async function put(line: string, at = line.length): Promise<void> {
  open.value = null
  draft.write(line.slice(0, limits.line))
  await nextTick()
  box.value?.focus()
  box.value?.setSelectionRange(at, at)
  look()
}
/** The second reading of a token takes its place. */
const instead = ({ start, end }: Token, text: string) =>
  put(`${draft.line.slice(0, start)}${text}${draft.line.slice(end)}`)
function complete({ text, from }: Completion): void {
  const after = draft.line.slice(caret.value)
  void put(`${draft.line.slice(0, from)}${text} ${after.trimStart()}`, from + text.length + 1)
}
function enter(): void {
  open.value = null
  const scanned = labelAtEnd(draft.line)
  if (scanned) {
    draft.write(scanned.before)
    draft.takeLine()
    scanner.follow(scanned.label)
  } else if (draft.line.trim()) draft.takeLine()
  else emit('done')
}
function tab(event: KeyboardEvent): void {
  const [first] = proposed.value
  if (!first || event.shiftKey) return
  event.preventDefault()
  complete(first)
}
function leave(): void {
  if (open.value) open.value = null
  else box.value?.blur()
}
defineExpose({ focus: () => box.value?.focus(), blur: () => box.value?.blur() })
</script>

<template>
  <div class="quick">
    <div v-if="open" class="row" role="group" :aria-label="`Other readings of ${open.token.text}`">
      <NButton @click="open = null"><ChevronLeft />{{ open.token.text }}</NButton>
      <NButton v-for="c in others" :key="c.label" @click="put(c.line)">{{ c.label }}</NButton>
    </div>
    <div v-else-if="shown.length || proposed.length" class="row" role="group" aria-label="What the line says">
      <NButton v-for="p in proposed" :key="p.text" class="propose" @click="complete(p)"> {{ p.text }} … </NButton>
      <LineToken
        v-for="{ clause, token } in shown"
        :key="token.start"
        :token="token"
        :kind="clause.kind"
        @open="open = { clause, token }"
        @instead="instead(token, $event)"
      />
      <MeaningChip
        v-for="{ move, meaning } in meant"
        :key="move.id"
        :move="move"
        :meaning="meaning"
        @tell="draft.retell"
      />
    </div>
    <OwedByStep v-if="draft.line.trim()" :moves="draft.step.moves" />
    <label class="line">
      <span class="sr">Quick line</span>
      <input
        ref="box"
        class="mono"
        :value="draft.line"
        :maxlength="limits.line"
        placeholder="like: 4x T20x18 pump bracket; plug white 3w"
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
  </div>
</template>

<style scoped>
.quick {
  display: grid;
  gap: 6px;
  min-width: 0;
}
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
