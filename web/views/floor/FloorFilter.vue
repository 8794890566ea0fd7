<script setup lang="ts">
import type { Floor, StandsToday } from '@dialytica/core/wire'
import { limits } from '@dialytica/core/schema'
import { NButton, NInput } from 'naive-ui'
import { computed } from 'vue'
import { useFloor } from '../../stores/floor.ts'

/** What of the floor is shown: by words, and by how it can go on today, each with how many there are. */
const props = defineProps<{ floor: Floor }>()
const store = useFloor()
const kinds = computed((): { is: StandsToday; says: string; n: number }[] => [
  { is: 'late', says: 'Late or due today', n: props.floor.late },
  { is: 'goes on', says: 'Can go on', n: props.floor.goesOn },
  { is: 'waits', says: 'Wait', n: props.floor.waits },
])
</script>

<template>
  <form class="filter" role="search" @submit.prevent>
    <NInput
      v-model:value="store.words"
      clearable
      :maxlength="limits.plate"
      placeholder="plate, place, complaint"
      :input-props="{ 'aria-label': 'Which machines', enterkeyhint: 'search', autocomplete: 'off' }"
    />
    <NButton
      v-for="k in kinds"
      :key="k.is"
      :type="store.today === k.is ? 'primary' : 'default'"
      :aria-pressed="store.today === k.is"
      :disabled="!k.n && store.today !== k.is"
      @click="store.today = store.today === k.is ? '' : k.is"
      >{{ k.says }} <span class="mono n">{{ k.n }}</span></NButton
    >
    <NButton
      v-if="store.closed.length"
      :type="store.showsClosed ? 'primary' : 'default'"
      :aria-pressed="store.showsClosed"
      @click="store.today = store.showsClosed ? '' : 'closed'"
      >Closed lately</NButton
    >
    <p v-if="floor.asked < floor.open" class="soft" role="status">{{ floor.asked }} of {{ floor.open }}</p>
  </form>
</template>

<style scoped>
.filter {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  padding: 10px 22px;
  border-bottom: 2px solid var(--rule);
}
.n-input {
  width: min(260px, 100%);
}
.n {
  margin-left: 8px;
}
</style>
