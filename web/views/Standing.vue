<script setup lang="ts">
import { goOn as goingOn } from '@dialytica/core/acts'
import { standing } from '@dialytica/core/ledger'
import { zoneTitle } from '@dialytica/core/machine'
import { describe, invert, isolations } from '@dialytica/core/moves'
import { text } from '@dialytica/core/words'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { useCommands } from '../commands.ts'
import { daysBetween, inShopTime } from '../data/time.ts'
import Cutaway from '../parts/Cutaway.vue'
import PauseJob from '../parts/PauseJob.vue'
import LyingThings from '../parts/standing/LyingThings.vue'
import Thumb from '../parts/Thumb.vue'
import { useJob } from '../stores/job.ts'
import { toJob, goesOnIn, viewOfWay } from '../ways.ts'

/** How a machine stands for somebody who comes back to it: what is off and where it lies, what can hurt, what was done last, what comes first. */
const job = useJob()
const router = useRouter()
const now = computed(() => standing(job.state, job.family, job.plan))
const phase = computed(() => job.state.phase)
const since = computed(() => {
  const last = now.value.last[0]?.at ?? job.state.opened?.at
  const days = last ? daysBetween(last, new Date()) : 0
  return days === 0 ? 'Last touched today' : days === 1 ? 'Last touched yesterday' : `Not touched for ${days} days`
})
const live = computed(() =>
  isolations.filter(i => i !== 'pressure' && i !== 'capacitor' && !now.value.isolated.includes(i)),
)
const act = (l: (typeof now.value.last)[number]) => {
  const move = l.way === 'down' ? l.step.moves[0] : l.step.moves.at(-1)
  return move ? describe(l.way === 'down' ? move : invert(move)) : 'A photo.'
}
function goOn(): void {
  if (!job.isFixed) job.act(goingOn(job.state))
  void router.push(toJob(job.id, goesOnIn(phase.value.name, job.state.order.size)))
}
useCommands({ forth: goOn })
</script>

<template>
  <main class="standing">
    <section class="how" aria-label="How it stands">
      <h1>{{ job.state.opened?.complaint || 'How it stands' }}</h1>
      <p v-if="phase.waitsFor" class="note" role="status">
        <b
          >Waits for the {{ [phase.waitsFor, phase.number].filter(Boolean).join(' ')
          }}{{ phase.supplier ? ` from ${phase.supplier}` : '' }}</b
        ><template v-if="phase.due"
          >, due {{ inShopTime(phase.due, 'weekday') }} {{ inShopTime(phase.due, 'day') }}</template
        >. {{ since }}.
      </p>
      <p v-else class="soft">{{ since }}.</p>
      <div class="machine">
        <Cutaway :family="job.family" :open="now.open" :posture="now.posture" large />
      </div>
      <dl>
        <dt>stands</dt>
        <dd>{{ now.posture }}, {{ job.state.intake.stands?.value ?? job.card?.unit.stands }}</dd>
        <dt>isolated</dt>
        <dd>{{ now.isolated.join(', ') || 'nothing' }}</dd>
        <dt>not isolated</dt>
        <dd :class="{ bad: live.includes('power') && now.open.length }">{{ live.join(', ') || 'nothing' }}</dd>
        <dt>open</dt>
        <dd>{{ now.open.map(z => zoneTitle(job.family, z)).join(', ') || 'nothing' }}</dd>
      </dl>
    </section>
    <section class="first" aria-label="What to do first">
      <h2>First</h2>
      <ol>
        <li v-for="(f, i) in now.first" :key="i">{{ text(f) }}</li>
      </ol>
      <NButton type="primary" size="large" @click="goOn">Go on <kbd>Space</kbd></NButton>
      <h2>Done last</h2>
      <ul aria-label="Done last">
        <li v-for="l in now.last" :key="l.way + l.step.id" class="did">
          <RouterLink :to="toJob(job.id, viewOfWay[l.way], l.step.id)">
            <Thumb v-if="l.step.photos.length" :hash="l.step.photos.at(-1)!.hash" />
            <span
              >{{ act(l) }}
              <span class="soft">step {{ l.number }} {{ l.way }}, {{ inShopTime(l.at, 'minute') }}</span></span
            >
          </RouterLink>
        </li>
      </ul>
      <PauseJob v-if="!job.isFixed" class="pause" />
    </section>
    <LyingThings :lying="now.lying" />
  </main>
</template>

<style scoped>
.standing {
  display: grid;
  grid-template-columns: 380px minmax(0, 1fr) 360px;
}
main > section {
  padding: 16px 20px;
  overflow: auto;
  min-height: 0;
  border-right: 2px solid var(--rule);
}
h1 {
  font-size: 28px;
}
h2 {
  font-size: 22px;
  margin: 4px 0 6px;
}
.how {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.machine {
  flex: 1 1 220px;
  min-height: 180px;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 14px;
}
dt {
  color: var(--soft);
}
.bad {
  color: var(--danger);
  font-weight: 700;
}
.first {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.first ol {
  display: grid;
  gap: 6px;
  font-size: 20px;
  line-height: 1.2;
  counter-reset: n;
}
.first ol li {
  display: flex;
  gap: 10px;
}
.first ol li::before {
  counter-increment: n;
  content: counter(n);
  font-weight: 700;
  color: var(--work);
}
.did a {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 58px;
  text-decoration: none;
  line-height: 1.15;
  border-bottom: 1px solid var(--hair);
}
.did .soft {
  display: block;
  font-size: 16px;
}
.pause {
  margin-top: auto;
}
@media (max-width: 1000px) {
  .standing {
    display: block;
    overflow: auto;
  }
  main > section {
    border-right: 0;
    border-bottom: 2px solid var(--rule);
  }
  .machine {
    height: 240px;
    flex: none;
  }
}
</style>
