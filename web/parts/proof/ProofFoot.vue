<script setup lang="ts">
import { watch } from 'vue'
import { useJob } from '../../stores/job.ts'
import { useRituals } from '../../stores/rituals.ts'
import { toJob, toRitual } from '../../ways.ts'
import LinkButton from '../LinkButton.vue'

/** Under the proof: which cover waits and why, the rituals of the model, and the close when all is told. */
defineProps<{ covers: readonly string[]; done: boolean }>()
const job = useJob()
const rituals = useRituals()
watch(
  () => job.card?.model.id,
  () => void rituals.load(),
  { immediate: true },
)
</script>

<template>
  <section class="foot" tabindex="0" aria-label="What waits, and rituals">
    <p v-for="c in covers" :key="c">{{ c }}</p>
    <p v-if="done" class="well">All of it is proved, or said not to be.</p>
    <div class="row">
      <LinkButton v-for="r in rituals.all" :key="r.name" :to="toRitual(job.id, r.name)">{{ r.name }}</LinkButton>
      <LinkButton :to="toJob(job.id, 'rituals')">Rituals of this model</LinkButton>
      <LinkButton v-if="done" type="primary" :to="toJob(job.id, 'close')">Close the machine</LinkButton>
    </div>
    <p class="soft small">
      No lock, switch or cover is ever passed by. Electrical tests, and who may do them, are for your local code and
      licensed practice.
    </p>
  </section>
</template>

<style scoped>
.foot {
  display: flex;
  flex-direction: column;
  gap: 8px;
  padding: 10px 24px;
  overflow: auto;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.well {
  color: var(--work);
  font-weight: 700;
  font-size: 20px;
}
</style>
