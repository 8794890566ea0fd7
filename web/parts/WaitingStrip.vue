<script setup lang="ts">
import { NButton, NProgress } from 'naive-ui'
import { computed, ref } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { roomLeft } from '../data/room.ts'
import { useOutbox } from '../stores/outbox.ts'

/** What waits on this device, what the server refused and why; silent when there is nothing to say. */
const outbox = useOutbox()
const route = useRoute()
const open = ref(false)
const counted = (n: number, noun: string) => n && `${n} ${n === 1 ? noun : `${noun}s`}`
const size = (bytes: number) =>
  bytes < 100_000 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`
/** `40 acts and 38 photos wait on this device, 21.4 MB`. */
const waits = computed(() => {
  const what = [counted(outbox.waitingEvents, 'act'), counted(outbox.waitingPhotos.length, 'photo')].filter(Boolean)
  return `${what.join(' and ')} ${outbox.waiting === 1 ? 'waits' : 'wait'} on this device, ${size(outbox.bytes)}`
})
/** More goes up than an act and its photo: then it is said how far it is. */
const goesUp = computed(() => outbox.reachable && outbox.waiting + outbox.gone > 4 && outbox.waiting > 0)
const isShown = computed(
  () =>
    !outbox.reachable ||
    goesUp.value ||
    outbox.refused.length > 0 ||
    outbox.spoilt.length > 0 ||
    (outbox.ofOthers > 0 && !outbox.signedOut) ||
    outbox.unkept.length > 0 ||
    roomLeft.value !== null,
)
</script>

<template>
  <div
    v-if="isShown"
    class="strip"
    :class="{ bad: outbox.refused.length || outbox.unkept.length }"
    role="status"
    aria-label="What waits on this device"
  >
    <p v-if="outbox.signedOut">
      <b>Your session has ended.</b>
      {{ outbox.waiting ? waits : 'Nothing is lost' }}:
      <RouterLink :to="{ name: 'sign-in', query: { to: route.fullPath } }">sign in again</RouterLink>, and it goes up.
    </p>
    <p v-else-if="outbox.mayNot">
      <b>You only look from now on.</b> {{ waits }}; it goes up when your lead lets you record again.
    </p>
    <p v-else-if="!outbox.reachable">
      <b>The server does not answer.</b>
      {{ outbox.waiting ? waits : 'Nothing waits' }}; it goes up by itself. Go on.
    </p>
    <p v-else-if="goesUp" class="up">
      <span>Going up: {{ outbox.gone }} of {{ outbox.gone + outbox.waiting }}, {{ size(outbox.bytes) }} left.</span>
      <NProgress
        class="bar"
        :percentage="(100 * outbox.gone) / (outbox.gone + outbox.waiting)"
        :show-indicator="false"
        aria-label="Going up"
      />
    </p>
    <p v-if="outbox.unkept.length">
      <b>This device is full.</b> {{ counted(outbox.unkept.length, 'act') }} cannot be kept here: leave this page open,
      free room on the device, or let what waits go up.
    </p>
    <p v-else-if="roomLeft !== null">
      <b>Room on this device runs out:</b> about {{ roomLeft }} more photos. Let what waits go up, or free room.
    </p>
    <NButton v-if="outbox.refused.length" :aria-expanded="open" @click="open = !open">
      {{ outbox.refused.length }} refused
    </NButton>
    <p v-if="outbox.ofOthers">
      {{ outbox.ofOthers === 1 ? 'One thing' : `${outbox.ofOthers} things` }} of somebody else
      {{ outbox.ofOthers === 1 ? 'waits' : 'wait' }} on this device, and {{ outbox.ofOthers === 1 ? 'goes' : 'go' }} up
      when they sign in here again.
    </p>
    <p v-if="outbox.spoilt.length">
      {{ outbox.spoilt.length }} photos could not be taken in: {{ outbox.spoilt[0]!.refused }}

      <NButton @click="outbox.dropSpoilt">Let them go</NButton>
    </p>
    <ul v-if="open">
      <li v-for="e in outbox.refused" :key="e.id">
        <span
          ><b>{{ e.event.kind.replace('-', ' ') }}</b
          >: {{ e.refused }}</span
        >
        <NButton @click="outbox.retry(e.id)">Send again</NButton>
        <NButton @click="outbox.drop(e.id)">Let it go</NButton>
      </li>
    </ul>
  </div>
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
.up {
  display: flex;
  align-items: center;
  gap: 12px;
}
.bar {
  width: 200px;
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
