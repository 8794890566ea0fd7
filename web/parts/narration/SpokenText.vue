<script setup lang="ts">
import type { OfTheWayBack, Spoken, StepDraft } from '@dialytica/core/narration'
import { NButton } from 'naive-ui'
import { computed, nextTick, ref, watch } from 'vue'
import { clock } from './clock.ts'

/** All that was said, with its times; what tells the draft in hand stands out. What belongs to the way back is noted or let go from here. */
const props = defineProps<{ spoken: readonly Spoken[]; draft: StepDraft | null; back: readonly OfTheWayBack[] }>()
const emit = defineEmits<{ note: [index: number, keep: boolean] }>()
const list = ref<HTMLElement | null>(null)
const isHere = (s: Spoken) =>
  props.draft !== null && props.draft.moves.some(m => m.from < s.to + 0.01 && m.to > s.from - 0.01)
const first = computed(() => props.spoken.findIndex(isHere))
watch(
  first,
  async at => {
    await nextTick()
    const row = list.value?.children[at] as HTMLElement | undefined
    if (row && list.value) list.value.scrollTop = row.offsetTop - list.value.offsetTop - 60
  },
  { immediate: true },
)
</script>

<template>
  <section class="spoken" aria-label="What was said">
    <ol ref="list" tabindex="0">
      <li v-for="(s, i) in spoken" :key="i" :class="[s.tells, { here: isHere(s) }]">
        <span class="mono time">{{ clock(s.from) }}</span>
        <span
          ><b v-if="s.who">{{ s.who }}: </b>{{ s.text }}<i v-if="s.tells === 'back'" class="tag"> way back</i></span
        >
      </li>
    </ol>
    <div v-if="back.length" class="back" role="group" aria-label="For the way back">
      <h2>For the way back: {{ back.length }}</h2>
      <p>{{ back[0]!.text }}</p>
      <div class="two">
        <NButton @click="emit('note', 0, true)">Note it</NButton>
        <NButton @click="emit('note', 0, false)">Let it go</NButton>
      </div>
    </div>
  </section>
</template>

<style scoped>
.spoken {
  display: flex;
  flex-direction: column;
  min-height: 0;
}
ol {
  flex: 1;
  overflow: auto;
  min-height: 120px;
  padding: 8px 0;
}
li {
  display: grid;
  grid-template-columns: 62px minmax(0, 1fr);
  padding: 4px 12px;
  color: var(--soft);
  border-left: 6px solid transparent;
}
li.acts {
  color: var(--ink);
}
li.here {
  border-left-color: var(--work);
  background: var(--sheet);
  color: var(--ink);
  font-weight: 650;
}
.tag {
  padding: 0 6px;
  border: 2px solid var(--rule);
  font-style: normal;
  font-size: 14px;
}
.time {
  padding-top: 2px;
}
.back {
  border-top: 2px solid var(--rule);
  padding: 8px 14px 10px;
  display: grid;
  gap: 6px;
}
.back h2 {
  font-size: 18px;
}
.back p {
  max-height: 92px;
  overflow: auto;
}
.two {
  display: flex;
  gap: 10px;
}
.two > * {
  flex: 1;
}
</style>
