<script setup lang="ts">
import { checksOn, type Plan } from '@dialytica/core/access'
import { zoneTitle, type Family } from '@dialytica/core/machine'
import type { Belief } from '@dialytica/core/triage'
import { text, warn } from '@dialytica/core/words'
import { computed } from 'vue'
import Cutaway from '../Cutaway.vue'
import Glyph from '../Glyph.vue'
import { glyphOf } from '@dialytica/core/moves'
import { bySays, effortSays, knownFrom, minutesOf } from './access-words.ts'
import ToolRow from './ToolRow.vue'
import WayStrip from './WayStrip.vue'

/** One way in: where it opens the machine, how long it is, and all that is to be known before setting out. */
const props = defineProps<{
  family: Family
  plan: Plan
  place: number
  zone?: string | undefined
  most: number
  deepest: number
  held: readonly Belief[]
}>()
const stands = computed(() => props.plan.acts.findLast(a => a.turn)?.turn?.to)
const checks = computed(() => checksOn(props.family, props.plan, props.held).slice(0, 4))
const heading = computed(() => `${minutesOf(props.plan.minutes)} min, ${bySays(props.plan)}`)
</script>

<template>
  <article class="plan" :class="{ first: place === 0 }" :aria-label="heading" tabindex="0">
    <h2>
      <b class="mono">{{ minutesOf(plan.minutes) }}</b> min {{ bySays(plan) }}
    </h2>
    <p class="effort">
      {{ effortSays(plan) }}. <span class="soft">{{ knownFrom(plan) }}</span>
    </p>
    <div class="machine">
      <Cutaway :family="family" :open="plan.open" :zone="zone" v-bind="stands ? { posture: stands } : {}" />
    </div>
    <WayStrip :plan="plan" :most="most" :deepest="deepest" />
    <p v-for="f in plan.first" :key="text(f)" class="caution">{{ text(f) }}.</p>
    <ol aria-label="In this order">
      <template v-for="(a, i) in plan.acts" :key="i">
        <li v-if="a.turn" class="turn">Turn it: {{ a.turn.to }}{{ a.turn.people > 1 ? ', two people' : '' }}</li>
        <li>
          <Glyph :kind="'act' in a.source ? glyphOf(a.source.act.move) : 'part'" :size="18" />
          <span>{{ text(a.says) }}</span>
          <span class="mono soft">{{ minutesOf(a.minutes) }}</span>
        </li>
      </template>
    </ol>
    <template v-if="plan.tools.length">
      <h3>In hand, in this order</h3>
      <ToolRow v-for="t in plan.tools" :key="t.tool" :use="t" />
    </template>
    <template v-if="plan.toHave.length">
      <h3>Have it before you start</h3>
      <p>{{ plan.toHave.join(', ') }}</p>
    </template>
    <template v-if="plan.off.length">
      <h3>Off at the deepest point</h3>
      <p>
        {{ plan.off.join(', ')
        }}<span class="soft">; open: {{ plan.open.map(z => zoneTitle(family, z)).join(', ') }}</span>
      </p>
    </template>
    <template v-if="checks.length">
      <h3>To look at on the way</h3>
      <p v-for="c in checks" :key="c.check.id">
        <b>{{ c.check.id }}</b>: <span class="soft">{{ c.check.why }}</span>
      </p>
    </template>
    <template v-if="plan.learnt.length || plan.perhaps.length || plan.cautions.length">
      <h3>Mind</h3>
      <p v-for="l in plan.learnt" :key="text(l.says)" class="learnt">{{ text(l.says) }}</p>
      <p v-for="p in plan.perhaps" :key="text(p)" class="learnt">{{ text(p) }}.</p>
      <p v-for="c in plan.cautions" :key="c" class="caution">{{ text(warn(c)) }}</p>
    </template>
  </article>
</template>

<style scoped>
.plan {
  display: flex;
  flex-direction: column;
  gap: 6px;
  padding: 12px 18px;
  overflow: auto;
  max-width: 620px;
  border-left: 2px solid var(--rule);
}
.plan > * {
  flex: none;
}
.first {
  border-left: 8px solid var(--work);
}
h2 {
  font-size: 22px;
}
h2 b {
  font-size: 40px;
}
h3 {
  margin-top: 6px;
  border-top: 2px solid var(--rule);
  padding-top: 4px;
  font-size: 18px;
}
.effort {
  line-height: 1.2;
}
.machine {
  height: 190px;
}
ol {
  font-size: 17px;
}
li {
  display: grid;
  grid-template-columns: 22px minmax(0, 1fr) auto;
  gap: 8px;
  align-items: start;
  line-height: 1.15;
  padding: 4px 0;
  border-top: 1px solid var(--hair);
}
.turn {
  display: block;
  border-left: 6px solid var(--caution);
  padding-left: 10px;
  font-weight: 650;
}
.caution {
  border-left: 6px solid var(--caution);
  padding-left: 10px;
  line-height: 1.2;
}
.learnt {
  border-left: 6px solid var(--off);
  padding-left: 10px;
  line-height: 1.2;
}
@media (max-width: 1000px) {
  .plan {
    overflow: visible;
    border-left: 0;
    border-top: 2px solid var(--rule);
    padding: 12px 14px;
  }
  .first {
    border-top: 8px solid var(--work);
  }
}
</style>
