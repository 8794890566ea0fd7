<script setup lang="ts">
import type { From } from '@dialytica/core/access'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useModelBook } from '../data/model-book.ts'
import WaysIn from '../parts/access/WaysIn.vue'
import Problem from '../parts/Problem.vue'
import ShopHead from '../parts/ShopHead.vue'

/** The ways in of a model, before one of its machines is opened. */
const route = useRoute()
const router = useRouter()
const { model, book, problem } = useModelBook()
const from: From = { open: [], done: new Set(), stands: 'upright' }
const part = computed(() => route.query.part as string | undefined)
</script>

<template>
  <div class="model-way">
    <ShopHead />
    <Problem :says="problem" />
    <main>
      <WaysIn
        v-if="model && book"
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
