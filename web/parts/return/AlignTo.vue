<script setup lang="ts">
import { type ReturnStep } from '@dialytica/core'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { useJob } from '../../stores/job.ts'
import Thumb from '../Thumb.vue'

/** The marks that were drawn at this place before the part came off: it is aligned to them; their photo shows where they are. */
const props = defineProps<{ r: ReturnStep }>()
const job = useJob()
/** So many steps before the part came off its marks were drawn. */
const near = 4
const marks = computed(() => {
  if (!props.r.moves.some(m => 'part' in m.move)) return []
  return job.plan.flatMap(p =>
    p.number < props.r.number && props.r.number - p.number <= near && p.step.zone === props.r.step.zone
      ? p.moves.flatMap(({ move }) =>
          move.kind === 'draw-mark' ? [{ step: p.step.id, mark: move.mark, photo: p.step.photos.at(-1)?.hash }] : [],
        )
      : [],
  )
})
</script>

<template>
  <ul v-if="marks.length" class="align" aria-label="Align to">
    <li v-for="m in marks" :key="m.step + m.mark">
      <RouterLink :to="{ query: { step: m.step } }" replace>
        <Thumb v-if="m.photo" :hash="m.photo" />
        <span>Align to {{ m.mark }}</span>
      </RouterLink>
    </li>
  </ul>
</template>

<style scoped>
a {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 50px;
  line-height: 1.15;
}
</style>
