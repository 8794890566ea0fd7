<script setup lang="ts">
import { nearestPhoto } from '@dialytica/core/plan'
import { onLongPress, useSwipe } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import { useCommands } from '../commands.ts'
import JobValley from '../parts/JobValley.vue'
import GateStrip from '../parts/return/GateStrip.vue'
import ThenAndNow from '../parts/return/ThenAndNow.vue'
import WhatToDo from '../parts/return/WhatToDo.vue'
import { useJob } from '../stores/job.ts'
import { useAligning } from './return/aligning.ts'
import { useFitting } from './return/fitting.ts'
import { useBehind } from './return/behind.ts'
import { useGateInHand } from './return/gate-in-hand.ts'
import { useStepInHand } from './return/step-in-hand.ts'

/** The way back: one step filling the screen, only its marks, each tapped as it is done. */
const job = useJob()
const step = useStepInHand()
const { plan, index, r, goTo, next, inHand, photo, lines, marks, show } = step
const atGate = useGateInHand(r, index)
const { gate, ahead, held, unseen, needs, nearly, shut, counted, count } = atGate
const { drawn, aligning, laid: aligned } = useAligning(r)
const { behind, inside, laid: hidden, look } = useBehind(gate, index)
/** Another photo than that of the step, where one was laid on the stage. */
const laid = computed(() => hidden.value ?? aligned.value)
const { askingNew, problem, forth, all, tapMark, passGate, undo, shoot, busy, label } = useFitting(
  step,
  atGate,
  () => inside.value?.step,
)
const near = computed(() =>
  photo.value || !r.value || r.value.turn ? undefined : nearestPhoto(job.state, r.value.step.id),
)
const at = computed(() => (r.value ? { step: r.value.step.id, way: 'back' as const } : undefined))
useCommands({ forth: () => forth(), all, back: () => goTo(index.value - 1), photo: shoot, undo })
/** By touch: a swipe turns the page, a long press on the strong action fits all that is left of a group. */
const page = ref<HTMLElement | null>(null)
const strong = ref<InstanceType<typeof NButton> | null>(null)
useSwipe(page, {
  threshold: 90,
  onSwipeEnd: (_, way) =>
    way === 'left' ? goTo(index.value + 1) : way === 'right' ? goTo(index.value - 1) : undefined,
})
onLongPress(strong, all, { delay: 700, modifiers: { prevent: true } })
</script>

<template>
  <main ref="page" class="return" :class="{ free: r && !gate }">
    <h1 v-if="!r" class="sr">Return</h1>
    <div class="valley"><JobValley :at="at" /></div>
    <p v-if="!r" class="empty">Nothing is off this machine. Record the way down first; the way back follows from it.</p>
    <template v-else>
      <WhatToDo
        v-model:aligning="aligning"
        class="say"
        :r="r"
        :index="index"
        :of="plan.length"
        :in-hand="inHand"
        :next="next"
        :held="held"
        :shut="shut"
        :drawn="drawn"
        :busy="busy"
        :fixed="job.isFixed"
        :problem="problem"
        :asking-new="askingNew"
        @all="all"
        @settle="forth"
        @shoot="shoot"
      />
      <section class="photo" aria-label="The photo as it was">
        <ThenAndNow
          :then="laid ? laid.photo : photo"
          :photos="laid ? [] : r.step.photos"
          :near="near"
          :zone="r.step.zone"
          :family="job.family"
          :now="(inside ?? r).step.later.at(-1)"
          :marks="laid?.marks ?? marks"
          :lines="laid ? [] : lines"
          :title="laid?.title"
          :turn="r.turn"
          @show="show"
          @mark="tapMark"
        />
      </section>
      <GateStrip
        v-if="gate"
        class="gate"
        :gate="gate"
        :ahead="ahead"
        :held="held"
        :needs="needs"
        :unseen="unseen"
        :nearly="nearly"
        :counted="counted"
        :family="job.family"
        :may-pass="!job.isFixed"
        :as-it-was="behind"
        :looked-at="inside?.step.id"
        @look="look"
        @pass="passGate"
        @count="count"
      />
      <div class="act">
        <NButton size="large" aria-label="Back one step" @click="goTo(index - 1)">Back</NButton>
        <NButton ref="strong" type="primary" size="large" @click="forth()">{{ label }} <kbd>Space</kbd></NButton>
      </div>
    </template>
  </main>
</template>

<style scoped>
.return {
  display: grid;
  grid-template: 112px minmax(0, 1fr) auto auto / 390px minmax(0, 1fr);
  grid-template-areas: 'valley valley' 'say photo' 'say gate' 'act gate';
  font-size: 18px;
}
.return.free {
  grid-template-areas: 'valley valley' 'say photo' 'say photo' 'act photo';
}
.valley {
  grid-area: valley;
  border-bottom: 2px solid var(--rule);
  min-height: 0;
}
.empty {
  grid-column: 1 / -1;
  padding: 32px 24px;
  font-size: 22px;
}
.say {
  grid-area: say;
}
.photo {
  grid-area: photo;
  min-height: 0;
}
.gate {
  grid-area: gate;
}
.act {
  grid-area: act;
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 10px;
  padding: 12px 22px;
  border-right: 2px solid var(--rule);
}
@media (max-width: 1000px) {
  .return {
    display: flex;
    flex-direction: column;
    overflow: auto;
  }
  .valley {
    flex: 0 0 72px;
  }
  .photo {
    flex: 0 0 min(62.5vw, 46vh);
    order: 1;
  }
  .gate {
    order: 3;
    flex: none;
  }
  .act {
    order: 4;
    position: sticky;
    bottom: 0;
    margin-top: auto;
    padding: 8px;
    background: var(--ground);
    border: 0;
    border-top: 2px solid var(--rule);
  }
}
</style>
