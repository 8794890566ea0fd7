<script setup lang="ts">
import { zoneTitle } from '@dialytica/core/machine'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useCommands } from '../commands.ts'
import { done as chime } from '../devices/signals.ts'
import BeforeTurn from '../parts/BeforeTurn.vue'
import Cutaway from '../parts/Cutaway.vue'
import LineEntry from '../parts/line/LineEntry.vue'
import OwedByStep from '../parts/line/OwedByStep.vue'
import { clock } from '../parts/narration/clock.ts'
import DraftActs from '../parts/narration/DraftActs.vue'
import DraftMoves from '../parts/narration/DraftMoves.vue'
import NarrationPhotos from '../parts/narration/NarrationPhotos.vue'
import SpokenText from '../parts/narration/SpokenText.vue'
import TakeInNarration from '../parts/narration/TakeInNarration.vue'
import TimeStrip from '../parts/narration/TimeStrip.vue'
import Problem from '../parts/Problem.vue'
import { useJob } from '../stores/job.ts'
import { useNarration } from '../stores/narration.ts'
import { toJob } from '../ways.ts'

/** What somebody told while it came apart, looked at draft by draft beside the text: kept, corrected as a line, merged, parted, dropped. */
const job = useJob()
const narration = useNarration()
const router = useRouter()
const entry = ref<InstanceType<typeof LineEntry> | null>(null)
const chosen = ref(0)
const ready = ref(false)
void narration.load().then(() => (ready.value = true))
watch(
  () => narration.draft?.id,
  () => (chosen.value = 0),
)

const draft = computed(() => narration.draft)
const isOpen = computed(() => draft.value?.state === 'open' && !job.isFixed)
const total = computed(() => narration.taken?.drafts.length ?? 0)
const stands = computed(() =>
  draft.value?.state === 'kept' ? 'kept as a step' : draft.value?.state === 'dropped' ? 'dropped' : 'to look at',
)
function keep(): void {
  if (!isOpen.value) return go(1)
  const before = narration.kept
  narration.keep()
  if (narration.kept > before) chime()
}
function go(by: -1 | 1): void {
  narration.takeLine()
  narration.go(narration.taken!.at + by)
}
function leave(): void {
  narration.putAway()
  void router.push(toJob(job.id, 'descent'))
}
useCommands({
  forth: () => draft.value && keep(),
  back: () => draft.value && go(-1),
  remove: () => narration.drop(),
  merge: () => isOpen.value && narration.merge(),
  part: () => isOpen.value && narration.part(chosen.value),
  undo: () => narration.undo(),
  line: () => entry.value?.focus(),
})
</script>

<template>
  <main v-if="ready" class="narration">
    <TakeInNarration v-if="!narration.taken" />
    <section v-else-if="!draft" class="none">
      <h1>{{ narration.taken.name }}</h1>
      <p>Nothing that was said in it is an act of taking apart. Its text is not kept in the record.</p>
      <NButton type="primary" size="large" @click="narration.putAway()">Take another</NButton>
    </section>
    <template v-else>
      <TimeStrip
        class="strip"
        :spoken="narration.taken.spoken"
        :drafts="narration.taken.drafts"
        :at="narration.taken.at"
        @go="narration.go"
      />
      <section class="where" aria-label="Zone">
        <div class="machine">
          <Cutaway
            :family="job.family"
            :zone="narration.taken.zone"
            :open="job.stance.open"
            :posture="job.stance.posture"
            choose
            @choose="narration.setZone"
          />
        </div>
        <p>
          <b>{{ narration.taken.zone ? zoneTitle(job.family, narration.taken.zone) : 'zone not named' }}</b>
        </p>
        <p class="soft small">{{ narration.taken.name }}: {{ narration.kept }} kept, {{ narration.open }} to look at</p>
        <NButton class="away" @click="leave">{{ narration.open ? 'Put it away' : 'Done: to the descent' }}</NButton>
      </section>
      <section class="draft" aria-label="The draft in hand">
        <h1>
          Draft {{ narration.taken.at + 1 }} of {{ total }}
          <span class="soft">{{ clock(draft.from) }} to {{ clock(draft.to) }}, {{ stands }}</span>
        </h1>
        <DraftMoves
          v-if="narration.shown"
          :draft="narration.shown"
          :chosen="chosen"
          @choose="chosen = $event"
          @retell="narration.retell"
          @part="narration.part"
        />
        <BeforeTurn :step="draft.id" :needs="narration.needs" :fixed="!isOpen" />
        <NarrationPhotos v-if="isOpen" />
      </section>
      <SpokenText
        class="text"
        :spoken="narration.taken.spoken"
        :draft="draft"
        :back="narration.taken.back"
        @note="narration.noteBack"
      />
      <section class="line" aria-label="The draft as a line">
        <LineEntry
          v-if="isOpen"
          ref="entry"
          :line="narration.line"
          :parsed="narration.parsed"
          label="Correct it as a line"
          placeholder="what was done, as a line"
          :most="4000"
          @write="narration.typed = $event"
          @enter="narration.takeLine"
        >
          <OwedByStep :moves="narration.step?.moves ?? []" />
        </LineEntry>
        <Problem :says="narration.problem" />
      </section>
      <DraftActs
        class="act"
        :open="isOpen"
        :first="narration.taken.at === 0"
        @drop="narration.drop()"
        @merge="narration.merge()"
        @undo="narration.undo()"
        @back="go(-1)"
        @keep="keep"
      />
    </template>
  </main>
</template>

<style scoped>
.narration {
  display: grid;
  grid-template: auto minmax(0, 1fr) auto / 252px minmax(0, 1fr) 380px;
  grid-template-areas: 'strip strip strip' 'where draft text' 'line line act';
  font-size: 18px;
  min-height: 0;
}
.narration > .take,
.narration > .none {
  grid-column: 1 / -1;
  grid-row: 1 / -1;
}
.none {
  padding: 26px;
  display: grid;
  gap: 14px;
  align-content: start;
  justify-items: start;
}
.strip {
  grid-area: strip;
}
.where {
  grid-area: where;
  border-right: 2px solid var(--rule);
  padding: 8px 12px;
  overflow: auto;
  display: flex;
  flex-direction: column;
  gap: 4px;
}
.machine {
  height: 210px;
}
.away {
  margin-top: auto;
}
.draft {
  grid-area: draft;
  overflow: auto;
  padding: 8px 14px;
  display: grid;
  gap: 10px;
  align-content: start;
}
h1 {
  font-size: 24px;
}
h1 .soft {
  font-size: 18px;
  font-weight: 500;
}
.text {
  grid-area: text;
  border-left: 2px solid var(--rule);
}
.line {
  grid-area: line;
  border-top: 2px solid var(--rule);
  background: var(--sheet);
  padding: 6px 14px 8px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 4px;
  align-content: end;
  min-width: 0;
  min-height: 128px;
}
.act {
  grid-area: act;
  border-top: 2px solid var(--rule);
  background: var(--sheet);
  padding: 8px 12px;
  min-width: 0;
}
@media (max-width: 1000px) {
  .narration {
    display: flex;
    flex-direction: column;
    overflow: auto;
  }
  .where {
    order: 3;
    border-right: 0;
    overflow: visible;
    flex: none;
  }
  .machine {
    height: 150px;
  }
  .draft,
  .text,
  .line {
    flex: none;
    overflow: visible;
    border-left: 0;
  }
  .text {
    max-height: 320px;
    border-top: 2px solid var(--rule);
    order: 4;
  }
  .act {
    position: sticky;
    bottom: 0;
    margin-top: auto;
    order: 5;
  }
}
</style>
