<script setup lang="ts">
import { NButton } from 'naive-ui'
import { benchWays, type BenchWay } from './bench-ways.ts'

/** What is done on the bench with the part that is chosen. */
const way = defineModel<BenchWay>({ required: true })
</script>

<template>
  <div class="row" role="group" aria-label="What is done with it">
    <NButton v-for="(name, key) in benchWays" :key="key" :aria-pressed="way === key" @click="way = key">{{
      name
    }}</NButton>
  </div>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
