<script setup lang="ts">
import { ref } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { useOutbox } from '../stores/outbox.ts'

/** What waits on this device, what the server refused and why; silent when there is nothing to say. */
const outbox = useOutbox()
const route = useRoute()
const open = ref(false)
const things = (n: number) => (n === 1 ? 'one thing waits' : `${n} things wait`)
</script>

<template>
  <aside
    v-if="!outbox.reachable || outbox.refused.length || outbox.spoilt.length"
    class="strip"
    :class="{ bad: outbox.refused.length }"
    role="status"
  >
    <p v-if="outbox.signedOut">
      <b>Your session has ended.</b>
      {{ outbox.waiting ? `${things(outbox.waiting)} on this device` : 'Nothing is lost' }}:
      <RouterLink :to="{ path: '/sign-in', query: { to: route.fullPath } }">sign in again</RouterLink>, and it goes up.
    </p>
    <p v-else-if="!outbox.reachable">
      <b>The server does not answer.</b>
      {{ outbox.waiting ? `${things(outbox.waiting)} on this device` : 'Nothing waits' }}; it goes up by itself. Go on.
    </p>
    <button v-if="outbox.refused.length" class="btn" type="button" :aria-expanded="open" @click="open = !open">
      {{ outbox.refused.length }} refused
    </button>
    <p v-if="outbox.spoilt.length">
      {{ outbox.spoilt.length }} photos could not be taken in: {{ outbox.spoilt[0]!.refused }}

      <button class="btn" type="button" @click="outbox.dropSpoilt">Let them go</button>
    </p>
    <ul v-if="open">
      <li v-for="e in outbox.refused" :key="e.id">
        <span
          ><b>{{ e.event.kind.replace('-', ' ') }}</b
          >: {{ e.refused }}</span
        >
        <button class="btn" type="button" @click="outbox.retry(e.id)">Send again</button>
        <button class="btn" type="button" @click="outbox.drop(e.id)">Let it go</button>
      </li>
    </ul>
  </aside>
</template>

<style scoped>
.strip {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
  padding: 5px 20px;
  background: var(--caution-wash);
  border-bottom: 2px solid var(--caution);
  font-size: 16px;
}
.bad {
  background: var(--danger-wash);
  border-color: var(--danger);
}
ul {
  flex-basis: 100%;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  padding: 4px 0;
}
</style>
