<script setup lang="ts">
import { anatomy } from '@dialytica/core/machine'
import { toBook, toModelWayIn } from '../../ways.ts'
import Cutaway from '../Cutaway.vue'
import LinkButton from '../LinkButton.vue'
import FoundRow from './FoundRow.vue'
import type { Group } from './groups.ts'

/** What was found of one model: on its machine, where it is, and beside it in words. */
defineProps<{ group: Group }>()
</script>

<template>
  <section class="group" :aria-label="`${group.model.maker} ${group.model.code}`">
    <div class="machine">
      <h2>{{ group.model.maker }} {{ group.model.code }}</h2>
      <p class="soft">{{ anatomy[group.model.family].name }}</p>
      <div class="drawing"><Cutaway :family="group.model.family" :rows="group.rows" /></div>
      <p class="ways">
        <LinkButton :to="toBook(group.model.id)">Its book</LinkButton>
        <LinkButton :to="toModelWayIn(group.model.id)">Ways in</LinkButton>
      </p>
    </div>
    <ol>
      <li v-for="t in group.things" :key="t.found.thing"><FoundRow :number="t.number" :found="t.found" /></li>
    </ol>
  </section>
</template>

<style scoped>
.group {
  display: grid;
  grid-template-columns: 230px minmax(0, 1fr);
  gap: 24px;
  border-top: 2px solid var(--rule);
  padding: 12px 24px;
}
h2 {
  font-size: 22px;
}
.drawing {
  max-width: 210px;
}
.ways {
  display: flex;
  gap: 8px;
}
ol {
  list-style: none;
}
@media (max-width: 700px) {
  .group {
    grid-template-columns: 1fr;
    padding: 12px;
  }
  .drawing {
    max-width: 180px;
  }
}
</style>
