<script setup lang="ts">
import { say, text } from '@dialytica/core/words'
import type { Shown } from '../stores/alikes.ts'

/** What looks alike: what looks like what, what a swap would do, what to do now (another cell, where one is free). */
defineProps<{ of: readonly Shown[] }>()
</script>

<template>
  <p v-for="w in of" :key="w.pair.a.id + w.pair.b.id" class="alike" :class="w.pair.danger" role="note">
    <b>{{ text(w.head) }}</b> {{ text(w.why) }} {{ text(w.cell ? say`Put it into ${w.cell} instead.` : w.act) }}
  </p>
</template>

<style scoped>
.alike {
  margin-top: 8px;
  padding: 6px 10px;
  border-left: 6px solid var(--caution);
  background: var(--caution-wash);
  font-size: 16px;
  line-height: 1.25;
  font-stretch: 84%;
}
.harm {
  border-left-width: 10px;
}
</style>
