<script setup lang="ts">
import type { Photo } from '@dialytica/core/log'
import { secondsInto } from '@dialytica/core/narration'
import { NButton, NDatePicker } from 'naive-ui'
import { computed, onUnmounted, ref, shallowRef } from 'vue'
import { openFilm, type Film } from '../../devices/film.ts'
import { useCamera } from '../../stores/camera.ts'
import { useNarration } from '../../stores/narration.ts'
import FilePick from '../FilePick.vue'
import Problem from '../Problem.vue'
import Thumb from '../Thumb.vue'
import { clock } from './clock.ts'

/** Photos of the draft in hand: those that were taken while it was told, and stills of the film of the narration. */
const narration = useNarration()
const camera = useCamera()
const film = shallowRef<Film | null>(null)
const problem = ref('')
const busy = ref(false)
const began = computed(() => new Date(narration.taken!.startedAt).getTime())
/** When a photo was taken, as the recording counts. */
const takenAt = (photo: Photo) => clock(secondsInto(photo, new Date(began.value)))
const second = computed(() => narration.draft?.to ?? 0)

async function work(act: () => Promise<void>): Promise<void> {
  busy.value = true
  problem.value = ''
  try {
    await act()
  } catch (error) {
    problem.value = (error as Error).message
  } finally {
    busy.value = false
  }
}
const photos = (files: readonly File[]) =>
  work(async () => {
    const kept: Photo[] = []
    for (const file of files) kept.push(await camera.keep(file))
    narration.attach(kept)
  })
const open = ([file]: readonly File[]) =>
  work(async () => {
    if (!file) return
    film.value?.close()
    const opened = await openFilm(file)
    film.value = opened
    narration.setStart(new Date(opened.endedAt.getTime() - opened.length * 1000))
  })
const still = (at: number) =>
  work(async () => {
    const photo = await camera.keep(await film.value!.still(at), undefined, new Date(began.value + at * 1000))
    narration.attachHere(photo)
  })
/** One still for every draft that has no photo yet, where it ends. */
const stills = () =>
  work(async () => {
    const kept: Photo[] = []
    for (const d of narration.taken!.drafts)
      if (d.state === 'open' && !d.photos.length && d.to < film.value!.length)
        kept.push(await camera.keep(await film.value!.still(d.to), undefined, new Date(began.value + d.to * 1000)))
    narration.attach(kept)
  })
onUnmounted(() => film.value?.close())
</script>

<template>
  <section class="photos" aria-label="Photos of this draft">
    <ul v-if="narration.draft?.photos.length">
      <li v-for="p in narration.draft.photos" :key="p.hash">
        <button type="button" :aria-label="`Take off the photo of ${takenAt(p)}`" @click="narration.detach(p)">
          <Thumb :hash="p.hash" />
        </button>
      </li>
    </ul>
    <p v-else class="soft small">No photo of this draft.</p>
    <div class="row">
      <FilePick accept="image/*" many :disabled="busy" @pick="photos">Photos by their time</FilePick>
      <FilePick v-if="!film" accept="video/*" :disabled="busy" @pick="open">Its film</FilePick>
      <template v-else>
        <NButton :disabled="busy" @click="still(second)">Still at {{ clock(second) }}</NButton>
        <NButton :disabled="busy" @click="stills">A still for every draft</NButton>
      </template>
      <label class="began">
        <span class="small">It began</span>
        <NDatePicker
          type="datetime"
          :value="began"
          :input-readonly="false"
          :actions="['confirm']"
          @update:value="(at: number | null) => at && narration.setStart(new Date(at))"
        />
      </label>
    </div>
    <div v-if="narration.taken?.loose.length" class="loose" role="group" aria-label="Photos of no draft">
      <span class="small">Taken while nothing was told: a tap puts one here.</span>
      <button
        v-for="p in narration.taken.loose"
        :key="p.hash"
        type="button"
        :aria-label="`Put the photo of ${takenAt(p)} here`"
        @click="narration.attachHere(p)"
      >
        <Thumb :hash="p.hash" />
      </button>
    </div>
    <Problem :says="problem" />
  </section>
</template>

<style scoped>
.photos {
  display: grid;
  gap: 6px;
}
ul,
.row,
.loose {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}
button:has(> img) {
  padding: 0;
  border: 0;
  background: none;
  cursor: pointer;
  min-height: 48px;
}
.began {
  display: flex;
  align-items: center;
  gap: 8px;
}
</style>
