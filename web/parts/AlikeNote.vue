<script setup lang="ts">
import type { Danger } from '@dialytica/core/look-alikes'
import { text, type Phrase } from '@dialytica/core/words'

/** One look-alike: what looks like what, what a swap would do, what to do now. */
defineProps<{ head: Phrase; why: Phrase; act: Phrase; danger: Danger }>()
</script>

<template>
  <div class="alike" :class="danger" role="note">
    <p>
      <b>{{ text(head) }}</b> {{ text(why) }} {{ text(act) }}
    </p>
  </div>
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
