<script setup lang="ts">
import { entriesOf } from '@dialytica/core/log'
import {
  dimensions,
  kept,
  pictureOf,
  quantities,
  readTyped,
  type Givens,
  type Quantity,
  type QuantityName,
  type Readings,
} from '@dialytica/core/readings'
import { text, warn } from '@dialytica/core/words'
import { NButton, NInput, NInputNumber } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { soundPart } from '../../devices/sound-part.ts'
import { useJob } from '../../stores/job.ts'
import { useSettings } from '../../stores/settings.ts'
import MeterTake from './MeterTake.vue'
import ReadingPicture from './ReadingPicture.vue'
import VerdictBar from './VerdictBar.vue'
import { verdictSigns } from './verdict-signs.ts'

/** Something that has a verdict: what is known of it, what was read in each of its states, and at once what that says. */
const props = defineProps<{ quantity: QuantityName }>()
const emit = defineEmits<{ keep: [bodies: ReturnType<typeof kept>[]]; leave: []; problem: [says: string] }>()
const job = useJob()
const of = computed<Quantity>(() => quantities[props.quantity])
const unit = computed(() => dimensions[of.value.dimension])
const name = ref('')
const given = ref<Record<string, number | null>>({})
const typed = ref<Record<string, string>>({})
/** The limit of a safety test is the shop's: said once, it stands for all its jobs. */
const settings = useSettings()
void settings.load()
const limitOf = computed(() =>
  props.quantity === 'earth' || props.quantity === 'insulation' ? (`${props.quantity} limit` as const) : null,
)
const setLimit = () => (limitOf.value ? settings.numberOf(limitOf.value) : undefined)
/** What was given for the last one of its kind on this machine, else what is usual. */
watch(
  () => props.quantity,
  () => {
    const last = entriesOf(job.state, 'reading-taken').findLast(e => e.body.quantity === props.quantity)?.body
    name.value = last?.of ?? text(of.value.title)
    given.value = Object.fromEntries(
      of.value.given.map(g => [
        g.name,
        last?.given?.find(l => l.name === g.name)?.value ??
          (g.name === 'limit' ? setLimit() : undefined) ??
          g.usual ??
          null,
      ]),
    )
    typed.value = {}
  },
  { immediate: true },
)
const said = computed(() =>
  of.value.states.flatMap(state => {
    const words = typed.value[state]?.trim()
    return words ? [{ state, read: readTyped(words, of.value.dimension) }] : []
  }),
)
const read = computed(() => said.value.flatMap(({ state, read }) => ('problem' in read ? [] : [{ state, read }])))
const givens = computed<Givens>(() =>
  Object.fromEntries(Object.entries(given.value).flatMap(([k, v]) => (v === null ? [] : [[k, v]]))),
)
const readings = computed<Readings>(() => Object.fromEntries(read.value.map(r => [r.state, r.read])))
const verdict = computed(() => (read.value.length ? of.value.judge(givens.value, readings.value) : null))
const picture = computed(() => pictureOf(props.quantity, givens.value, readings.value))
/** The next state to read: the meter is held to that one. */
const next = computed(() => of.value.states.find(s => !typed.value[s]?.trim()))

function keep(): void {
  for (const { state, read } of said.value) if ('problem' in read) return emit('problem', `${state}: ${read.problem}`)
  if (!read.value.length) return emit('problem', 'Enter what was read.')
  const { limit } = givens.value
  if (limitOf.value && limit !== undefined) {
    const problem = settings.set(limitOf.value, String(limit))
    if (problem) return emit('problem', problem)
  }
  emit(
    'keep',
    read.value.map(r => kept(name.value.trim() || text(of.value.title), props.quantity, r.state, r.read, givens.value)),
  )
}
</script>

<template>
  <div class="measure">
    <p class="first">
      <b>{{ text(of.first) }}.</b>
      <template v-for="c in of.cautions" :key="c">{{ ' ' }}{{ text(warn(c)) }}</template>
    </p>
    <div class="row">
      <label
        >Which one
        <NInput v-model:value="name" class="name" :input-props="{ 'aria-label': 'Which one', autocomplete: 'off' }" />
      </label>
      <label v-for="g in of.given" :key="g.name"
        >{{ text(g.label) }}
        <NInputNumber
          v-model:value="given[g.name]"
          class="given"
          :show-button="false"
          :min="g.least"
          :max="g.most"
          :input-props="{ 'aria-label': text(g.label), inputmode: 'decimal' }"
        />
        <span class="mono">{{ g.unit }}</span></label
      >
    </div>
    <div class="row">
      <label v-for="state in of.states" :key="state"
        >{{ state }}
        <NInput
          v-model:value="typed[state]"
          class="read"
          :placeholder="unit"
          :input-props="{ 'aria-label': `Read ${state}`, autocomplete: 'off' }"
        />
      </label>
      <MeterTake
        v-if="next"
        :key="`${quantity} ${next}`"
        :state="next"
        :unit="unit"
        :holds="() => soundPart(quantity, givens, next!)"
        @take="typed[next] = $event"
        @problem="emit('problem', $event)"
      />
      <NButton type="primary" @click="keep">Keep it</NButton>
      <NButton @click="emit('leave')">Leave it</NButton>
    </div>
    <div v-if="verdict" class="row">
      <p role="status" :class="['verdict', verdict.says.replace(' ', '-')]">
        <b>{{ verdictSigns[verdict.says] }} {{ verdict.says }}.</b> {{ text(verdict.because) }}.
        <span v-if="verdict.formula" class="mono formula">{{ verdict.formula }}</span>
      </p>
      <ReadingPicture v-if="picture" :picture="picture" />
      <VerdictBar v-else :verdict="verdict" :unit="unit" />
    </div>
  </div>
</template>

<style scoped>
.measure {
  flex: 1 0 100%;
  display: grid;
  gap: 8px;
}
.first {
  line-height: 1.25;
  border-left: 6px solid var(--caution);
  padding-left: 10px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}
label {
  display: flex;
  gap: 6px;
  align-items: center;
}
.name {
  width: 200px;
}
.given {
  width: 90px;
}
.read {
  width: 120px;
}
.verdict {
  flex: 1 1 300px;
  padding: 4px 0 4px 10px;
  line-height: 1.25;
  border-left: 6px solid var(--soft);
}
.good {
  border-color: var(--work);
}
.bad {
  border-color: var(--danger);
}
.bad b {
  color: var(--danger);
}
.formula {
  display: block;
  font-size: 14px;
}
</style>
