<script setup lang="ts">
import { kitOf, type Book } from '@dialytica/core/book'
import type { Family } from '@dialytica/core/machine'
import { computed } from 'vue'

/** What this model asks for before the first screw, from the jobs of its book. */
const props = defineProps<{ book: Book; family: Family }>()
const kit = computed(() => kitOf(props.book, props.family))
const all = computed(() => props.book.recordings.length)
const says = ({ what, jobs }: { what: string; jobs: number }) =>
  jobs < all.value ? `${what} (${jobs} of ${all.value})` : what
</script>

<template>
  <dl v-if="all">
    <template v-if="kit.tools.length">
      <dt>In hand, in this order</dt>
      <dd>{{ kit.tools.map(says).join(', ') }}</dd>
    </template>
    <template v-if="kit.consumables.length">
      <dt>Have it ready</dt>
      <dd>{{ kit.consumables.map(says).join(', ') }}</dd>
    </template>
    <template v-if="kit.twoPeople.length">
      <dt>Two people</dt>
      <dd>{{ kit.twoPeople.join(', ') }}</dd>
    </template>
  </dl>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 2px 14px;
  padding-bottom: 10px;
}
dt {
  color: var(--soft);
}
dd {
  margin: 0;
}
@media (max-width: 700px) {
  dl {
    grid-template-columns: 1fr;
  }
}
</style>
