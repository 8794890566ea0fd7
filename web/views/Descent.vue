<script setup lang="ts">
import { owedByZone, zoneTitle, type Glyph as GlyphKind } from '@dialytica/core'
import { computed, nextTick, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { takePhoto } from '../data/take-photo.ts'
import { viewOf } from '../devices/away.ts'
import { useKeys } from '../devices/keys.ts'
import { simulatedCamera } from '../devices/simulated-camera.ts'
import { done as chime } from '../devices/signals.ts'
import CameraPanel from '../parts/CameraPanel.vue'
import Cutaway from '../parts/Cutaway.vue'
import GlyphBar from '../parts/GlyphBar.vue'
import MoveList from '../parts/MoveList.vue'
import JobValley from '../parts/JobValley.vue'
import MoveFields from '../parts/moves/MoveFields.vue'
import { glyphKeys } from '../parts/moves/fields.ts'
import PhotoStage, { type ShownMark } from '../parts/PhotoStage.vue'
import StandsHere from '../parts/StandsHere.vue'
import StepRecord from '../parts/StepRecord.vue'
import Tray from '../parts/Tray.vue'
import { useDraft } from '../stores/draft.ts'
import { useJob } from '../stores/job.ts'
import { useSession } from '../stores/session.ts'

/** The way down: photo first, taps on it, what is known of it, done. */
const job = useJob()
const draft = useDraft()
const route = useRoute()
const router = useRouter()
const busy = ref(false)
const problem = ref('')
const zoning = ref(false)
const readOnly = computed(() => job.closed || useSession().person?.role === 'viewer')

/** An earlier step is looked at when the address names it; else the step in hand. */
const looked = computed(() => {
  const id = route.query.step
  return typeof id === 'string' ? job.state.steps.get(id) : undefined
})
const shownStep = computed(() => looked.value ?? draft.step)
const photo = computed(() =>
  looked.value ? (looked.value.photos.at(-1) ?? undefined) : draft.step.photos.find(p => p.hash === draft.photo),
)
const zones = computed(() => Object.fromEntries(owedByZone(job.debts)))
const at = computed(() => (looked.value ? { step: looked.value.id, way: 'down' as const } : undefined))
const number = computed(() => (looked.value ? job.state.order.indexOf(looked.value.id) + 1 : job.state.order.size + 1))
const marks = computed<ShownMark[]>(() =>
  shownStep.value.marks.map(m => {
    const move = shownStep.value.moves.find(v => v.id === m.move)
    const label = move?.cell ?? (move?.kind === 'unplug' ? move.connector.label : undefined)
    return { ...m, label, now: !looked.value && m.move === draft.move?.id }
  }),
)
watch(looked, () => (zoning.value = false))
/** Whoever opens the machine by a key goes on by keys. */
watch(zoning, async open => {
  await nextTick()
  if (open) document.querySelector<SVGElement>('[role=radio][tabindex="0"]')?.focus()
})

async function keep(blob: Promise<Blob> | Blob): Promise<void> {
  busy.value = true
  problem.value = ''
  try {
    draft.addPhoto(await takePhoto(await blob))
  } catch (error) {
    problem.value = (error as Error).message
  } finally {
    busy.value = false
  }
}
const simulate = () =>
  !looked.value &&
  !readOnly.value &&
  !busy.value &&
  keep(simulatedCamera.take(viewOf(job.state, job.family, draft.step.zone, draft.step)))

function pick(kind: GlyphKind): void {
  if (looked.value || readOnly.value) return
  draft.glyph = kind
  if (kind === 'posture' || !photo.value) draft.beginMove(kind)
}
function stepDown(): void {
  if (looked.value) return void router.replace({ query: {} })
  if (readOnly.value || busy.value) return
  problem.value = draft.record() ?? ''
  if (!problem.value) chime()
}
function setZone(zone: string): void {
  draft.setZone(zone)
}
function tapMark(id: string): void {
  if (looked.value) return
  const mark = draft.step.marks.find(m => m.id === id)
  if (mark?.move === draft.move?.id) draft.removeMark(id)
  else draft.choose(mark?.move ?? null)
}
function count(by: number): void {
  const move = draft.move
  if (looked.value || !move || !('count' in move) || move.count + by < 1) return
  draft.retell({ ...move, count: move.count + by })
}
function putIn(cell: string): void {
  if (draft.move && !looked.value) draft.retell({ ...draft.move, cell })
}
const back = () => {
  const order = job.state.order
  const here = looked.value ? order.indexOf(looked.value.id) : order.size
  if (here > 0) void router.replace({ query: { step: order.get(here - 1) } })
}
const forth = () => {
  if (!looked.value) return void stepDown()
  const next = job.state.order.get(job.state.order.indexOf(looked.value.id) + 1)
  void router.replace({ query: next ? { step: next } : {} })
}
useKeys({
  p: simulate,
  ' ': forth,
  PageDown: forth,
  PageUp: back,
  u: () => draft.undo(),
  '+': () => count(1),
  '-': () => count(-1),
  z: () => (zoning.value = !zoning.value),
  d: () => router.push(`/jobs/${job.id}/close`),
  Escape: () => (zoning.value ? (zoning.value = false) : looked.value && router.replace({ query: {} })),
  ...Object.fromEntries(glyphKeys.map(([key, kind]) => [key, () => pick(kind)])),
})
</script>

<template>
  <main class="descent">
    <h1 class="sr">Descent, step {{ number }}</h1>
    <div class="valley"><JobValley :at="at" /></div>
    <StandsHere
      class="where"
      :family="job.family"
      :zone="shownStep.zone"
      :standing="job.standing"
      :owed="zones"
      :disabled="Boolean(looked) || readOnly"
      :at-work="!looked && !job.closed"
      @choose="zoning = !zoning"
    />
    <section class="photo" aria-label="Photo of this step">
      <div v-if="zoning" class="choosing">
        <Cutaway
          :family="job.family"
          :zone="draft.step.zone"
          :open="job.standing.open"
          choose
          large
          @choose="setZone"
        />
        <button class="btn go" type="button" @click="zoning = false">
          Here: {{ draft.step.zone ? zoneTitle(job.family, draft.step.zone) : 'touch the machine' }}
        </button>
      </div>
      <PhotoStage
        v-else
        :photo="photo"
        :marks="marks"
        :glyph="looked || readOnly ? undefined : draft.glyph"
        mark-as="Marked"
        @tap="draft.tapAt"
        @mark="tapMark"
      >
        <CameraPanel v-if="!looked && !readOnly" :busy="busy" :problem="problem" @simulate="simulate" @taken="keep" />
        <p v-else class="nothing">
          {{ looked ? 'No photo was taken of this step.' : 'Nothing is being recorded here.' }}
        </p>
      </PhotoStage>
    </section>
    <section class="tray-side" aria-label="Tray">
      <div class="tray-head">
        <h2>Tray</h2>
        <span class="soft"
          >next: <b class="mono">{{ draft.next ?? 'full' }}</b></span
        >
      </div>
      <Tray
        :debts="job.debts"
        :step="looked ? undefined : draft.step"
        :chosen="looked ? undefined : draft.move?.cell"
        :next="draft.next"
        @choose="putIn"
      />
    </section>
    <section class="line" aria-label="This step">
      <GlyphBar v-if="!looked && !readOnly" :glyph="draft.glyph" @pick="pick" />
      <StepRecord v-if="looked" :step="looked" :number="number" />
      <div v-else class="moves">
        <p v-if="!shownStep.moves.length" class="soft">Step {{ number }}: touch what comes off, on the photo.</p>
        <MoveList v-else :moves="shownStep.moves" :chosen="draft.move?.id" @choose="draft.choose" />
        <MoveFields
          v-if="draft.move"
          :move="draft.move"
          :family="job.family"
          :zone="draft.step.zone"
          @tell="draft.retell"
          @as="draft.retellAs"
          @drop="draft.removeMove(draft.move!.id)"
        />
        <p v-if="problem && photo" class="note danger" role="alert">{{ problem }}</p>
      </div>
    </section>
    <div class="act">
      <button v-if="looked" class="btn go big" type="button" @click="router.replace({ query: {} })">
        Back to the step in hand
      </button>
      <template v-else-if="!readOnly">
        <button v-if="photo && !zoning" class="btn" type="button" :disabled="busy" @click="simulate">
          Photo <kbd>P</kbd>
        </button>
        <button class="btn go big" type="button" @click="stepDown">Step down <kbd>Space</kbd></button>
      </template>
      <button v-else class="btn big" type="button" @click="router.push(`/jobs/${job.id}/return`)">To the return</button>
    </div>
  </main>
</template>

<style scoped>
.descent {
  display: grid;
  grid-template: 112px minmax(0, 1fr) auto / 208px minmax(0, 1fr) 292px;
  grid-template-areas: 'valley valley valley' 'where photo tray' 'line line act';
  font-size: 18px;
}
.valley {
  grid-area: valley;
  border-bottom: 2px solid var(--rule);
  min-height: 0;
}
.where {
  grid-area: where;
}
.photo {
  grid-area: photo;
  position: relative;
  min-height: 0;
  background: #15191a;
}
.choosing {
  position: absolute;
  inset: 0;
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  gap: 8px;
  padding: 12px;
  background: var(--ground);
}
.nothing {
  padding: 24px;
  color: #ece5d6;
}
.tray-side {
  grid-area: tray;
  border-left: 2px solid var(--rule);
  padding: 10px 12px;
  overflow: auto;
}
.tray-head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  margin-bottom: 6px;
}
h2 {
  font-size: 20px;
}
.line {
  grid-area: line;
  border-top: 2px solid var(--rule);
  background: var(--sheet);
  padding: 8px 14px;
  display: grid;
  gap: 8px;
  align-content: start;
  min-height: 172px;
  min-width: 0;
}
.moves {
  display: grid;
  gap: 8px;
}
.act {
  grid-area: act;
  border-top: 2px solid var(--rule);
  background: var(--sheet);
  padding: 14px;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.act .big {
  flex: 1;
}
@media (max-width: 1000px) {
  .descent {
    display: flex;
    flex-direction: column;
    overflow: auto;
  }
  .valley {
    flex: 0 0 72px;
  }
  .photo {
    flex: 0 0 min(62.5vw, 46vh);
  }
  .choosing {
    position: relative;
    min-height: 420px;
  }
  .photo:has(.choosing) {
    flex: 0 0 440px;
  }
  .line {
    flex: none;
    order: 3;
  }
  .tray-side {
    order: 4;
    border: 0;
    border-top: 2px solid var(--rule);
    flex: none;
    padding-bottom: 110px;
  }
  .act {
    position: sticky;
    bottom: 0;
    order: 5;
    margin-top: auto;
    padding: 8px;
    flex-direction: row;
  }
}
</style>
