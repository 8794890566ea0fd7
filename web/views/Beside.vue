<script setup lang="ts">
import type { Beside } from '@dialytica/core/book'
import type { Model } from '@dialytica/core/wire'
import { calls } from '@dialytica/core/wire'
import { NButton } from 'naive-ui'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { bookOfModel } from '../data/book.ts'
import { sayOfBook } from '../data/book-hand.ts'
import { layBeside } from '../data/beside.ts'
import { askOrRecall } from '../data/kept.ts'
import { useModelBook } from '../data/model-book.ts'
import BesideRow from '../parts/book/BesideRow.vue'
import { besideSays, foldedSame } from '../parts/book/beside-words.ts'
import Choice from '../parts/Choice.vue'
import LinkButton from '../parts/LinkButton.vue'
import Problem from '../parts/Problem.vue'
import ShopHead from '../parts/ShopHead.vue'
import { listed } from '../stores/machines.ts'
import { useSession } from '../stores/session.ts'
import { toBeside, toBook } from '../ways.ts'

/** The book of another model laid beside that of a model: what is the same, what is otherwise, what only one of them has. */
const { model, book, problem, reload } = useModelBook()
const session = useSession()
const route = useRoute()
const router = useRouter()
const models = shallowRef<readonly Model[]>([])
void askOrRecall(listed, calls.models, {}).then(
  all => (models.value = all),
  (error: Error) => (problem.value = error.message),
)
const other = computed(() => models.value.find(m => m.id === route.query.other))
/** Machines of the same family first. */
const others = computed(() =>
  models.value
    .filter(m => m.id !== model.value?.id)
    .sort((a, b) => Number(b.family === model.value?.family) - Number(a.family === model.value?.family))
    .map(m => ({ value: m.id, label: `${m.maker} ${m.code}` })),
)
const rows = shallowRef<readonly Beside[] | null>(null)
watch(
  [model, book, other],
  async ([one, own, sister]) => {
    rows.value = null
    if (!one || !own || !sister) return
    try {
      const laid = await layBeside(own, one.family, await bookOfModel(sister.id), sister.family)
      if (sister === other.value) rows.value = laid
    } catch (error) {
      problem.value = (error as Error).message
    }
  },
  { immediate: true },
)
const parts = computed(() => foldedSame(rows.value ?? []))
const unfolded = ref(new Set<number>())
watch(rows, () => (unfolded.value = new Set()))
const isSister = computed(() => other.value?.id === book.value?.sister)
async function nameSister(): Promise<void> {
  try {
    await sayOfBook(model.value!.id, { kind: 'sister', model: other.value!.id })
    await reload()
  } catch (error) {
    problem.value = (error as Error).message
  }
}
</script>

<template>
  <div class="beside">
    <ShopHead />
    <Problem :says="problem" />
    <main v-if="model">
      <div class="top">
        <h1>{{ model.maker }} {{ model.code }} beside another</h1>
        <p class="acts">
          <Choice
            class="which"
            label="Which model beside it"
            placeholder="which model …"
            :value="other?.id ?? ''"
            :options="others"
            @choose="router.replace(toBeside(model.id, $event))"
          />
          <LinkButton :to="toBook(model.id)">Its book</LinkButton>
          <template v-if="other">
            <span v-if="isSister" class="soft">
              Its sister: a job on {{ model.code }} starts from the book of {{ other.code }} while none of its own is
              closed.
            </span>
            <NButton v-else-if="session.person?.role === 'lead'" @click="nameSister">Name it the sister</NButton>
          </template>
        </p>
      </div>
      <p v-if="!other" class="soft">Choose a model: its book is laid beside this one, act by act.</p>
      <p v-else-if="!rows && !problem" class="soft" role="status">The two books are being laid side by side.</p>
      <p v-else-if="rows && !rows.length" class="soft">
        No job on either of them is closed yet: there is nothing to lay side by side.
      </p>
      <template v-else-if="rows">
        <p class="sum" role="status">{{ besideSays(rows, model.code, other.code) }}.</p>
        <section tabindex="0" aria-label="Side by side">
          <div class="names" aria-hidden="true">
            <h2>{{ model.code }}</h2>
            <h2>{{ other.code }}</h2>
          </div>
          <template v-for="(part, i) in parts" :key="i">
            <BesideRow v-if="'row' in part" :row="part.row" :here="model.code" :there="other.code" />
            <template v-else>
              <NButton
                class="fold"
                block
                :aria-expanded="unfolded.has(i)"
                @click="unfolded.has(i) ? unfolded.delete(i) : unfolded.add(i)"
                >{{ part.same.length === 1 ? 'one act' : `${part.same.length} acts` }} the same</NButton
              >
              <template v-if="unfolded.has(i)">
                <BesideRow
                  v-for="row in part.same"
                  :key="row.here!.id"
                  :row="row"
                  :here="model.code"
                  :there="other.code"
                />
              </template>
            </template>
          </template>
        </section>
      </template>
    </main>
  </div>
</template>

<style scoped>
.beside {
  display: flex;
  flex-direction: column;
  height: 100%;
}
main {
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
}
.top {
  padding: 12px 24px;
  border-bottom: 2px solid var(--rule);
}
h1 {
  font-size: 28px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  margin-top: 6px;
}
.which {
  width: 240px;
}
main > p {
  padding: 10px 24px;
}
.sum {
  font-weight: 650;
}
section {
  flex: 1;
  overflow: auto;
  padding: 0 24px 24px;
}
.names {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 190px minmax(0, 1fr);
  gap: 16px;
  padding-bottom: 4px;
}
.names h2:last-child {
  grid-column: 3;
}
h2 {
  font-size: 20px;
}
.fold {
  margin: 4px 0;
}
@media (max-width: 700px) {
  .beside,
  main {
    display: block;
    height: auto;
  }
  .names {
    display: none;
  }
}
</style>
