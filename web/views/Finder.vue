<script setup lang="ts">
import type { Ranked } from '@dialytica/core/finder'
import { text } from '@dialytica/core/words'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useCommands } from '../commands.ts'
import Cutaway from '../parts/Cutaway.vue'
import AskFinder from '../parts/finder/AskFinder.vue'
import SearchOn from '../parts/finder/SearchOn.vue'
import SearchSteps from '../parts/finder/SearchSteps.vue'
import WeighTray from '../parts/finder/WeighTray.vue'
import PhotoStage from '../parts/PhotoStage.vue'
import Problem from '../parts/Problem.vue'
import { useJob } from '../stores/job.ts'
import { useSearch } from '../stores/search.ts'
import { toJob } from '../ways.ts'

/** What is left over, where it belongs, and in which order to look. */
const job = useJob()
const search = useSearch()
const router = useRouter()
const problem = ref('')
const asking = ref(false)
const shown = ref<Ranked | null>(null)
const finding = computed(() => search.finding)
watch(
  () => search.current?.id,
  () => {
    shown.value = null
    asking.value = false
  },
)
const tell = (refusal: string | null) => (problem.value = refusal ?? '')
/** The place that is shown on its photo: the one that was touched, else the next to look at. */
const lit = computed(() => shown.value ?? finding.value?.order.find(s => s.place)?.place ?? null)
const step = computed(() => job.state.steps.get(lit.value?.step ?? ''))
const marks = computed(() =>
  (step.value?.marks ?? [])
    .filter(m => (lit.value?.mark ? m.id === lit.value.mark : m.move === lit.value?.debt))
    .map((m, i) => ({ ...m, label: String(i + 1), now: true })),
)
function found(place: Ranked): void {
  tell(search.here(place))
}
useCommands({ back: () => void router.push(toJob(job.id, 'return')) })
</script>

<template>
  <main class="finder">
    <section class="left" aria-label="What is sought">
      <h1>{{ search.current && !asking ? `Finder: ${search.current.what}` : 'Finder' }}</h1>
      <SearchOn
        v-if="search.current && !asking"
        :finding="finding"
        @another="asking = true"
        @problem="problem = $event"
      />
      <template v-else>
        <AskFinder v-if="!job.isFixed" class="ask" />
        <WeighTray v-if="!job.isFixed" />
        <NButton v-if="search.current" @click="asking = false">Back to the search</NButton>
      </template>
      <Problem :says="problem" />
      <ul v-if="search.explained.length" class="explained" aria-label="Explained">
        <li v-for="x in search.explained" :key="x.leftover"><b>✓</b> {{ x.what }}: {{ x.by }}</li>
      </ul>
    </section>
    <section v-if="finding && !asking" class="photo" :aria-label="lit ? `Photo: ${text(lit.words)}` : 'Photo'">
      <PhotoStage :photo="step?.photos.at(-1)" :marks="marks" mark-as="Look at"
        ><p class="nothing">{{ lit ? text(lit.words) : '' }}: no photo of it.</p></PhotoStage
      >
    </section>
    <section v-if="finding && !asking" class="steps" aria-label="The search">
      <SearchSteps
        :finding="finding"
        :fixed="job.isFixed"
        :lit="lit?.id"
        @here="found"
        @miss="tell(search.lookIn($event))"
        @open="tell(search.openUp($event))"
        @turn="(to, step, reason) => tell(search.turn(to, step, reason))"
        @show="shown = $event"
      />
    </section>
    <section v-if="!finding || asking" class="hint">
      <p>
        Every hole is weighed: by what is known of the thing, by how its step was said to be back, by what looks like
        it. Then the order in which to look, with the covers that are in the way counted once.
      </p>
      <div class="machine tall">
        <Cutaway :family="job.family" :open="job.stance.open" :posture="job.stance.posture" large />
      </div>
    </section>
  </main>
</template>

<style scoped>
.finder {
  display: grid;
  grid-template: minmax(0, 46%) minmax(0, 1fr) / 400px minmax(0, 1fr);
  grid-template-areas: 'left photo' 'left steps';
}
.left {
  grid-area: left;
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding: 14px 20px;
  border-right: 2px solid var(--rule);
  overflow: auto;
  min-height: 0;
}
h1 {
  font-size: 30px;
}
.ask {
  flex: none;
}
.machine {
  flex: 1 1 240px;
  min-height: 200px;
}
.tall {
  height: 420px;
}
.photo {
  grid-area: photo;
  min-height: 0;
  border-bottom: 2px solid var(--rule);
}
.steps {
  grid-area: steps;
  overflow: auto;
  padding: 4px 18px;
}
.hint {
  grid-column: 2;
  grid-row: 1 / -1;
  padding: 24px;
  max-width: 60ch;
  display: grid;
  gap: 16px;
  align-content: start;
}
.nothing {
  padding: 24px;
  color: #ece5d6;
}
.explained li {
  color: var(--work);
  line-height: 1.25;
}
@media (max-width: 1000px) {
  .finder {
    display: block;
    overflow: auto;
  }
  .photo {
    height: 46vw;
    min-height: 200px;
  }
  .left {
    border: 0;
  }
  .hint {
    display: none;
  }
  .machine {
    height: 260px;
    flex: none;
  }
}
</style>
