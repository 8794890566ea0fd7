<script setup lang="ts">
import { inShopTime } from '../data/time.ts'
import type { StepState } from '@dialytica/core/log'
import { describe } from '@dialytica/core/moves'

/** What was recorded in an earlier step, in words. */
defineProps<{ step: StepState; number: number }>()
</script>

<template>
  <section class="record">
    <h2>
      Step {{ number }} <span class="soft small">{{ inShopTime(step.recordedAt, 'minute') }}</span>
    </h2>
    <p v-if="step.live" class="live">Done while the machine had power.</p>
    <p v-if="!step.moves.length" class="soft">Nothing came off in this step.</p>
    <ol>
      <li v-for="m in step.moves" :key="m.id">
        {{ describe(m) }} <span v-if="m.condition" class="found">Found {{ m.condition }}.</span>
        <span v-if="m.note" class="soft">{{ m.note }}</span>
      </li>
    </ol>
  </section>
</template>

<style scoped>
h2 {
  font-size: 20px;
}
li {
  padding: 6px 0;
  border-bottom: 1px solid var(--hair);
  line-height: 1.25;
}
.live {
  color: var(--danger);
  font-weight: 650;
}
.found {
  color: var(--caution);
  font-weight: 650;
}
</style>
