<script setup lang="ts">
import { levelOf } from '@dialytica/core/hearing'
import { describe, glyphFor, glyphOf, moveKinds, type MoveKindName } from '@dialytica/core/moves'
import type { StepDraft } from '@dialytica/core/narration'
import { NButton } from 'naive-ui'
import Glyph from '../Glyph.vue'
import { clock } from './clock.ts'

/** The moves of a draft, one under the other in the order told. What is not sure looks so and has its second reading beside it; between two of them the step can be parted. */
const props = defineProps<{ draft: StepDraft; chosen: number }>()
const emit = defineEmits<{
  choose: [index: number]
  retell: [index: number, kind: MoveKindName]
  part: [index: number]
}>()
const level = (i: number) => levelOf(props.draft.moves[i]!.kindLikelihood)
const aloud = { sure: '', likely: ', likely', guess: ', not sure' } as const
</script>

<template>
  <ol class="told" aria-label="Moves of this draft">
    <li v-for="(m, i) in draft.moves" :key="m.move.id">
      <button
        type="button"
        :class="['move', level(i)]"
        :aria-pressed="i === chosen"
        :aria-label="`${describe(m.move)}${aloud[level(i)]}`"
        @click="emit('choose', i)"
      >
        <Glyph :kind="glyphOf(m.move)" :size="24" />
        <span>
          <b>{{ describe(m.move) }}</b>
          <small class="soft">{{ clock(m.from) }} {{ m.said }}</small>
        </span>
        <b v-if="level(i) === 'guess'" class="mark" aria-hidden="true">?</b>
      </button>
      <NButton
        v-if="m.or && m.or !== m.move.kind && level(i) !== 'sure'"
        class="or"
        @click="emit('retell', i, m.or as MoveKindName)"
      >
        <Glyph :kind="glyphFor(m.or as MoveKindName)" :size="18" />{{ moveKinds[m.or as MoveKindName].name }}?
      </NButton>
      <NButton v-if="i > 0 && i === chosen && draft.state === 'open'" class="or" @click="emit('part', i)">
        New step from here <kbd>S</kbd>
      </NButton>
    </li>
  </ol>
</template>

<style scoped>
.told {
  display: grid;
  gap: 6px;
  align-content: start;
}
li {
  display: flex;
  gap: 6px;
}
.move {
  flex: 1;
  display: grid;
  grid-template-columns: 30px minmax(0, 1fr) auto;
  align-items: center;
  gap: 10px;
  min-height: 52px;
  padding: 4px 12px;
  border: 2px solid var(--rule);
  border-radius: 3px;
  background: var(--off-wash);
  color: var(--ink);
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.move span {
  display: grid;
}
.move small {
  font-size: 15px;
  line-height: 1.2;
}
.likely {
  border-style: dashed;
}
.guess {
  border-style: dashed;
  background: var(--sheet);
}
.move[aria-pressed='true'] {
  box-shadow: inset 6px 0 0 var(--work);
}
.mark {
  font-size: 24px;
}
.or {
  --n-border: 2px dashed var(--rule);
}
</style>
