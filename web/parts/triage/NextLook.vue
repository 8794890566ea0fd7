<script setup lang="ts">
import type { Act, Foresight } from '@dialytica/core/triage'
import { text, warn } from '@dialytica/core/words'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import { percent } from './words.ts'

/** What comes next: what it is, in how many minutes, what each outcome would tell; and what it showed. */
const props = defineProps<{
  act: Exclude<Act, { does: 'ask' }>
  foresight: Foresight | undefined
  isFirst: boolean
  fixed: boolean
}>()
const emit = defineEmits<{
  checked: [result: 'good' | 'bad' | 'cannot tell']
  cause: [is: boolean]
}>()

const minutes = computed(() => `${Math.max(1, Math.round(props.act.minutes))} min`)
const settings = {
  'as it stands': 'nothing to open',
  'with power': 'with power on, hands away from what turns',
  'plug out': 'plug out',
  'panel off': 'plug out, cover off',
} as const
const title = computed(() => {
  const { act } = props
  if (act.does === 'check') return `${act.check.id[0]!.toUpperCase()}${act.check.id.slice(1)}.`
  return `Put it right: ${act.cause.id}.`
})
const tells = (f: Foresight['bad']) => {
  const moved = `${f.cause ?? 'what is not in the table'} ${percent(f.from)} → ${percent(f.to)}`
  return f.leads && f.leads !== f.cause ? `${moved}; then ${f.leads} leads` : moved
}
</script>

<template>
  <section class="look" aria-label="The next look">
    <p class="soft">
      {{ isFirst ? 'next' : 'chosen' }}, <span class="mono">{{ minutes }}</span><template v-if="act.does === 'check'"
        >, {{ settings[act.check.setting] }}</template
      >
    </p>
    <h1>{{ title }}</h1>
    <p v-if="act.does === 'check' && act.check.caution" class="caution" role="note">
      {{ text(warn(act.check.caution)) }}
    </p>
    <div v-if="act.does === 'check' && foresight" class="tells">
      <p class="bad">
        <b>{{ act.check.why }}</b> {{ tells(foresight.bad) }}
      </p>
      <p class="good"><b>As it should be:</b> {{ tells(foresight.good) }}</p>
    </div>
    <p v-else-if="act.does === 'put right'" class="bad">
      {{ act.cause.why }} It is held at {{ percent(act.share) }}: going on looking costs more than to put it right and
      try.
    </p>
    <div v-if="!fixed" class="answers">
      <template v-if="act.does === 'check'">
        <NButton type="primary" size="large" @click="emit('checked', 'bad')">{{
          act.check.why.replace(/\.$/, '')
        }}</NButton>
        <NButton size="large" @click="emit('checked', 'good')">As it should be</NButton>
        <NButton size="large" @click="emit('checked', 'cannot tell')">Cannot tell</NButton>
      </template>
      <template v-else>
        <NButton type="primary" size="large" @click="emit('cause', true)">That was it</NButton>
        <NButton size="large" @click="emit('cause', false)">It was not that</NButton>
      </template>
    </div>
  </section>
</template>

<style scoped>
.look {
  display: grid;
  gap: 8px;
  align-content: start;
}
h1 {
  font-size: 34px;
  font-stretch: 75%;
  line-height: 1.05;
}
.tells {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
}
.bad,
.good {
  border-left: 6px solid var(--off);
  padding-left: 12px;
}
.good {
  border-color: var(--hair);
}
.caution {
  border-left: 6px solid var(--caution);
  padding-left: 12px;
}
.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.answers > .n-button {
  --n-height: 56px;
  font-size: 18px;
}
@media (max-width: 1000px) {
  h1 {
    font-size: 27px;
  }
  .tells {
    grid-template-columns: 1fr;
    gap: 6px;
  }
}
</style>
