<script setup lang="ts">
import type { Today } from '@dialytica/core/ledger'
import type { JobCard } from '@dialytica/core/wire'
import { text } from '@dialytica/core/words'
import { computed } from 'vue'
import { daysBetween, inShopTime } from '../../data/time.ts'
import Cutaway from '../../parts/Cutaway.vue'
import LinkButton from '../../parts/LinkButton.vue'
import Owed from '../../parts/Owed.vue'
import { wayOf } from './way-of.ts'

/** One machine that stands open: what is off it, since when, what it waits for. */
const props = defineProps<{ job: JobCard; today: Today; first: boolean; now: Date }>()
const days = computed(() => daysBetween(props.job.openedAt, props.now))
const age = computed(() => (days.value === 0 ? 'today' : days.value === 1 ? '1 day' : `${days.value} days`))
const said = computed(() => {
  const { phase, waitsFor, due, number, supplier, steps, next } = props.job.summary
  const what = [waitsFor, number].filter(Boolean).join(' ')
  if (waitsFor)
    return `Waits for the ${what}${supplier ? ` from ${supplier}` : ''}${due ? `, due ${inShopTime(due, 'weekday')}` : ''}.`
  if (phase === 'return') return `On the way back. Next: ${next ? text(next) : 'close it.'}`
  if (phase === 'descent') return `${steps === 1 ? 'One step' : `${steps} steps`} down.`
  return `${phase[0]!.toUpperCase()}${phase.slice(1)}.`
})
/** Whether it can go on today, in words; a reminder where what it waits for is late. */
const goes = computed(() => {
  const { today, job } = props
  if (today.is === 'late')
    return `${today.days === 1 ? 'A day' : `${today.days} days`} late: ask ${job.summary.supplier ?? 'where it is'}`
  if (today.is === 'due') return 'Due today: look whether it came'
  if (today.is === 'goes on') return 'Can go on today'
  return today.until ? `Not before ${inShopTime(today.until, 'day')}` : 'Waits'
})
</script>

<template>
  <article class="card">
    <div class="name">
      <div>
        <h2>{{ job.model.maker }} {{ job.model.code }}</h2>
        <span class="mono soft">{{ job.unit.serial }}</span>
      </div>
      <span class="mono age" :class="{ long: days > 1 }">{{ age }}</span>
    </div>
    <div class="machine">
      <Cutaway
        :family="job.model.family"
        :open="job.summary.open"
        :owed="job.summary.zones"
        :posture="job.summary.posture"
      />
    </div>
    <Owed :owed="job.summary.owed" />
    <p class="complaint">{{ job.summary.complaint || job.summary.plate }}</p>
    <p class="goes" :class="today.is.replace(' ', '-')">{{ goes }}</p>
    <p class="state">{{ said }}</p>
    <p class="stands soft">{{ job.summary.stands ?? job.unit.stands }}</p>
    <LinkButton
      :type="first ? 'primary' : 'default'"
      :to="wayOf(job, now)"
      :aria-label="`Go on with ${job.model.code} ${job.unit.serial}`"
      >Go on</LinkButton
    >
  </article>
</template>

<style scoped>
.card {
  flex: 1;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.name {
  display: flex;
  justify-content: space-between;
}
h2 {
  font-size: 22px;
}
.age {
  font-size: 13px;
  color: var(--soft);
}
.age.long {
  color: var(--caution);
}
.machine {
  height: 250px;
}
.complaint {
  font-size: 18px;
  line-height: 1.2;
  font-weight: 600;
}
.goes {
  font-weight: 650;
  line-height: 1.2;
}
.goes-on {
  color: var(--work);
}
.late,
.due {
  border-left: 6px solid var(--caution);
  padding-left: 10px;
}
.waits {
  color: var(--soft);
}
.state {
  line-height: 1.25;
}
.stands {
  font-size: 16px;
}
.n-button {
  margin-top: auto;
  align-self: flex-start;
}
</style>
