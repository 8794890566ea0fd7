<script setup lang="ts">
import { piecesOwed } from '@dialytica/core/ledger'
import { inWords, say, sentence, text } from '@dialytica/core/words'
import { NButton } from 'naive-ui'
import { computed, onMounted, ref, watch } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { useCommands } from '../commands.ts'
import { inShopTime } from '../data/time.ts'
import Guarded from '../parts/Guarded.vue'
import LinkButton from '../parts/LinkButton.vue'
import Problem from '../parts/Problem.vue'
import Seen from '../parts/Seen.vue'
import ShopHead from '../parts/ShopHead.vue'
import { useFloor } from '../stores/floor.ts'
import { useSession } from '../stores/session.ts'
import { useDebounceFn, useInfiniteScroll } from '@vueuse/core'
import { useDemoArrivals } from './floor/demo-arrivals.ts'
import FloorCard from './floor/FloorCard.vue'
import FloorFilter from './floor/FloorFilter.vue'
import { todayOf } from './floor/today-of.ts'
import { wayOf } from './floor/way-of.ts'

const store = useFloor()
const session = useSession()
const router = useRouter()
const loaded = ref(false)
const problem = ref('')
const now = new Date()
const arrivals = useDemoArrivals()

onMounted(async () => {
  await again()
  loaded.value = true
})
/** The machines that stand open, those that can go on today first. */
const open = computed(() => (store.floor?.jobs ?? []).map(job => ({ job, today: todayOf(job, now) })))
const goOn = computed(() => (store.floor ? store.floor.late + store.floor.goesOn : 0))
/** Those that were closed lately stand under the floor, or alone where they are asked for. */
const closed = computed(() => (store.isNarrowed && !store.showsClosed ? [] : store.closed))
async function again(): Promise<void> {
  try {
    await store.load()
    problem.value = ''
  } catch (error) {
    problem.value = (error as Error).message
  }
}
const earlier = () => store.earlier().catch((error: Error) => (problem.value = error.message))
const afterTyping = useDebounceFn(again, 180)
watch(() => store.words, afterTyping)
watch(() => store.today, again)
const view = ref<HTMLElement | null>(null)
useInfiniteScroll(view, () => store.more().catch(() => undefined), {
  distance: 600,
  canLoadMore: () => store.floor?.more ?? false,
})
const heading = computed(() => {
  const n = store.floor?.open ?? 0
  if (!n) return 'No machine stands open.'
  return n === 1 ? 'One machine stands open.' : text(sentence(say`${inWords(n)} machines stand open`))
})
useCommands({ comeIn: () => void (session.mayWork && router.push({ name: 'come-in' })) })
</script>

<template>
  <div ref="view" class="floor">
    <ShopHead>
      <LinkButton v-if="session.mayWork" type="primary" :to="{ name: 'come-in' }"
        >A machine comes in <kbd>N</kbd></LinkButton
      >
    </ShopHead>
    <main>
      <div class="title">
        <h1>{{ loaded ? heading : 'Looking at the floor.' }}</h1>
        <p v-if="store.floor?.open" class="today">{{ goOn }} of them can go on today.</p>
        <p v-if="store.floor?.pieces" class="pieces">{{ store.floor.pieces }} pieces are off them.</p>
      </div>
      <Problem :says="problem" />
      <p v-if="arrivals" class="note" role="status">
        The demo is being drawn: {{ arrivals.machines }} of {{ arrivals.of }} machines are in.
      </p>
      <FloorFilter
        v-if="store.floor && (store.isNarrowed || store.showsClosed || store.floor.open > 4)"
        :floor="store.floor"
      />
      <p
        v-if="store.isNarrowed && !store.showsClosed && loaded && !open.length && !problem"
        class="first"
        role="status"
      >
        No machine that stands open is one of these.
      </p>
      <p v-else-if="!arrivals && loaded && !open.length && !problem" class="first">
        Start with the rating plate: press N, or touch “A machine comes in”.
      </p>
      <ul v-if="!store.showsClosed" class="machines" aria-label="Machines that stand open">
        <li v-for="({ job, today }, i) in open" :key="job.id">
          <Seen :height="430" :what="`${job.model.code} ${job.unit.serial}`">
            <Guarded :what="`${job.model.code} ${job.unit.serial}`" :of="job.seq">
              <FloorCard :job="job" :today="today" :first="i === 0" :now="now" />
            </Guarded>
          </Seen>
        </li>
      </ul>
      <section v-if="closed.length" class="closed" aria-label="Closed lately">
        <h2>Closed lately</h2>
        <ul>
          <li v-for="job in closed" :key="job.id">
            <RouterLink :to="wayOf(job, now)">
              <b>{{ job.model.maker }} {{ job.model.code }}</b>
              <span class="mono">{{ job.unit.serial }}</span>
              <span>{{ job.summary.complaint }}</span>
              <span :class="job.summary.clean && job.summary.proved !== false ? 'clean' : 'debts'">{{
                job.summary.clean
                  ? job.summary.proved === false
                    ? 'not proved'
                    : 'clean'
                  : `${piecesOwed(job.summary.owed)} owed`
              }}</span>
              <span class="soft">{{ inShopTime(job.closedAt!, 'day') }}</span>
            </RouterLink>
          </li>
        </ul>
        <NButton v-if="store.showsClosed && store.moreClosed" block @click="earlier">Earlier</NButton>
      </section>
    </main>
  </div>
</template>

<style scoped>
.floor {
  display: flex;
  flex-direction: column;
  min-height: 100%;
  overflow: auto;
}
main {
  flex: 1;
  display: flex;
  flex-direction: column;
}
.title {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 20px;
  padding: 16px 22px 12px;
  border-bottom: 2px solid var(--rule);
}
h1 {
  font-size: 34px;
}
.today {
  font-weight: 650;
}
.pieces {
  color: var(--off);
}
.first {
  padding: 24px 22px;
  font-size: 20px;
}
.machines {
  flex: 1;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
}
.machines > li {
  display: flex;
  flex-direction: column;
  gap: 8px;
  padding: 16px 20px 18px;
  border-right: 2px solid var(--rule);
  border-bottom: 2px solid var(--rule);
  margin-bottom: -2px;
}
.closed {
  padding: 14px 22px 20px;
  border-top: 2px solid var(--rule);
}
.closed a {
  display: grid;
  grid-template-columns: 180px 110px 1fr 90px 70px;
  gap: 14px;
  align-items: center;
  min-height: 48px;
  text-decoration: none;
  border-bottom: 1px solid var(--hair);
}
.clean {
  color: var(--work);
  font-weight: 650;
}
.debts {
  color: var(--off);
  font-weight: 650;
}
@media (max-width: 700px) {
  .closed a {
    grid-template-columns: 1fr auto;
    gap: 2px 12px;
    padding: 8px 0;
  }
}
</style>
