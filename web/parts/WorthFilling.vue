<script setup lang="ts">
import { text } from '@dialytica/core/words'
import type { Gap } from '@dialytica/core/worth-filling'
import { ref } from 'vue'

/** What is still worth recording while it can be seen, what saves most first; each one tap away, none of it required. */
defineProps<{ gaps: readonly Gap[] }>()
const emit = defineEmits<{ fill: [gap: Gap] }>()
const all = ref(false)
const first = 2
</script>

<template>
  <section v-if="gaps.length" class="worth" aria-label="Worth filling in">
    <h2>Worth filling in</h2>
    <ul>
      <li v-for="g in all ? gaps : gaps.slice(0, first)" :key="g.step + (g.move ?? '') + g.field">
        <button type="button" @click="emit('fill', g)">
          <b>{{ text(g.ask) }}</b> <span>{{ text(g.why) }}</span>
        </button>
      </li>
    </ul>
    <button v-if="gaps.length > first" class="more" type="button" :aria-expanded="all" @click="all = !all">
      {{ all ? 'fewer' : `${gaps.length - first} more` }}
    </button>
  </section>
</template>

<style scoped>
.worth {
  margin-top: 8px;
  padding-top: 6px;
  border-top: 1px solid var(--hair);
}
h2 {
  color: var(--caution);
  font-size: 17px;
}
li button,
.more {
  display: block;
  width: 100%;
  min-height: 48px;
  padding: 3px 0;
  border: 0;
  background: none;
  color: var(--ink);
  font-family: Archivo;
  font-size: 16px;
  font-stretch: 82%;
  line-height: 1.15;
  text-align: left;
  cursor: pointer;
}
li b {
  text-decoration: underline;
  text-decoration-thickness: 1px;
  text-underline-offset: 3px;
}
li span {
  color: var(--soft);
  font-size: 15px;
}
.more {
  color: var(--soft);
}
</style>
