<script setup lang="ts">
import { labelAtEnd } from '@dialytica/core/labels'
import type { TaughtWord } from '@dialytica/core/moves'
import { longestRun } from '@dialytica/core/narration'
import type { Correction } from '@dialytica/core/quick-line'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useDraft } from '../stores/draft.ts'
import { useJob } from '../stores/job.ts'
import { usePhrases } from '../stores/phrases.ts'
import { useScan } from '../stores/scanned-label.ts'
import { useWords } from '../stores/words.ts'
import LineEntry from './line/LineEntry.vue'
import OwedByStep from './line/OwedByStep.vue'
import WordTaught from './line/WordTaught.vue'
import MeaningChip from './MeaningChip.vue'
import Problem from './Problem.vue'
import { toJob } from '../ways.ts'

/** The quick line of the step in hand; what is dictated in one run and tells several steps can be looked at one by one. */
const emit = defineEmits<{ done: [] }>()
const job = useJob()
const draft = useDraft()
const problem = ref('')
const router = useRouter()
const phrases = usePhrases()
const scanner = useScan()
const words = useWords()
void phrases.load()
void words.load()
/** What the correction before taught the shop. */
const lesson = ref<TaughtWord | null>(null)
function teach({ teaches }: Correction): void {
  if (teaches && !words.teach(teaches)) lesson.value = teaches
}
function forget(): void {
  if (lesson.value && !words.forget(lesson.value.word)) lesson.value = null
}

const entry = ref<InstanceType<typeof LineEntry> | null>(null)
/** What the moves of the line were taken for, where that is worth a look. */
const meant = computed(() => {
  const before = new Set(draft.heldMoves)
  return draft.step.moves.flatMap(move => {
    const meaning = before.has(move.id) ? null : draft.meaningFor(move)
    return meaning ? [{ move, meaning }] : []
  })
})
/** What was said in one run becomes drafts of steps; the line is free again once they are there. */
async function lookAtSteps(): Promise<void> {
  // What hears long speech is not loaded before somebody speaks long.
  const { useNarration } = await import('../stores/narration.ts')
  const narration = useNarration()
  problem.value = ''
  if (!(await narration.takeIn(draft.line, 'dictation'))) return void (problem.value = narration.problem)
  draft.write('')
  await router.push(toJob(job.id, 'narration'))
}
function enter(): void {
  const scanned = labelAtEnd(draft.line)
  if (scanned) {
    draft.write(scanned.before)
    draft.takeLine()
    scanner.follow(scanned.label)
  } else if (draft.isRun) void lookAtSteps()
  else if (draft.line.trim()) draft.takeLine()
  else emit('done')
}
defineExpose({ focus: () => entry.value?.focus(), blur: () => entry.value?.blur() })
</script>

<template>
  <div class="quick">
    <LineEntry
      ref="entry"
      :line="draft.line"
      :parsed="draft.parsed"
      label="Quick line"
      placeholder="like: 4x T20x18 pump bracket; plug white 3w"
      :most="longestRun"
      :complete="phrases.complete"
      @write="draft.write"
      @enter="enter"
      @corrected="teach"
    >
      <template #meant>
        <MeaningChip
          v-for="{ move, meaning } in meant"
          :key="move.id"
          :move="move"
          :meaning="meaning"
          @tell="draft.retell"
        />
      </template>
      <div v-if="draft.line.trim()" class="owes">
        <OwedByStep v-if="!draft.isRun" :moves="draft.step.moves" />
        <span v-else class="soft">This is longer than a line: it is looked at step by step.</span>
        <NButton v-if="draft.isRun || draft.stepsInLine > 1" class="run" @click="lookAtSteps">
          {{ draft.isRun ? 'Look at its steps' : `Part it in ${draft.stepsInLine} steps` }}
        </NButton>
      </div>
      <WordTaught v-if="lesson" :lesson="lesson" @forget="forget" />
      <Problem :says="problem" />
    </LineEntry>
  </div>
</template>

<style scoped>
.quick {
  display: grid;
  gap: 6px;
  min-width: 0;
}
.owes {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
}
.run {
  margin-left: auto;
}
</style>
