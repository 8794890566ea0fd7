<script setup lang="ts">
import type { Plan } from '@dialytica/core/access'
import { text } from '@dialytica/core/words'

/** A tool of a plan, and what may stand in for it where it is not at hand. */
defineProps<{ use: Plan['tools'][number] }>()
</script>

<template>
  <details v-if="use.may.length || use.not.length">
    <summary>
      <b>{{ use.tool }}</b> <span class="mono soft">× {{ use.acts }}</span>
      <span v-if="use.seldom" class="seldom">not in every bag</span>
    </summary>
    <p v-for="m in use.may" :key="text(m)">Instead: {{ text(m) }}.</p>
    <p v-for="n in use.not" :key="text(n)" class="not">Not {{ text(n) }}.</p>
  </details>
  <p v-else class="plain">
    <b>{{ use.tool }}</b> <span class="mono soft">× {{ use.acts }}</span>
  </p>
</template>

<style scoped>
summary,
.plain {
  min-height: 40px;
  display: flex;
  gap: 10px;
  align-items: center;
  cursor: pointer;
}
.plain {
  cursor: default;
}
summary::after {
  content: '…';
  margin-left: auto;
  color: var(--soft);
}
.seldom {
  border-bottom: 3px solid var(--caution);
}
details p {
  padding-left: 14px;
  line-height: 1.2;
}
.not {
  border-left: 6px solid var(--caution);
}
@media (max-width: 1000px) {
  summary,
  .plain {
    min-height: 48px;
  }
}
</style>
