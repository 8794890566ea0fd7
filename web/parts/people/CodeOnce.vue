<script setup lang="ts">
import type { EntryCode } from '@dialytica/core/wire'
import { NButton } from 'naive-ui'
import { computed, ref, watchEffect } from 'vue'
import { squareCodes } from '../../data/square-code.ts'
import { inShopTime } from '../../data/time.ts'

/** The code that somebody chooses their password with: read out, or taken off the screen by their phone. It is shown this once. */
const props = defineProps<{ code: EntryCode; name: string; login: string }>()
const emit = defineEmits<{ leave: [] }>()
// What follows the # stays in the browser: it is in no log of a server.
const link = computed(() => `${location.origin}/welcome#${encodeURIComponent(props.login)}/${props.code.code}`)
const picture = ref('')
watchEffect(() => {
  const text = link.value
  void squareCodes().then(draw => (picture.value = draw(text)))
})
</script>

<template>
  <section class="once" aria-label="The code, told this once">
    <!-- Our own drawing of our own link. -->
    <div v-if="picture" class="square" role="img" :aria-label="`Code for the phone of ${name}`" v-html="picture" />
    <div class="words">
      <h2>Hand this to {{ name }}</h2>
      <p>
        Their phone reads the square; or they sign in with a code, as <b class="mono">{{ login }}</b>, and type
      </p>
      <p class="code mono">{{ code.code }}</p>
      <p class="soft">Good once, until {{ inShopTime(code.until, 'minute') }}. It is not shown again.</p>
      <NButton type="primary" @click="emit('leave')">I have handed it over</NButton>
    </div>
  </section>
</template>

<style scoped>
.once {
  display: flex;
  flex-wrap: wrap;
  gap: 20px;
  padding: 16px;
  border: 2px solid var(--ink);
  background: var(--sheet);
}
.square {
  width: 190px;
  padding: 12px;
  background: #fff;
}
.square :deep(svg) {
  display: block;
  width: 100%;
}
.words {
  flex: 1 1 260px;
  display: grid;
  gap: 8px;
  align-content: start;
  justify-items: start;
}
.code {
  font-size: 30px;
  letter-spacing: 0.02em;
}
</style>
