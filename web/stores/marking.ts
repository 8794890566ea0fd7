import {
  closeUpsOf,
  draw,
  dropPhoto,
  dropPoint,
  moveMark,
  replacePhoto,
  retypeMark,
  tap,
  untap,
  withPhoto,
  type Captured,
  type Point,
} from '@dialytica/core/capture'
import type { Glyph } from '@dialytica/core/items'
import type { Photo } from '@dialytica/core/log'
import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { v4 } from 'uuid'
import { useDraft } from './draft.ts'

/** The photos of the step in hand, and what is marked on the one that is shown. */
export const useMarking = defineStore('marking', () => {
  const draft = useDraft()
  /** What the next tap marks. */
  const glyph = ref<Glyph>('fastener')
  const photo = ref<string | null>(null)
  const shot = computed(() => draft.step.photos.find(p => p.hash === photo.value))
  const closeUps = computed(() => (photo.value ? closeUpsOf(draft.step, photo.value) : []))

  /** A new photo of the step is shown at once; where the one that is shown is gone, or the step is another, its last one is. */
  watch(
    () => [draft.step.id, draft.step.photos] as const,
    ([id, photos], [was, had]) => {
      const fresh = id === was ? photos.find(p => !had.some(q => q.hash === p.hash)) : undefined
      if (fresh) photo.value = fresh.hash
      else if (id !== was || !photos.some(p => p.hash === photo.value)) photo.value = photos.at(-1)?.hash ?? null
    },
    { flush: 'sync' },
  )
  photo.value = draft.step.photos.at(-1)?.hash ?? null

  const addPhoto = (taken: Photo) => draft.act(c => withPhoto(c, taken))
  /** A clearer photo in the place of one that the step holds; where that was left out meanwhile, one more. */
  function clearer(old: string, taken: Photo): void {
    const holds = draft.step.photos.some(p => p.hash === old)
    draft.act(c => (holds ? replacePhoto(c, old, taken) : withPhoto(c, taken)))
  }
  const removePhoto = (hash: string) => draft.act(c => dropPhoto(c, hash))
  const onPhoto = (change: (from: Captured, hash: string) => Captured) => {
    const hash = photo.value
    if (hash) draft.act(c => change(c, hash))
  }
  const tapAt = (point: Point) => onPhoto((c, hash) => tap(c, glyph.value, hash, point, [v4(), v4()], draft.around))
  const drawAlong = (path: readonly Point[]) => onPhoto((c, hash) => draw(c, hash, path, v4, draft.around))
  const removeMark = (id: string) => draft.act(c => untap(c, id))
  const shiftMark = (id: string, point: Point, index = 0) => draft.act(c => moveMark(c, id, point, index))
  const retype = (id: string, kind: Glyph) => draft.act(c => retypeMark(c, id, kind, v4(), draft.around))
  const removePoint = (id: string, index: number) => draft.act(c => dropPoint(c, id, index))

  return {
    glyph,
    photo,
    shot,
    closeUps,
    addPhoto,
    clearer,
    removePhoto,
    tapAt,
    drawAlong,
    removeMark,
    shiftMark,
    retype,
    removePoint,
  }
})
