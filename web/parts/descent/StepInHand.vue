<script setup lang="ts">
import type { Glyph as GlyphKind } from '@dialytica/core/items'
import { glyphFor, type Move } from '@dialytica/core/moves'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import { useDraft } from '../../stores/draft.ts'
import { useJob } from '../../stores/job.ts'
import { useMarking } from '../../stores/marking.ts'
import BeforeTurn from '../BeforeTurn.vue'
import GlyphBar from '../GlyphBar.vue'
import MeaningChip from '../MeaningChip.vue'
import MoveList from '../MoveList.vue'
import FoundAs from '../moves/FoundAs.vue'
import MoveFields from '../moves/MoveFields.vue'
import { withValue } from '../moves/values.ts'
import Problem from '../Problem.vue'
import ZoneAsked from './ZoneAsked.vue'
import QuickLine from '../QuickLine.vue'

/** The step in hand under the photo: what a tap marks, the moves so far, what is known of the one in hand, the quick line. */
defineProps<{ number: number; fixed: boolean; problem: string }>()
const emit = defineEmits<{ pick: [glyph: GlyphKind]; done: [] }>()
/** The field that is asked for. */
const ask = defineModel<string>('ask')
const job = useJob()
const draft = useDraft()
const marking = useMarking()
/** What the line tells is shown over it; what was told before is shown while it is empty. */
const told = computed(() => !draft.line.trim())
/** Only things have a condition; a turn or an isolation has none. */
const canBeFound = (move: Move) =>
  ['fastener', 'clip', 'connector', 'line', 'joint', 'part'].includes(glyphFor(move.kind))
const meaning = computed(() => draft.move && draft.meaningFor(draft.move))
const quick = ref<InstanceType<typeof QuickLine> | null>(null)
defineExpose({ focus: () => quick.value?.focus(), blur: () => quick.value?.blur() })
</script>

<template>
  <GlyphBar v-if="!fixed" :glyph="marking.glyph" @pick="emit('pick', $event)" />
  <p v-if="draft.amends || draft.before" class="mode" role="status">
    {{ draft.amends ? `Step ${number} is written anew.` : `This step goes before step ${number}.` }}
    <NButton @click="draft.amends ? draft.leaveAmend() : draft.insertBefore(null)">
      {{ draft.amends ? 'Leave it as it was' : 'At the end instead' }}
    </NButton>
  </p>
  <p v-if="!draft.isKept" class="mode" role="alert">
    <b>This device is full.</b> The step in hand stands in this page alone: record it, and leave the page open.
  </p>
  <div v-if="draft.step.moves.length && told" class="moves">
    <MoveList :moves="draft.step.moves" :chosen="draft.move?.id" @choose="draft.choose" />
    <FoundAs
      v-if="draft.move && canBeFound(draft.move)"
      :found="draft.move.condition"
      @tell="draft.retell(withValue(draft.move, 'condition', $event))"
    />
  </div>
  <div v-if="told && draft.move && meaning" class="moves">
    <MeaningChip :key="draft.move.id" :move="draft.move" :meaning="meaning" @tell="draft.retell" />
  </div>
  <ZoneAsked v-if="!fixed" />
  <BeforeTurn :step="draft.step.id" :needs="draft.needs" :fixed="fixed" />
  <p v-if="draft.step.title" class="soft">{{ draft.step.title }}</p>
  <MoveFields
    v-if="draft.move && told"
    :move="draft.move"
    :family="job.family"
    :zone="draft.step.zone"
    :ask="ask"
    @tell="draft.retell"
    @as="draft.retellAs"
    @drop="draft.removeMove(draft.move!.id)"
    @asked="ask = undefined"
  />
  <QuickLine v-if="!fixed" ref="quick" @done="emit('done')" />
  <Problem :says="problem" />
</template>

<style scoped>
.moves {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
}
.moves > :last-child:not(:first-child) {
  margin-left: auto;
}
.mode {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 2px 10px;
  background: var(--caution-wash);
}
</style>
