<script setup lang="ts">
import { text } from '@dialytica/core/words'
import { gaps as gapsOf, unread, type Gap } from '@dialytica/core/worth-filling'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import { useDraft } from '../../stores/draft.ts'
import { useJob } from '../../stores/job.ts'

/** What is still worth recording while it can be seen, what saves most first; each one tap away, none of it required. */
const emit = defineEmits<{ fill: [gap: Gap] }>()
const job = useJob()
const draft = useDraft()
/** What the line says and nobody understood comes first: it is known now. */
const gaps = computed(() =>
  job.isFixed ? [] : [...unread(draft.parsed, draft.step.id), ...gapsOf(job.state, job.family, draft.step)],
)
const all = ref(false)
const first = 2
</script>

<template>
  <section v-if="gaps.length" class="worth" aria-label="Worth filling in">
    <h2>Worth filling in</h2>
    <ul>
      <li v-for="g in all ? gaps : gaps.slice(0, first)" :key="g.step + (g.move ?? '') + g.field">
        <NButton class="gap" text block @click="emit('fill', g)">
          <b>{{ text(g.ask) }}</b> <span>{{ text(g.why) }}</span>
        </NButton>
      </li>
    </ul>
    <NButton v-if="gaps.length > first" class="gap more" text block :aria-expanded="all" @click="all = !all">
      {{ all ? 'fewer' : `${gaps.length - first} more` }}
    </NButton>
  </section>
</template>

<style scoped>
.worth {
  margin-top: 8px;
  padding-top: 6px;
  border-top: 1px solid var(--hair);
}
h2 {
  color: var(--caution);
  font-size: 17px;
}
.gap {
  justify-content: flex-start;
  min-height: 48px;
  padding: 3px 0;
  font-weight: 500;
  font-size: 16px;
  font-stretch: 82%;
  line-height: 1.15;
  text-align: left;
}
.gap :deep(.n-button__content) {
  display: block;
}
li b {
  text-decoration: underline;
  text-decoration-thickness: 1px;
  text-underline-offset: 3px;
}
li span {
  color: var(--soft);
  font-size: 15px;
}
.more {
  color: var(--soft);
}
</style>
