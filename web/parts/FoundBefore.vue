<script setup lang="ts">
import { foundBefore } from '@dialytica/core/ledger'
import { foundStates, whyNot, type Photo } from '@dialytica/core/log'
import { zoneTitle } from '@dialytica/core/machine'
import { X } from '@lucide/vue'
import { NButton, NInput } from 'naive-ui'
import { computed, ref } from 'vue'
import { useCamera } from '../stores/camera.ts'
import { useJob } from '../stores/job.ts'
import Problem from './Problem.vue'
import Thumb from './Thumb.vue'

/** What was missing or broken before we came: said with a photo, kept in the record, never owed. */
defineProps<{ fixed: boolean; zone: string | undefined }>()
const job = useJob()
const found = computed(() => foundBefore(job.state))
const what = ref('')
const how = ref<(typeof foundStates)[number] | null>(null)
const photos = ref<Photo[]>([])
const problem = ref('')
const camera = useCamera()
const shoot = (zone: string | undefined) =>
  camera.ask({
    kind: 'found',
    words: 'Photograph what was so already.',
    many: true,
    async simulated() {
      const { viewOf } = await import('../devices/away.ts')
      return viewOf(job.state, job.family, zone)
    },
    keep: photo => (photos.value = [...photos.value, photo]),
  })
function add(zone: string | undefined): void {
  if (!what.value.trim() || !how.value) {
    problem.value = what.value.trim() ? 'Say how it was found: missing, broken …' : 'Say what was found.'
    return
  }
  const body = { what: what.value.trim(), how: how.value, photos: photos.value, ...(zone && { zone }) }
  problem.value = whyNot(job.says('found-before', body)) ?? ''
  if (problem.value) return
  what.value = ''
  how.value = null
  photos.value = []
}
const withdraw = (entry: string) => job.says('entry-withdrawn', { entry, reason: 'not so' })
</script>

<template>
  <section class="found" aria-label="Already so before we came">
    <h2>Already so before we came</h2>
    <p v-if="!found.length" class="soft small">What is missing or broken now is not our debt. Photograph it.</p>
    <ul v-else>
      <li v-for="f in found" :key="f.id">
        <Thumb v-for="p in f.photos.slice(0, 2)" :key="p.hash" :hash="p.hash" />
        <span>
          <b>{{ f.what }}</b>, {{ f.how }}<span v-if="f.zone" class="soft">, {{ zoneTitle(job.family, f.zone) }}</span>
        </span>
        <NButton v-if="!fixed" :aria-label="`Withdraw ${f.what}`" @click="withdraw(f.id)"><X /></NButton>
      </li>
    </ul>
    <form v-if="!fixed" @submit.prevent="add(zone)">
      <NInput
        v-model:value="what"
        placeholder="screw of the hatch, door handle"
        :input-props="{ 'aria-label': 'What was found', autocomplete: 'off' }"
      />
      <div class="chips" role="group" aria-label="How it was found">
        <NButton v-for="s in foundStates" :key="s" :aria-pressed="how === s" @click="how = how === s ? null : s">
          {{ s }}
        </NButton>
      </div>
      <div class="chips">
        <Thumb v-for="p in photos" :key="p.hash" :hash="p.hash" />
        <NButton :disabled="camera.isBusy('found')" @click="shoot(zone)">Photo of it</NButton>
        <NButton type="primary" attr-type="submit" :disabled="camera.isBusy('found')">Keep it</NButton>
      </div>
      <Problem :says="problem || camera.problem('found')" />
    </form>
  </section>
</template>

<style scoped>
.found,
form {
  display: grid;
  gap: 8px;
  align-content: start;
}
h2 {
  font-size: 20px;
}
li {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 48px;
  border-bottom: 1px solid var(--hair);
  line-height: 1.15;
}
li .n-button {
  margin-left: auto;
}
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.n-button {
  padding: 0 10px;
  font-size: 17px;
}
</style>
