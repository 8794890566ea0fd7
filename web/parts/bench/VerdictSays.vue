<script setup lang="ts">
import type { Comparison } from '@dialytica/core/fit'
import { text } from '@dialytica/core/words'
import { computed } from 'vue'

/** What is said of the new part as a whole, and by which points. */
const props = defineProps<{ of: Comparison }>()
const titles = {
  fits: 'It fits.',
  'fits when adapted': 'Fits when adapted.',
  'send back': 'Send it back.',
  'cannot tell': 'Cannot tell yet.',
} as const
const by = computed(() => props.of.by.map(p => p.point.name))
</script>

<template>
  <section :class="['verdict', of.verdict.replaceAll(' ', '-')]" aria-label="The verdict" role="status">
    <h2>{{ titles[of.verdict] }}</h2>
    <p>
      {{ text(of.because) }}<template v-if="by.length">: {{ by.join(', ') }}</template
      >.
    </p>
    <p v-if="of.inBag" class="bag">It shows through the bag: leave the bag closed.</p>
  </section>
</template>

<style scoped>
.verdict {
  border-left: 8px solid var(--hair);
  padding-left: 14px;
}
.fits {
  border-color: var(--work);
}
.fits-when-adapted {
  border-color: var(--caution);
}
.send-back {
  border-color: var(--off);
}
h2 {
  font-size: 36px;
  font-stretch: 75%;
  line-height: 1.05;
}
.bag {
  font-weight: 650;
}
</style>
