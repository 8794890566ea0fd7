<script setup lang="ts">
import { NButton } from 'naive-ui'
import { ref } from 'vue'
import LinkButton from '../parts/LinkButton.vue'
import { meaningName } from '../parts/line/meaning-name.ts'
import Problem from '../parts/Problem.vue'
import { useWords } from '../stores/words.ts'
import { useJob } from '../stores/job.ts'
import { toJob } from '../ways.ts'

/** The words that corrections taught the shop: each can be forgotten. */
const job = useJob()
const words = useWords()
const problem = ref('')
void words.load()
const forget = (word: string) => void (problem.value = words.forget(word) ?? '')
</script>

<template>
  <main class="words">
    <h1>Words of the shop</h1>
    <p>
      A piece of a line that you correct is understood that way from then on, on every device of the shop. Forget what
      was learnt wrong.
    </p>
    <ul v-if="words.all.length" aria-label="Words of the shop">
      <li v-for="w in words.all" :key="w.word">
        <b class="mono">{{ w.word }}</b>
        <span>{{ meaningName(w.means!) }}</span>
        <NButton :aria-label="`Forget ${w.word}`" @click="forget(w.word)">Forget</NButton>
      </li>
    </ul>
    <p v-else class="soft">None yet. In the quick line, tap a piece that was taken wrongly and choose what it is.</p>
    <Problem :says="problem" />
    <LinkButton class="back" :to="toJob(job.id, 'descent')">Back to the descent</LinkButton>
  </main>
</template>

<style scoped>
.words {
  width: min(760px, 100%);
  margin: 0 auto;
  padding: 26px 20px;
  display: grid;
  gap: 14px;
  align-content: start;
  overflow: auto;
  font-size: 18px;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) auto;
  align-items: center;
  gap: 14px;
  min-height: 56px;
  border-bottom: 2px solid var(--hair);
}
.back {
  justify-self: start;
}
</style>
