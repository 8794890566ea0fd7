<script setup lang="ts">
import { compareAs, comparePoint, keepVerdict, unmakeFit } from '@dialytica/core/acts'
import {
  adaptationsOf,
  compareParts,
  kindNames,
  partsAtHand,
  toldOf,
  type Looked,
  type PartAtHand,
  type Told,
} from '@dialytica/core/fit'
import { whyNot } from '@dialytica/core/log'
import { text } from '@dialytica/core/words'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import Choice from '../parts/Choice.vue'
import LearntBefore from '../parts/bench/LearntBefore.vue'
import MakeFit from '../parts/bench/MakeFit.vue'
import BenchWays from '../parts/bench/BenchWays.vue'
import InPieces from '../parts/bench/InPieces.vue'
import OldPart from '../parts/bench/OldPart.vue'
import PartsList from '../parts/bench/PartsList.vue'
import PointRow from '../parts/bench/PointRow.vue'
import SideBySide from '../parts/bench/SideBySide.vue'
import VerdictSays from '../parts/bench/VerdictSays.vue'
import type { BenchWay } from '../parts/bench/bench-ways.ts'
import WhoHasIt from '../parts/bench/WhoHasIt.vue'
import Problem from '../parts/Problem.vue'
import { useJob } from '../stores/job.ts'
import { useTriage } from '../stores/triage.ts'

/** The bench: the old part in one hand, the new one in the other, point by point between them; what that says, and what it changes. */
const job = useJob()
const triage = useTriage()
void triage.load()
const route = useRoute()
const router = useRouter()
const problem = ref('')
const suspects = computed(() => {
  const cause = triage.suspect?.cause
  return cause && cause.price > 0 ? [cause.part] : []
})
const named = computed(() => (typeof route.query.part === 'string' ? route.query.part : undefined))
const known = computed(() => partsAtHand(job.state, suspects.value))
/** The parts of the job, with one that is only named in the address. */
const parts = computed(() =>
  !named.value || known.value.some(p => p.key === named.value)
    ? known.value
    : partsAtHand(job.state, [...suspects.value, named.value]),
)
const part = computed<PartAtHand | undefined>(
  () => parts.value.find(p => p.key === named.value) ?? parts.value.find(p => p.isNew) ?? parts.value[0],
)
const choose = (key: string) => void router.replace({ query: { part: key } })
const comparison = computed(() => (part.value ? compareParts(part.value.kind, toldOf(job.state, part.value)) : null))
const kinds = kindNames().map(k => ({ value: k, label: k }))
const tell = (point: string, told: Told) =>
  (problem.value = whyNot(job.act(comparePoint(part.value!, point, told))) ?? '')
const keep = () => (problem.value = whyNot(job.act(keepVerdict(part.value!, comparison.value!))) ?? '')

const made = computed(() => (part.value ? adaptationsOf(job.state, part.value) : []))
const adapts = computed(
  () =>
    comparison.value?.points.filter(
      p => p.says?.how === 'adapt' && p.says.by?.does !== 'over' && !made.value.some(m => m.point === p.point.name),
    ) ?? [],
)
/** How the two are held side by side. */
const way = ref<BenchWay>('points')
const sectionOf = { points: 'Old against new', photos: 'Side by side', pieces: 'In pieces' } as const
/** What was scrapped, by the words of its debt. */
const labelOf = (id: string) => text(job.state.debts.get(id)?.label ?? '')
const unmake = (id: string) => (problem.value = whyNot(job.act(unmakeFit(job.state, id))) ?? '')
const making = ref<string | null>(null)
const inHand = computed<Looked | undefined>(() => adapts.value.find(p => p.point.name === making.value))
watch(
  () => part.value?.key,
  () => {
    making.value = null
    problem.value = ''
  },
)
</script>

