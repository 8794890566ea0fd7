<script setup lang="ts">
import { itemKinds, type ItemKind } from '@dialytica/core/items'
import { apply, type Move } from '@dialytica/core/moves'
import { computed } from 'vue'
import Owed from '../Owed.vue'

/** How many pieces of what the step in hand will owe, as it stands with the line that is typed. */
const props = defineProps<{ moves: readonly Move[] }>()
const owed = computed(() => {
  const sums = Object.fromEntries(itemKinds.map(k => [k, 0])) as Record<ItemKind, number>
  for (const change of props.moves.flatMap(apply)) sums[change.item] += change.count
  return sums
})
</script>

<template>
  <div v-if="moves.length" class="by-step">
    <span class="soft">This step owes</span>
    <Owed :owed="owed" by-step />
  </div>
</template>

<style scoped>
.by-step {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 0 3px;
}
</style>
