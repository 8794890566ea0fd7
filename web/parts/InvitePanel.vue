<script setup lang="ts">
import { calls } from '@dialytica/core/wire'
import { NButton } from 'naive-ui'
import { computed, onMounted, ref } from 'vue'
import { api } from '../data/api.ts'
import { squareCodes } from '../data/square-code.ts'
import { inShopTime } from '../data/time.ts'
import { useHand } from '../stores/hand.ts'
import { useJob } from '../stores/job.ts'
import Problem from './Problem.vue'

/** A code for another device: it joins this job, holds the same step, and serves as its camera. */
const emit = defineEmits<{ leave: [] }>()
const job = useJob()
const hand = useHand()
const link = ref('')
const until = ref('')
const picture = ref('')
const problem = ref('')
const local = computed(() => /^(localhost|127\.)/.test(location.hostname))

async function make(): Promise<void> {
  problem.value = ''
  picture.value = ''
  try {
    const made = await api(calls.invite, {
      params: { job: job.id! },
      body: {
        hand: await hand.share(),
      },
    })
    link.value = `${location.origin}/join/${made.code}`
    until.value = made.until
    picture.value = (await squareCodes())(link.value)
  } catch (error) {
    problem.value = (error as Error).message
  }
}
onMounted(make)
</script>

<template>
  <section class="invite" aria-label="A second device">
    <div class="code">
      <!-- Our own drawing of our own link. -->
      <div v-if="picture" role="img" aria-label="Code for the second device" v-html="picture" />
    </div>
    <div class="words">
      <h2>A second device</h2>
      <p>Point the camera of the phone at the code. It joins this job, shows this step, and its photos land here.</p>
      <p v-if="until" class="soft">Good until {{ inShopTime(until, 'minute') }}, for this job only.</p>
      <p v-if="local" class="note">
        This address is of this machine alone. Open Dialytica here by its address in your network first.
      </p>
      <p v-if="link" class="mono link">
        <a :href="link">{{ link }}</a>
      </p>
      <Problem :says="problem" />
      <div class="ways">
        <NButton @click="make">New code</NButton>
        <NButton type="primary" @click="emit('leave')">Back to the step</NButton>
      </div>
    </div>
  </section>
</template>

<style scoped>
.invite {
  position: absolute;
  inset: 0;
  display: grid;
  grid-template-columns: minmax(0, 320px) minmax(0, 1fr);
  gap: 22px;
  align-content: center;
  padding: 18px 22px;
  background: var(--ground);
  overflow: auto;
}
.code > div {
  padding: 16px;
  background: #fff;
}
.code :deep(svg) {
  display: block;
  width: 100%;
}
.words {
  display: grid;
  gap: 10px;
  align-content: start;
}
h2 {
  font-size: 26px;
}
.link {
  font-size: 13px;
  overflow-wrap: anywhere;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
@media (max-width: 600px) {
  .invite {
    position: relative;
    grid-template-columns: 1fr;
  }
  .code {
    max-width: 260px;
  }
}
</style>
