<script setup lang="ts">
import { shutOff } from '@dialytica/core/acts'
import { breaches, type Breach } from '@dialytica/core/laws'
import { stillOwed } from '@dialytica/core/ledger'
import { text } from '@dialytica/core/words'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import { v4 } from 'uuid'
import { useJob } from '../stores/job.ts'

/** Water or power that is on over something that stands open, whoever switched it on; one tap says that it is off again. */
const job = useJob()
/** So many things are named. */
const most = 3
const found = computed(() => breaches(job.state, job.family))
function words({ what, mains, open }: Breach): string {
  const things = open.slice(0, most).map(o => text(stillOwed(o.debt)))
  const more = open.length > most ? ` and ${open.length - most} more` : ''
  const state = mains === 'on' ? `${what === 'power' ? 'Power' : 'Water'} is on` : 'Nobody said that the plug is out'
  return `${state}. Still open: ${things.join(', ')}${more}.`
}
const off = (what: Breach['what']) => job.act(shutOff(job.state, what, v4))
</script>

<template>
  <div
    v-for="b in found"
    :key="b.what"
    class="note"
    :class="b.mains === 'on' ? 'danger' : 'caution'"
    :role="b.mains === 'on' ? 'alert' : 'note'"
  >
    <p>{{ words(b) }}</p>
    <NButton size="large" @click="off(b.what)">{{
      b.what === 'power' ? 'The plug is out' : 'The tap is shut'
    }}</NButton>
  </div>
</template>

<style scoped>
.note {
  display: grid;
  gap: 8px;
  justify-items: start;
}
</style>
