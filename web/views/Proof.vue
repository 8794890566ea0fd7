<script setup lang="ts">
import { entryWords, waitingWords } from '@dialytica/core/proof'
import { text } from '@dialytica/core/words'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useCommands } from '../commands.ts'
import Cutaway from '../parts/Cutaway.vue'
import PhotoStage from '../parts/PhotoStage.vue'
import Problem from '../parts/Problem.vue'
import BackTo from '../parts/proof/BackTo.vue'
import FailedHow from '../parts/proof/FailedHow.vue'
import LookTimer from '../parts/proof/LookTimer.vue'
import NotDone from '../parts/proof/NotDone.vue'
import ProofFoot from '../parts/proof/ProofFoot.vue'
import ProofReading from '../parts/proof/ProofReading.vue'
import ProofStrip from '../parts/proof/ProofStrip.vue'
import WhatToProve from '../parts/proof/WhatToProve.vue'
import { stepMarks } from '../parts/stage/step-marks.ts'
import { useJob } from '../stores/job.ts'
import { useLooking } from './proof/looking.ts'
import { useProofInHand } from './proof/proof-in-hand.ts'

/** The proof before the machine is closed: what was open, what moves, what guards; one thing at a time, in the order that is safe. */
const job = useJob()
const hand = useProofInHand()
const { proof, entries, index, entry, trial, key, first, left, failed, back, photos, problem, busy } = hand
const steps = computed(() => job.plan)
const telling = ref<'failed' | 'not done' | null>(null)
const reading = ref<number | null>(null)
/** Why a reading is past the limit of the shop; empty where it is not. */
const tooBad = ref('')

const { toLook, isLooking, look } = useLooking(trial, key)
const hint = ref('')
watch(key, () => {
  telling.value = null
  reading.value = null
  tooBad.value = ''
  hint.value = ''
})
function forth(): void {
  hint.value = ''
  const t = trial.value
  if (first.value) {
    hint.value = `First: ${text(entryWords(first.value, steps.value))}`
    return
  }
  if (!t) return hand.doIt()
  if (t.wait && !isLooking.value) look()
  else if (toLook.value > 0) hint.value = `Look for ${toLook.value} s more.`
  else if (t.reads && reading.value === null) hint.value = `Enter the reading in ${t.reads}, or say why it is not done.`
  else if (t.reads && tooBad.value) hint.value = `${tooBad.value}. Say that it failed.`
  else hand.pass(reading.value ?? undefined)
}
const label = computed(() => {
  const e = entry.value
  if (!e) return ''
  if (e.does === 'fit') return 'To the return'
  if (e.does === 'switch') return e.what === 'water' ? 'The water is on' : e.on ? 'The plug is in' : 'The plug is out'
  if (trial.value?.wait && !isLooking.value) return 'I look'
  return 'As it should be'
})
function tellFailed(): void {
  if (trial.value && !job.isFixed) telling.value = 'failed'
}
function tellNotDone(): void {
  if (trial.value && !job.isFixed) telling.value = 'not done'
}
useCommands({
  forth: () => (telling.value ? undefined : forth()),
  back: () => hand.goTo(index.value - 1),
  photo: () => {
    if (trial.value) {
      telling.value = 'failed'
      hand.shoot()
    }
  },
  undo: hand.undo,
  leave: () => (telling.value = null),
  failed: tellFailed,
  notDone: tellNotDone,
})

/** What is looked at, on its photo: the move that failed, else the first that asks for it and has a mark. */
const shown = computed(() => {
  const of = trial.value?.because ?? []
  const at = failed.value?.body.at
  return of.find(o => o.move.id === at) ?? of.find(o => o.step.photos.length > 0)
})
const photo = computed(() => failed.value?.body.photos?.at(-1) ?? shown.value?.step.photos.at(-1))
const marks = computed(() =>
  shown.value && !failed.value?.body.photos?.length
    ? stepMarks(shown.value.step, shown.value.move.id).filter(m => m.move === shown.value!.move.id)
    : [],
)
const covers = computed(() => proof.value.waiting.map(w => text(waitingWords(w, steps.value))))
</script>

