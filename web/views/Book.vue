<script setup lang="ts">
import { minutesSay, type HandBody } from '@dialytica/core/book'
import { addressOf, calls } from '@dialytica/core/wire'
import { NButton } from 'naive-ui'
import { computed, nextTick, ref, shallowRef, watch } from 'vue'
import { handOfModel, sayOfBook, type HandSaid } from '../data/book-hand.ts'
import { useModelBook } from '../data/model-book.ts'
import BookKit from '../parts/book/BookKit.vue'
import BookRow from '../parts/book/BookRow.vue'
import BookSpine from '../parts/book/BookSpine.vue'
import JobsBehind from '../parts/book/JobsBehind.vue'
import LeadsHand from '../parts/book/LeadsHand.vue'
import LinkButton from '../parts/LinkButton.vue'
import Problem from '../parts/Problem.vue'
import ShopHead from '../parts/ShopHead.vue'
import { useSession } from '../stores/session.ts'
import { toBeside, toModelWayIn } from '../ways.ts'

/** The book of a model: what its closed jobs say together, at a glance and step by step. It prints as the whole way down. */
const { model, book, problem, reload } = useModelBook()
const session = useSession()
const isLead = computed(() => session.person?.role === 'lead')
const acts = computed(() => (isLead.value ? book.value?.steps.flatMap(s => s.acts) : undefined))
const said = shallowRef<HandSaid[]>([])
watch(
  () => model.value?.id,
  async id => (said.value = id ? await handOfModel(id) : []),
  { immediate: true },
)
async function say(body: HandBody): Promise<void> {
  const { id } = model.value!
  try {
    await sayOfBook(id, body)
    await reload()
    said.value = await handOfModel(id)
  } catch (error) {
    problem.value = (error as Error).message
  }
}
const chosen = ref<number | null>(null)
const serials = computed(() => new Map(book.value?.recordings.map(r => [r.job, r.serial])))
const count = computed(() => book.value?.recordings.length ?? 0)
const rows = ref<HTMLElement | null>(null)
async function choose(index: number): Promise<void> {
  chosen.value = index
  await nextTick()
  rows.value?.children[index]?.scrollIntoView({ block: 'center' })
}
</script>

<template>
  <div class="book">
    <ShopHead />
    <Problem :says="problem" />
    <main v-if="!book && !problem" class="soft waits">
      <p role="status">The book is being read, and brought up to date.</p>
    </main>
    <main v-if="model && book">
      <div class="top">
        <h1>{{ model.maker }} {{ model.code }}, its book</h1>
        <p v-if="count">
          From {{ count === 1 ? 'one closed job' : `${count} closed jobs`
          }}<template v-if="book.minutes"
            >, down in {{ minutesSay(book.minutes.median) }} min<template v-if="book.minutes.of > 2">
              (half of them {{ minutesSay(book.minutes.low) }} to {{ minutesSay(book.minutes.high) }})</template
            ></template
          >.
        </p>
        <p v-else>No job of this model is closed yet: its book begins with the first.</p>
        <p class="acts">
          <NButton
            v-if="count"
            tag="a"
            :href="addressOf(calls.bookPdf, { model: model.id })"
            target="_blank"
            rel="noopener"
            >Sheet, down and back (PDF)</NButton
          >
          <NButton v-if="count" tag="a" :href="addressOf(calls.bookParcel, { model: model.id })"
            >Book with its recordings (zip)</NButton
          >
          <LinkButton :to="toModelWayIn(model.id)">Ways in</LinkButton>
          <LinkButton :to="toBeside(model.id, book.sister)">Beside another</LinkButton>
        </p>
      </div>
      <div v-if="count" class="two">
        <section class="glance" tabindex="0" aria-label="At a glance">
          <BookSpine :book="book" :chosen="chosen" @choose="choose" />
          <p class="soft key">
            Minutes at the left; as wide as many jobs; beside it what fewer than half did; ▲ something was learnt.
          </p>
        </section>
        <section class="steps" tabindex="0" aria-label="Step by step">
          <BookKit :book="book" :family="model.family" />
          <div v-for="w in book.ways" :key="w.covers.join()" class="way">
            <h2>In by {{ w.covers.join(', then ') || 'no cover' }}</h2>
            <JobsBehind :jobs="w.jobs" :serials="serials" />
          </div>
          <ol ref="rows">
            <li v-for="(step, i) in book.steps" :key="step.acts[0]!.id" :class="{ chosen: i === chosen }">
              <BookRow :step="step" :number="i + 1" :serials="serials" :acts="acts" @say="say" />
            </li>
          </ol>
          <LeadsHand :book="book" :said="said" :may="isLead" @say="say" />
        </section>
      </div>
    </main>
  </div>
</template>

<style scoped>
.book {
  display: flex;
  flex-direction: column;
  height: 100%;
}
main {
  flex: 1;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  min-height: 0;
}
.top {
  padding: 12px 24px;
  border-bottom: 2px solid var(--rule);
}
h1 {
  font-size: 28px;
}
h2 {
  font-size: 18px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-top: 6px;
}
.waits {
  padding: 24px;
}
.two {
  display: grid;
  grid-template-columns: 282px minmax(0, 1fr);
  min-height: 0;
}
.glance,
.steps {
  overflow: auto;
  padding: 12px 16px;
}
.glance {
  border-right: 2px solid var(--rule);
}
.key {
  font-size: 15px;
  line-height: 1.2;
}
.way {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: baseline;
  padding-bottom: 6px;
}
ol {
  list-style: none;
}
li.chosen {
  background: var(--work-wash);
  box-shadow: -10px 0 0 var(--work);
}
@media (max-width: 700px) {
  .book,
  main,
  .two {
    display: block;
    height: auto;
  }
}
@media print {
  .glance {
    display: none;
  }
  .book,
  main,
  .two,
  .steps {
    display: block;
    overflow: visible;
  }
}
</style>
