<script setup lang="ts">
import type { PartAtHand } from '@dialytica/core/fit'
import { calls } from '@dialytica/core/wire'
import { computed, shallowRef, watch } from 'vue'
import { askOrRecall } from '../../data/kept.ts'
import { inShopTime } from '../../data/time.ts'
import { useJob } from '../../stores/job.ts'

/** What earlier machines of this model taught of the part in hand: how a new one was made to fit, the tool that was made, where it came from. */
const props = defineProps<{ part: PartAtHand }>()
const job = useJob()
type Learnt = Awaited<ReturnType<typeof ask>>
const ask = (model: string) => askOrRecall(`parts ${model}`, calls.learntParts, { params: { model } })
const all = shallowRef<Learnt>([])
watch(
  () => job.card?.model.id,
  async model => {
    if (model) all.value = await ask(model).catch(() => all.value)
  },
  { immediate: true },
)
const here = computed(() =>
  all.value
    .filter(l => l.job !== job.id && l.part.trim().toLowerCase() === props.part.name.trim().toLowerCase())
    .slice(0, 5),
)
</script>

<template>
  <section v-if="here.length" class="learnt" aria-label="From earlier machines of this model">
    <h2>From earlier machines</h2>
    <p v-for="l in here" :key="l.job + l.what + l.says">
      <span class="soft">{{ l.what }}, {{ inShopTime(l.at, 'day') }}:</span> <b>{{ l.says }}</b>
    </p>
  </section>
</template>

<style scoped>
.learnt {
  display: grid;
  gap: 4px;
  padding: 8px 12px;
  border-left: 6px solid var(--work);
  background: var(--work-wash);
}
h2 {
  font-size: 20px;
}
</style>
