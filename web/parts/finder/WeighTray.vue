<script setup lang="ts">
import { whyNot } from '@dialytica/core/log'
import { text } from '@dialytica/core/words'
import { estimated, lotsOf, scaleError, trayLots, weigh, type Combination } from '@dialytica/core/weighing'
import { NButton, NInputNumber } from 'naive-ui'
import { computed, ref } from 'vue'
import { useInstrument } from '../../data/use-instrument.ts'
import { hasSerial, type Instrument } from '../../devices/instrument.ts'
import { serialScale, simulatedScale, type Shown } from '../../devices/scale.ts'
import { useCamera } from '../../stores/camera.ts'
import { useJob } from '../../stores/job.ts'
import { useSearch } from '../../stores/search.ts'
import Problem from '../Problem.vue'

/** The tray on a pocket scale: what is missing from it or too many, the likeliest first; each goes on as a search. */
const job = useJob()
const search = useSearch()
const camera = useCamera()
const all = computed(() => trayLots(job.state))
const lots = computed(() => lotsOf(all.value))
const unknown = computed(() => all.value.filter(l => !l.piece && l.count > 0))
const by = computed(() => new Map(all.value.map(l => [l.debt, l])))
/** What was never weighed: known roughly at best. */
const rough = computed(() => all.value.filter(l => l.count > 0 && !l.piece?.learnt))
const should = computed(() => lots.value.reduce((sum, l) => sum + l.count * l.piece.grams, 0))
const shown = ref<Shown | null>(null)
const typed = ref<number | null>(null)
const problem = ref('')
const grams = computed(() => typed.value ?? (shown.value?.still ? shown.value.grams : null))
const weighed = computed(() =>
  grams.value === null || unknown.value.length ? null : weigh(lots.value, grams.value, scaleError),
)
const verdicts = {
  'as it should be': 'The tray weighs what it should.',
  'one tells': 'Likeliest:',
  'cannot tell': 'The scale cannot tell these apart:',
  'nothing fits': 'Nothing up to four pieces explains this: is the tray itself on the scale, or something else in it?',
} as const

/** The simulated scale carries what the record says, and what was reported left over. */
const simulated = simulatedScale(() => {
  const over = search.open.map(({ known }) => {
    const piece = by.value.get(known?.like ?? '')?.piece ?? (known?.fastener ? estimated(known.fastener) : null)
    return piece?.grams ?? 0
  })
  return over.reduce((a, b) => a + b, should.value)
})
const instrument = useInstrument<Shown>(
  s => (shown.value = s),
  why => (problem.value = why),
  'No scale was chosen: choose one, or type what it shows.',
)
function start(scale: Instrument<Shown>): void {
  problem.value = ''
  typed.value = null
  void instrument.start(scale)
}

const said = (c: Combination): string =>
  c.pieces.length
    ? c.pieces
        .map(({ lot, by: n }) => {
          const of = by.value.get(lot)!
          return `${Math.abs(n)} × ${text(of.name)}${of.cell ? `, ${of.cell},` : ''} ${n < 0 ? 'missing' : 'too many'}`
        })
        .join(' and ')
    : 'nothing is missing'
/** What the scale says is sought: too many in the tray is left over, missing from it is short. */
function seek(c: Combination): void {
  const over = c.pieces.find(p => p.by > 0)
  const short = c.pieces.find(p => p.by < 0)
  problem.value =
    search.report({
      asks: over && short ? 'swap' : over ? 'left over' : 'one short',
      ...(over && { known: { item: 'fastener' as const, like: over.lot } }),
      ...(short && { short: short.lot }),
    }) ?? ''
}
/** A group alone on the scale: what one of it weighs is known from now on. */
function weighIn(debt: string): void {
  const lot = by.value.get(debt)!
  if (grams.value === null || lot.count === 0) return
  const of = `mass of ${lot.count} × ${text(lot.name)}`.slice(0, 500)
  problem.value =
    whyNot(job.says('reading-taken', { of, value: grams.value, unit: 'g', debt, pieces: lot.count })) ?? ''
}
</script>

<template>
  <section class="weigh" aria-label="Weigh the tray">
    <h2>Weigh the tray</h2>
    <p class="soft">
      Empty tray set to nought. {{ should.toFixed(1) }} g should lie in it, by what is owed from cells.
    </p>
    <div class="row">
      <NButton v-if="camera.isDemo" @click="start(simulated)">Simulated scale</NButton>
      <NButton v-if="hasSerial()" @click="start(serialScale)">Scale on a cable</NButton>
      <label class="typed"
        >or type it
        <NInputNumber
          v-model:value="typed"
          :show-button="false"
          :min="0"
          :input-props="{ 'aria-label': 'Grams on the scale', inputmode: 'decimal' }"
        />
        g</label
      >
    </div>
    <p v-if="shown && typed === null" class="shown mono" role="status">
      {{ shown.grams.toFixed(1) }} g <span class="soft">{{ shown.still ? 'at rest' : 'wait' }}</span>
    </p>
    <template v-if="rough.length">
      <p>
        {{
          unknown.length
            ? 'Not known yet what one weighs. Lay each group alone on the scale:'
            : 'Worked out, not weighed. A group laid alone on the scale is known better:'
        }}
      </p>
      <div class="row">
        <NButton v-for="l in rough" :key="l.debt" :disabled="grams === null" @click="weighIn(l.debt)"
          >{{ l.count }} × {{ text(l.name) }}{{ l.cell ? `, ${l.cell}` : '' }}</NButton
        >
      </div>
    </template>
    <div v-if="weighed" class="told" aria-live="polite">
      <p>
        <b>{{ weighed.difference >= 0 ? '+' : '−' }}{{ Math.abs(weighed.difference).toFixed(1) }} g</b>, give or take
        {{ weighed.error.toFixed(1) }} g. {{ verdicts[weighed.verdict] }}
      </p>
      <ul v-if="weighed.verdict === 'one tells' || weighed.verdict === 'cannot tell'">
        <li v-for="(c, i) in weighed.combinations.slice(0, 4)" :key="i">
          <b class="mono">{{ Math.round(100 * c.likelihood) }} %</b> {{ said(c) }}
          <NButton v-if="c.pieces.length" :aria-label="`Seek: ${said(c)}`" @click="seek(c)">Seek</NButton>
        </li>
      </ul>
    </div>
    <Problem :says="problem" />
  </section>
</template>

<style scoped>
.weigh {
  display: grid;
  gap: 8px;
  border-top: 2px solid var(--rule);
  padding-top: 10px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.typed {
  display: flex;
  gap: 8px;
  align-items: center;
}
.typed .n-input-number {
  width: 110px;
}
.shown {
  font-size: 28px;
}
li {
  display: grid;
  grid-template-columns: 60px minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  min-height: 52px;
  border-top: 1px solid var(--hair);
}
</style>
