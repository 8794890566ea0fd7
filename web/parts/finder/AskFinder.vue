<script setup lang="ts">
import { glyphNames, itemNouns, type Fastener, type ItemKind } from '@dialytica/core/items'
import type { BodyOf } from '@dialytica/core/log'
import { glyphOf, subject, type Move } from '@dialytica/core/moves'
import { parseLine } from '@dialytica/core/quick-line'
import { text } from '@dialytica/core/words'
import { NButton, NInput } from 'naive-ui'
import { v4 } from 'uuid'
import { computed, ref } from 'vue'
import { useJob } from '../../stores/job.ts'
import { useSearch } from '../../stores/search.ts'
import Glyph from '../Glyph.vue'
import Problem from '../Problem.vue'
import Thumb from '../Thumb.vue'

/** What is asked: something is left over, one is short, or both; told in a few words, or picked by eye from what went into the cells. */
const job = useJob()
const search = useSearch()
const kinds = [
  ['left over', 'Left over', 'Something lies on the bench and everything is on.'],
  ['one short', 'One short', 'A hole is empty and its cell too.'],
  ['swap', 'Both', 'One is over and another is short: two were swapped.'],
] as const
const asks = ref<(typeof kinds)[number][0]>('left over')
const items: ItemKind[] = ['fastener', 'clip', 'connector', 'part']
const item = ref<ItemKind>('fastener')
const words = ref('')
const like = ref<string | null>(null)
const short = ref<string | null>(null)
const problem = ref('')

/** Everything that came off, as it can be picked by eye. */
const groups = computed(() =>
  job.plan.flatMap(r =>
    r.moves.flatMap(({ move, debts }) =>
      debts[0] && ['fastener', 'clip', 'connector', 'part'].includes(debts[0].item)
        ? [{ move, debt: debts[0], photo: r.step.photos.at(-1)?.hash }]
        : [],
    ),
  ),
)
const alike = computed(() => groups.value.filter(g => g.debt.item === item.value))
const fasteners = computed(() => groups.value.filter(g => g.debt.item === 'fastener'))
const said = computed<{ fastener?: Fastener; words?: string }>(() => {
  const typed = words.value.trim()
  if (!typed) return {}
  if (item.value !== 'fastener') return { words: typed }
  const context = { family: job.family, around: { posture: 'upright' as const, isolated: [] }, id: v4 }
  const move = parseLine(`1x ${typed}`, context).moves.find((m: Move) => 'fastener' in m)
  const fastener = move && 'fastener' in move ? move.fastener : {}
  return Object.keys(fastener).length ? { fastener } : { words: typed }
})
const told = computed(() => Object.entries(said.value.fastener ?? {}).map(([k, v]) => `${k} ${v}`))

function ask(): void {
  const over = asks.value !== 'one short'
  if (over && !words.value.trim() && !like.value) {
    problem.value = 'Say what it is in a few words, or touch what it looks like.'
    return
  }
  if (asks.value !== 'left over' && !short.value) {
    problem.value = 'Touch the group of which one is short.'
    return
  }
  const known = { item: item.value, ...said.value, ...(like.value && { like: like.value }) }
  const body: Omit<BodyOf<'leftover-reported'>, 'what'> = {
    asks: asks.value,
    ...(over && { known }),
    ...(short.value && asks.value !== 'left over' && { short: short.value }),
  }
  problem.value = search.report(body) ?? ''
}
</script>

<template>
  <form class="ask" @submit.prevent="ask">
    <div class="row" role="group" aria-label="What is asked">
      <NButton v-for="[id, name] in kinds" :key="id" :aria-pressed="asks === id" @click="asks = id">
        {{ name }}
      </NButton>
    </div>
    <p class="soft">{{ kinds.find(k => k[0] === asks)![2] }}</p>
    <template v-if="asks !== 'one short'">
      <div class="row" role="group" aria-label="Kind of thing">
        <NButton
          v-for="k in items"
          :key="k"
          :aria-pressed="item === k"
          :aria-label="glyphNames[k]"
          @click="((item = k), (like = null))"
        >
          <Glyph :kind="k" :size="22" />
        </NButton>
      </div>
      <label for="known">What is known of it</label>
      <NInput
        v-model:value="words"
        class="mono"
        :placeholder="item === 'fastener' ? 'like: T20 x 18 stainless' : 'like: white, drawer'"
        :input-props="{ id: 'known', autocomplete: 'off' }"
      />
      <p v-if="told.length" class="soft small">{{ told.join(', ') }}</p>
      <p>Or it looks like what came out here:</p>
      <ul class="groups" :aria-label="`${itemNouns[item][1]} that came off`">
        <li v-for="g in alike" :key="g.move.id">
          <NButton
            class="group"
            block
            :aria-pressed="like === g.move.id"
            @click="like = like === g.move.id ? null : g.move.id"
          >
            <Thumb v-if="g.photo" :hash="g.photo" />
            <Glyph v-else :kind="glyphOf(g.move)" :size="24" />
            <span
              ><b v-if="g.debt.cell" class="mono cell">{{ g.debt.cell }}</b
              >{{ text(subject(g.move)) }}</span
            >
          </NButton>
        </li>
      </ul>
    </template>
    <template v-if="asks !== 'left over'">
      <p>One is short of:</p>
      <ul class="groups" aria-label="One is short of">
        <li v-for="g in fasteners" :key="g.move.id">
          <NButton
            class="group"
            block
            :aria-pressed="short === g.debt.id"
            @click="short = short === g.debt.id ? null : g.debt.id"
          >
            <Thumb v-if="g.photo" :hash="g.photo" />
            <span
              ><b v-if="g.debt.cell" class="mono cell">{{ g.debt.cell }}</b
              >{{ text(subject(g.move)) }}</span
            >
          </NButton>
        </li>
      </ul>
    </template>
    <Problem :says="problem" />
    <NButton type="primary" size="large" attr-type="submit">Look for it</NButton>
  </form>
</template>

<style scoped>
.ask {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.cell {
  margin-right: 8px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.groups {
  max-height: 236px;
  overflow: auto;
  display: grid;
  gap: 6px;
  align-content: start;
}
.group {
  justify-content: flex-start;
  min-height: 52px;
  padding: 0 10px 0 0;
  font-weight: 500;
  font-size: 17px;
  text-align: left;
  line-height: 1.15;
  --n-border: 2px solid var(--hair);
}
.group[aria-pressed='true'] {
  --n-color: var(--work-wash);
  --n-text-color: var(--ink);
  --n-border: 2px solid var(--work);
}
</style>