<template>
  <main class="proof">
    <ProofStrip class="strip" :entries="entries" :at="index" :steps="steps" @go="hand.goTo" />
    <WhatToProve v-if="entry" class="say" :entry="entry" :index="index" :of="entries.length" :steps="steps" />
    <p v-else class="say">Nothing was opened on this machine, and nothing is to be proved.</p>
    <section v-if="entry" :class="['act', { close: back }]" aria-label="What became of it">
      <Problem class="full" :says="problem || hint" />
      <template v-if="job.isFixed" />
      <FailedHow
        v-else-if="telling === 'failed' && trial"
        :key="trial.id"
        :trial="trial"
        :photos="photos"
        :busy="busy"
        @shoot="hand.shoot"
        @leave="telling = null"
        @record="
          (seen, at) => {
            telling = null
            hand.fail(seen, at)
          }
        "
      />
      <NotDone
        v-else-if="telling === 'not done' && trial"
        @leave="telling = null"
        @record="
          why => {
            telling = null
            hand.leaveOut(why)
          }
        "
      />
      <template v-else>
        <ProofReading
          v-if="trial?.reads"
          :key="key"
          v-model="reading"
          :of="trial.id === 'earth' ? 'earth' : 'insulation'"
          :unit="trial.reads"
          :fixed="job.isFixed"
          @problem="hint = $event"
          @bad="tooBad = $event"
        />
        <NButton type="primary" size="large" class="strong" @click="forth()">{{ label }} <kbd>Space</kbd></NButton>
        <template v-if="trial">
          <NButton type="error" ghost size="large" @click="tellFailed">{{ text(trial.fails) }} <kbd>X</kbd></NButton>
          <NButton size="large" @click="tellNotDone">Not done <kbd>O</kbd></NButton>
        </template>
      </template>
    </section>
    <section class="photo" aria-label="What is looked at">
      <PhotoStage v-if="photo" :photo="photo" :marks="marks" />
      <div v-else class="where">
        <Cutaway
          :family="job.family"
          :zone="shown?.step.zone"
          :open="job.stance.open"
          :posture="job.stance.posture"
          large
        />
      </div>
      <LookTimer v-if="trial?.wait" class="timer" :seconds="trial.wait" :left="toLook" :running="isLooking" />
    </section>
    <BackTo
      v-if="back"
      class="below"
      :back="back"
      :seen="failed?.body.seen ?? ''"
      :steps="steps"
      :fixed="job.isFixed"
      @open="hand.open"
    />
    <ProofFoot v-else class="below" :covers="covers" :done="left === 0 && entries.length > 0" />
  </main>
</template>

<style scoped>
.proof {
  display: grid;
  grid-template: auto minmax(0, 1fr) auto minmax(110px, auto) / 450px minmax(0, 1fr);
  grid-template-areas: 'strip strip' 'say photo' 'act photo' 'below below';
  font-size: 18px;
}
.strip {
  grid-area: strip;
}
.say {
  grid-area: say;
}
.act {
  grid-area: act;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding: 10px 24px 12px;
  border-right: 2px solid var(--rule);
}
.act > form,
.full {
  width: 100%;
}
.act > .n-button {
  flex: 1 1 130px;
}
.act > .strong {
  flex: 1 0 100%;
}
.act.close > .n-button {
  --n-height: 52px;
  flex: 1 1 auto;
  font-size: 18px;
  padding: 0 10px;
}
.photo {
  grid-area: photo;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  grid-auto-columns: 230px;
  grid-auto-flow: column;
  min-height: 0;
  background: #15191a;
}
.photo > * {
  min-height: 0;
}
.where {
  display: grid;
  place-items: center;
  background: var(--ground);
  padding: 10px;
}
.below {
  grid-area: below;
  border-top: 2px solid var(--rule);
  max-height: 270px;
  overflow: auto;
}
@media (max-width: 1000px) {
  .proof {
    display: flex;
    flex-direction: column;
    overflow: auto;
  }
  .proof > * {
    flex: none;
    border-right: 0;
  }
  .photo {
    height: min(56vw, 40vh);
    grid-auto-columns: 38%;
  }
  .act {
    position: sticky;
    bottom: 0;
    order: 5;
    z-index: 2;
    background: var(--ground);
    border-top: 2px solid var(--rule);
    padding: 8px;
  }
  .below {
    max-height: none;
  }
}
</style>
