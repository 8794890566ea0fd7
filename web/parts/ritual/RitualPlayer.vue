<script setup lang="ts">
import { beatsOf, beatWords, begin, play, scheduled, spoken, type Played, type Ritual } from '@dialytica/core/ritual'
import { text } from '@dialytica/core/words'
import { useEventListener, useRafFn } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { beat as tick, done as chime, wrong } from '../../devices/signals.ts'
import BeatStrip from './BeatStrip.vue'

/**
 * A ritual as it is played: the count large, what is done now and next, a strip of its time. Each beat is told by the bar, the pedal or a
 * finger, a hold as long as it is held; too early or too late, and it begins again.
 */
const props = defineProps<{ ritual: Ritual }>()
const emit = defineEmits<{ took: [is: boolean]; leave: [] }>()
const seconds = () => performance.now() / 1000
const beats = computed(() => beatsOf(props.ritual))
const now = ref(seconds())
const playing = shallowRef(begin(now.value))
watch(
  () => props.ritual,
  () => (playing.value = begin(seconds())),
)
const lines = computed(() => spoken(beats.value).map(line => text(line)))
const beat = computed(() => beats.value[playing.value.at])
const ended = computed(() => !beat.value)
const step = computed(() => beats.value.filter(b => b.step === beat.value?.step))
const inStep = computed(() => step.value.indexOf(beat.value!))
const due = computed(() => scheduled(step.value))
const ahead = computed(() => beats.value[playing.value.at + 1])
/** The time of the first step runs from its first beat. */
const begun = computed(() => playing.value.at > 0 || playing.value.pressed !== null)
const gone = computed(() => (begun.value ? Math.max(0, now.value - playing.value.stepSince) : null))
const notBefore = computed(() => {
  const { since, stepSince } = playing.value
  const wait = beat.value?.kind === 'wait' ? beat.value.seconds! : (beat.value?.apart ?? 0)
  return since - stepSince + wait
})
const leftToHold = computed(() =>
  beat.value?.kind === 'hold'
    ? Math.max(0, beat.value.seconds! - (playing.value.pressed === null ? 0 : now.value - playing.value.pressed))
    : beat.value?.kind === 'wait'
      ? Math.max(0, beat.value.seconds! - (now.value - playing.value.since))
      : null,
)
function does(what: Played['does']): void {
  now.value = seconds()
  const before = playing.value
  playing.value = play(before, beats.value, { does: what, now: now.value })
  if (playing.value.tries > before.tries) wrong()
  else if (playing.value.at > before.at) chime()
}
let sounded = ''
useRafFn(() => {
  does('tick')
  // The metronome: each beat is heard when it falls due.
  const now = beat.value && gone.value !== null ? due.value[inStep.value] : undefined
  const name = `${playing.value.tries} ${playing.value.at}`
  if (now && gone.value! >= now.from && sounded !== name) {
    sounded = name
    tick()
  }
})
const isBar = (e: KeyboardEvent) =>
  (e.key === ' ' || e.key === 'PageDown') &&
  !(e.target as HTMLElement).matches?.('input, textarea, button:not(.press), a')
useEventListener('keydown', e => {
  if (!isBar(e) || ended.value) return
  e.preventDefault()
  if (!e.repeat) does('press')
})
useEventListener('keyup', e => {
  if (!isBar(e) || ended.value) return
  e.preventDefault()
  does('release')
})
const whys = { 'too early': 'Too early', 'too late': 'Too late', 'let go': 'Let go too soon' } as const
const missed = computed(() => {
  const { missed: m } = playing.value
  return m ? `${whys[m.why]}, at: ${text(beatWords(beats.value[m.beat]!))}. It begins again.` : ''
})
/** The bar belongs to the player from the beginning, whatever was pressed before. */
const press = ref<InstanceType<typeof NButton> | null>(null)
onMounted(() => (press.value?.$el as HTMLElement | undefined)?.focus())
const again = () => (playing.value = begin(seconds()))
</script>