<template>
  <main class="bench">
    <h1 class="sr">Bench{{ part ? `, ${part.name}` : '' }}</h1>
    <PartsList class="list" :parts="parts" :chosen="part?.key" @choose="choose" />
    <template v-if="part && comparison">
      <section :class="['points', { photos: way !== 'points' }]" tabindex="0" :aria-label="sectionOf[way]">
        <div class="ways"><BenchWays v-model="way" /></div>
        <SideBySide v-if="way === 'photos'" :part="part" @tell="tell" />
        <InPieces v-else-if="way === 'pieces'" :part="part" />
        <template v-else>
          <header>
            <h2>Old</h2>
            <Choice
              class="kind"
              :value="part.kind.name"
              label="Compared as"
              :options="kinds"
              @choose="problem = whyNot(job.act(compareAs(part, $event))) ?? ''"
            />
            <h2>New</h2>
          </header>
          <ol>
            <PointRow
              v-for="p in comparison.points"
              :key="`${part.key} ${p.point.name}`"
              :of="p"
              :fixed="job.isFixed"
              @tell="tell(p.point.name, $event)"
            />
          </ol>
        </template>
      </section>
      <section v-if="way === 'points'" class="says" tabindex="0" aria-label="What it says">
        <p class="soft">{{ part.name }}</p>
        <LearntBefore :part="part" />
        <VerdictSays :of="comparison" />
        <Problem :says="problem" />
        <NButton v-if="!job.isFixed && comparison.verdict !== 'cannot tell'" type="primary" @click="keep">{{
          comparison.verdict === 'send back' ? 'Keep it: it goes back' : 'Keep it: compared'
        }}</NButton>
        <template v-if="!job.isFixed">
          <template v-for="p in adapts" :key="p.point.name">
            <MakeFit v-if="inHand === p" :part="part" :of="p" @done="making = null" />
            <NButton v-else @click="making = p.point.name">Make it fit: {{ p.point.name }}</NButton>
          </template>
        </template>
        <div v-for="m in made" :key="m.id" class="made">
          <p>
            In the return: {{ m.says
            }}<template v-if="m.scrapped.length"> Scrapped: {{ m.scrapped.map(labelOf).join(', ') }}.</template>
          </p>
          <NButton v-if="!job.isFixed" @click="unmake(m.id)">Take it back</NButton>
        </div>
        <OldPart :part="part" />
        <WhoHasIt v-if="part.isNew" :part="part" />
      </section>
    </template>
    <p v-else class="empty">Nothing lies on the bench yet. Take a part off, or name the one that is to come.</p>
  </main>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-columns: 250px minmax(0, 1fr) 380px;
  min-height: 0;
  font-size: 18px;
}
.bench > :not(.sr) {
  overflow: auto;
  padding: 14px 16px;
}
.list {
  border-right: 2px solid var(--rule);
}
.points {
  padding: 0;
}
.photos {
  grid-column: 2 / -1;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
}
.ways {
  padding: 8px 14px;
  border-bottom: 1px solid var(--hair);
}
.points header {
  position: sticky;
  top: 0;
  z-index: 1;
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr) minmax(0, 1fr);
  align-items: center;
  background: var(--ground);
  border-bottom: 2px solid var(--rule);
}
.points h2 {
  padding: 4px 14px;
  font-size: 30px;
}
.points h2:last-child {
  text-align: right;
}
.kind {
  width: 100%;
}
ol {
  list-style: none;
  padding: 0;
}
.says {
  display: flex;
  flex-direction: column;
  gap: 12px;
  border-left: 2px solid var(--rule);
}
.made {
  border-left: 6px solid var(--work);
  padding-left: 12px;
}
.empty {
  grid-column: 2 / -1;
  font-size: 22px;
}
@media (max-width: 1000px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
    overflow: auto;
  }
  .bench > * {
    overflow: visible;
  }
  .list,
  .says {
    border: 0;
    border-bottom: 2px solid var(--rule);
  }
}
</style>
