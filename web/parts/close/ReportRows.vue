<script setup lang="ts">
import { renewedWords } from '@dialytica/core/fit'
import { readingWords, report } from '@dialytica/core/report'
import { computed } from 'vue'
import { inShopTime } from '../../data/time.ts'
import { useJob } from '../../stores/job.ts'
import Thumb from '../Thumb.vue'

/** What the close-out says beside the balance: gates as they were passed, leftovers, new things, checks, time by phase, photos as it was left. */
const job = useJob()
const r = computed(() => report(job.state, job.family))
/** What was never told: of a job that is over. While it goes on it is to be done. */
const unproved = computed(() => (job.closed ? r.value.unproved : []))
const total = computed(() => r.value.minutes.reduce((n, m) => n + m.minutes, 0))
</script>

<template>
  <div class="report">
    <section v-if="r.gates.length" aria-label="Gates passed">
      <h2>Gates</h2>
      <ul>
        <li v-for="g in r.gates" :key="g.at">
          <b>{{ g.zones || 'a zone' }}</b>:
          {{ g.owed.length ? `passed over ${g.owed.join(', ')}; ${g.reason}` : 'clean'
          }}<span v-if="g.counted.length" class="soft">, counted out: {{ g.counted.join(', ') }}</span
          ><span v-if="g.uncounted.length" class="soft">, not counted: {{ g.uncounted.join(', ') }}</span>
        </li>
      </ul>
    </section>
    <section v-if="r.proof.length || unproved.length" aria-label="Proof">
      <h2>Proof</h2>
      <ul>
        <li v-for="p in r.proof" :key="p.what" :class="p.result.replace(' ', '-')">
          <b>{{ p.result }}</b>: {{ p.what }}<template v-if="p.seen"> {{ p.seen }}</template>
        </li>
        <li v-for="u in unproved" :key="u.what" class="open"><b>not told</b>: {{ u.what }}</li>
      </ul>
    </section>
    <section v-if="r.readings.length" aria-label="Readings">
      <h2>Readings</h2>
      <table>
        <thead>
          <tr>
            <th scope="col">of</th>
            <th scope="col">before</th>
            <th scope="col">after</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="p in r.readings" :key="p.of">
            <th scope="row">{{ p.of }}</th>
            <td>{{ readingWords(p.before) }}</td>
            <td>{{ readingWords(p.after) }}</td>
          </tr>
        </tbody>
      </table>
    </section>
    <section v-if="r.leftovers.length" aria-label="Left over or short">
      <h2>Left over or short</h2>
      <ul>
        <li v-for="l in r.leftovers" :key="l.what">
          <b>{{ l.what }}</b>: {{ l.by ?? 'not explained' }}
        </li>
      </ul>
    </section>
    <section v-if="r.fitted.length || r.renewed.length" aria-label="New on the machine">
      <h2>New on the machine</h2>
      <p v-if="r.fitted.length">{{ r.fitted.join('; ') }}</p>
      <ul>
        <li v-for="n in r.renewed" :key="n.name" class="renewed">
          <Thumb v-if="n.photos.old" :hash="n.photos.old.hash" :alt="`Old ${n.name}`" />
          <Thumb v-if="n.photos.new" :hash="n.photos.new.hash" :alt="`New ${n.name}`" />
          {{ renewedWords(n) }}
        </li>
      </ul>
    </section>
    <section v-if="total" aria-label="Time">
      <h2>Time</h2>
      <div class="bar" aria-hidden="true">
        <span v-for="m in r.minutes" :key="m.phase" :style="{ flexGrow: m.minutes }" :class="m.phase" />
      </div>
      <p>
        {{ r.minutes.map(m => `${m.phase} ${m.minutes} min`).join(', ') }}; {{ total }} min in all.<template
          v-if="r.checks.of"
        >
          {{ r.checks.done || 'None' }} of {{ r.checks.of }} checks by hand ticked off.</template
        >
      </p>
    </section>
    <section v-if="r.photos.length" aria-label="As it was left">
      <h2>As it was left</h2>
      <ul class="photos">
        <li v-for="p in r.photos" :key="p.photo.hash">
          <Thumb :hash="p.photo.hash" :alt="p.words" />
          <span class="soft">step {{ p.step }}, {{ inShopTime(p.photo.takenAt, 'minute') }}</span>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.report {
  display: grid;
  gap: 10px;
  margin-top: 12px;
}
h2 {
  font-size: 20px;
}
li,
p {
  line-height: 1.25;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  padding: 3px 14px 3px 0;
  border-bottom: 1px solid var(--hair);
  text-align: left;
  vertical-align: top;
  font-weight: 500;
}
thead th {
  color: var(--soft);
}
.bar {
  display: flex;
  height: 18px;
  gap: 2px;
  margin: 4px 0;
}
.bar span {
  background: var(--soft);
  min-width: 3px;
}
.bar .descent {
  background: var(--off);
}
.bar .return,
.bar .proof {
  background: var(--work);
}
.photos {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
.photos li {
  display: grid;
  font-size: 16px;
}
</style>
