<script setup lang="ts">
import type { From } from '@dialytica/core/access'
import type { Book } from '@dialytica/core/book'
import { calls, type Model } from '@dialytica/core/wire'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { bookOfModel } from '../data/book.ts'
import { askOrRecall } from '../data/kept.ts'
import WaysIn from '../parts/access/WaysIn.vue'
import Problem from '../parts/Problem.vue'
import ShopHead from '../parts/ShopHead.vue'

/** The ways in of a model, before one of its machines is opened. */
const route = useRoute()
const router = useRouter()
const model = shallowRef<Model | null>(null)
const book = shallowRef<Book | null>(null)
const problem = ref('')
const from: From = { open: [], done: new Set(), stands: 'upright' }
const part = computed(() => route.query.part as string | undefined)
watch(
  () => route.params.model as string | undefined,
  async id => {
    if (!id) return
    try {
      book.value = await bookOfModel(id)
      model.value = await askOrRecall(`model ${id}`, calls.oneModel, { params: { model: id } })
      problem.value = ''
    } catch (error) {
      problem.value = (error as Error).message
    }
  },
  { immediate: true },
)
</script>

<template>
  <div class="model-way">
    <ShopHead />
    <Problem :says="problem" />
    <main>
      <WaysIn
        v-if="model"
        :family="model.family"
        :book="book"
        :from="from"
        :isolated="[]"
        :held="[]"
        :part="part"
        @asks="router.replace({ query: { part: $event } })"
      />
    </main>
  </div>
</template>

<style scoped>
.model-way {
  display: flex;
  flex-direction: column;
  height: 100%;
}
main {
  flex: 1;
  display: grid;
  grid-template-rows: minmax(0, 1fr);
  min-height: 0;
  overflow: auto;
}
</style>