<template>
  <section class="player" aria-label="The ritual as it is played">
    <template v-if="beat">
      <div class="count" aria-live="polite">
        <b class="mono">{{ beat.n }}</b><span>of {{ beat.of }}</span>
      </div>
      <div class="words">
        <p class="now">now: {{ text(beatWords(beat)) }}</p>
        <p class="soft">{{ ahead ? `then: ${text(beatWords(ahead))}` : 'then it is done' }}</p>
        <p v-if="leftToHold !== null" class="mono left">{{ leftToHold.toFixed(1) }} s</p>
      </div>
      <NButton
        ref="press"
        class="press"
        type="primary"
        size="large"
        @pointerdown.prevent="does('press')"
        @pointerup="does('release')"
        @pointercancel="does('release')"
      >
        {{ beat.kind === 'hold' ? 'Hold' : beat.kind === 'wait' ? 'Wait' : beat.kind === 'see' ? 'Seen' : 'Done' }}
        <kbd>Space</kbd>
      </NButton>
      <BeatStrip class="strip" :beats="step" :done="inStep" :gone="gone" :not-before="notBefore" />
      <p class="missed" role="status">{{ missed }}</p>
      <ol class="all" aria-label="All beats">
        <li v-for="(line, i) in lines" :key="i" :class="{ done: i < playing.at, here: i === playing.at }">
          <span v-if="i < playing.at" class="mono">✓</span> {{ line }}
        </li>
      </ol>
    </template>
    <div v-else class="end">
      <h2>All beats are done.</h2>
      <p>Did the control take it?</p>
      <NButton type="primary" size="large" @click="emit('took', true)">It took it</NButton>
      <NButton size="large" @click="emit('took', false)">It did not</NButton>
      <NButton size="large" @click="again">Once more</NButton>
    </div>
    <NButton class="leave" @click="emit('leave')">Stop</NButton>
  </section>
</template>

<style scoped>
.player {
  display: grid;
  grid-template: auto auto auto auto / auto minmax(0, 1fr) auto auto;
  grid-template-areas: 'count words press leave' 'strip strip strip strip' 'missed missed missed missed' 'all all all all';
  gap: 8px 22px;
  align-items: center;
  padding: 14px 24px;
}
.count {
  grid-area: count;
  display: flex;
  align-items: baseline;
  gap: 10px;
  font-size: 26px;
}
.count b {
  font-size: 84px;
  line-height: 1;
  font-weight: 750;
}
.words {
  grid-area: words;
}
.now {
  font-size: 30px;
  font-weight: 700;
  font-stretch: 78%;
  color: var(--work);
  line-height: 1.1;
}
.left {
  font-size: 22px;
}
.press {
  grid-area: press;
  min-width: 150px;
  min-height: 84px;
  font-size: 22px;
  touch-action: none;
}
.leave {
  grid-area: leave;
}
.strip {
  grid-area: strip;
}
.missed {
  grid-area: missed;
  min-height: 24px;
  color: var(--danger);
  font-weight: 650;
}
.all {
  grid-area: all;
  columns: 2 260px;
  border-top: 2px solid var(--rule);
  padding-top: 10px;
}
.all li {
  padding: 4px 0 4px 8px;
  border-left: 6px solid transparent;
}
.all .done {
  color: var(--soft);
}
.all .here {
  border-left-color: var(--work);
  font-weight: 700;
}
.end {
  grid-column: 1 / 4;
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
}
@media (max-width: 700px) {
  .player {
    grid-template: auto auto auto auto auto auto / auto minmax(0, 1fr);
    grid-template-areas: 'count words' 'strip strip' 'missed missed' 'press press' 'leave leave' 'all all';
    padding: 10px 14px;
  }
  .count b {
    font-size: 60px;
  }
  .now {
    font-size: 24px;
  }
}
</style>
