<script setup lang="ts">
import type { Bound } from '@dialytica/core/assembly'
import { glyphOf } from '@dialytica/core/moves'
import { text } from '@dialytica/core/words'
import { Check, X } from '@lucide/vue'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import { useJob } from '../../stores/job.ts'
import Glyph from '../Glyph.vue'

/** One thing that binds a part: what it is, from what that follows, whether it is back; it can be said not to be so. */
const props = defineProps<{ of: Bound; chosen: boolean; fixed: boolean }>()
const emit = defineEmits<{ look: []; apart: [] }>()
const job = useJob()
const move = computed(() => job.state.steps.get(props.of.step)?.moves.find(m => m.id === props.of.move))
</script>

<template>
  <div class="bound" :class="{ derived: !of.sure, back: of.isBack }">
    <NButton class="thing" :aria-pressed="chosen" @click="emit('look')">
      <Glyph v-if="move" :kind="glyphOf(move)" :size="20" />
      <span class="words"
        ><b>{{ text(of.thing) }}</b
        ><span>{{ text(of.why) }}{{ of.sure ? '' : '?' }}</span></span
      >
      <Check v-if="of.isBack" aria-label="back on" />
    </NButton>
    <NButton
      v-if="!fixed && of.kind !== 'lies under'"
      class="apart"
      :aria-label="`Not so: ${text(of.thing)}`"
      @click="emit('apart')"
      ><X
    /></NButton>
  </div>
</template>

<style scoped>
.bound {
  display: flex;
  height: 56px;
}
.thing {
  flex: 1;
  min-width: 0;
  height: 56px;
  padding: 0 10px;
  justify-content: flex-start;
  text-align: left;
  --n-color: var(--off-wash);
}
.derived .thing {
  --n-border: 2px dashed var(--rule);
  --n-color: var(--sheet);
}
.back .thing {
  --n-color: var(--work-wash);
}
.thing[aria-pressed='true'] {
  --n-border: 3px solid var(--ink);
}
.thing :deep(.n-button__content) {
  min-width: 0;
  width: 100%;
  gap: 8px;
}
.words {
  display: grid;
  min-width: 0;
  flex: 1;
  line-height: 1.15;
}
.words > * {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.words b {
  font-size: 16px;
}
.words span {
  font-size: 14px;
  font-weight: 500;
  color: var(--soft);
}
.apart {
  flex: none;
  width: 48px;
  height: 56px;
  padding: 0;
}
</style>
