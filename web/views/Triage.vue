<script setup lang="ts">
import { actName } from '@dialytica/core/triage'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useCommands } from '../commands.ts'
import Choice from '../parts/Choice.vue'
import LinkButton from '../parts/LinkButton.vue'
import Problem from '../parts/Problem.vue'
import AskThem from '../parts/triage/AskThem.vue'
import CauseField from '../parts/triage/CauseField.vue'
import CodeSays from '../parts/triage/CodeSays.vue'
import DoneSoFar from '../parts/triage/DoneSoFar.vue'
import FoundAfter from '../parts/triage/FoundAfter.vue'
import HeldSo from '../parts/triage/HeldSo.vue'
import HowItEnds from '../parts/triage/HowItEnds.vue'
import NextLook from '../parts/triage/NextLook.vue'
import { actWords, percent } from '../parts/triage/words.ts'
import WaysCompared from '../parts/triage/WaysCompared.vue'
import WhatWasTold from '../parts/triage/WhatWasTold.vue'
import { useJob } from '../stores/job.ts'
import { useSession } from '../stores/session.ts'
import { useTriage } from '../stores/triage.ts'
import { toJob } from '../ways.ts'

/** Before a cover comes off: what it can be, what to look at next, and what each look would tell. */
const job = useJob()
const triage = useTriage()
const session = useSession()
void triage.load()
const problem = ref('')
const chosen = ref<string | null>(null)
const lit = ref<string | null>(null)
const outlook = computed(() => (triage.isBlank ? null : triage.outlook))
const act = computed(() => outlook.value?.acts.find(a => actName(a) === chosen.value) ?? outlook.value?.acts[0])
const foresight = computed(() => {
  const a = act.value
  return a?.does === 'check' ? outlook.value?.foresight.find(f => f.check.id === a.check.id) : undefined
})
/** The act in hand first where it is a question. */
const asks = computed(() => {
  const all = outlook.value?.acts ?? []
  return act.value ? [act.value, ...all.filter(a => a !== act.value)] : all
})
const others = computed(() => (outlook.value?.acts ?? []).map(a => ({ label: actWords(a), value: actName(a) })))
watch(
  () => triage.told.evidence,
  () => (chosen.value = null),
)
const top = computed(() => (outlook.value?.held ?? []).filter(b => b.cause && b.share >= 0.01).slice(0, 4))
const unknown = computed(() => outlook.value?.held.find(b => b.cause === null)?.share ?? 0)
const words = computed(() => String(job.state.intake.complaint?.value ?? job.state.opened?.complaint ?? ''))

/** Says why not where something could not be told. */
const told = (refusal: string | null) => (problem.value = refusal ?? '')
/** What the look in hand showed; of a question: that it is so is what is not as it should be. */
function answer(result: 'good' | 'bad' | 'cannot tell'): void {
  const a = act.value
  if (!a || job.isFixed) return
  if (a.does === 'check') told(triage.checks(a.check.id, result))
  else if (a.does === 'ask') told(triage.finds(a.finding.id, result === 'bad' ? 'so' : 'not so'))
}
function causeIs(is: boolean): void {
  if (act.value?.does === 'put right') told(triage.causeIs(act.value.cause.id, is))
}
function back(): void {
  const last = triage.told.did.findLast(d => d.entry)
  if (last?.entry && !job.isFixed) told(triage.takeBack(last.entry))
}
useCommands({ forth: () => answer('good'), failed: () => answer('bad'), back, undo: back })
</script>

<template>
  <main class="triage">
    <section class="can" aria-label="What it can be">
      <p class="soft">{{ words || 'No complaint was told.' }}</p>
      <h2>What it can be</h2>
      <WhatWasTold :fixed="job.isFixed" @problem="problem = $event" />
      <CodeSays :fixed="job.isFixed" @problem="problem = $event" @choose="chosen = $event" />
      <div class="field">
        <CauseField
          :held="outlook?.held ?? []"
          :ruled-out="triage.told.evidence.ruledOut"
          :lit="lit"
          @choose="lit = $event"
        />
      </div>
      <ul class="top">
        <li v-for="b in top" :key="b.cause!.id" :class="{ lit: b.cause!.id === lit }">
          <button type="button" @click="lit = b.cause!.id">
            <b class="mono">{{ percent(b.share) }}</b> {{ b.cause!.id }}
            <small v-if="b.cause!.id === lit" class="soft">{{ b.cause!.part }}. {{ b.cause!.why }}</small>
          </button>
        </li>
      </ul>
      <p v-if="outlook" class="unknown">Something that this table does not know: {{ percent(unknown) }}</p>
      <HeldSo v-if="session.person?.role === 'lead'" />
    </section>
    <section class="next" tabindex="0" aria-label="What to do next">
      <Problem :says="problem || triage.problem" />
      <template v-if="outlook">
        <HowItEnds :outlook="outlook" :lit="lit" :fixed="job.isFixed" @problem="problem = $event" />
        <AskThem
          v-if="act?.does === 'ask' && !triage.told.cause"
          :acts="asks"
          :fixed="job.isFixed"
          @found="(finding, how) => told(triage.finds(finding, how))"
        />
        <NextLook
          v-else-if="act && act.does !== 'ask' && !triage.told.cause"
          :act="act"
          :foresight="foresight"
          :is-first="act === outlook.acts[0]"
          :fixed="job.isFixed"
          @checked="answer"
          @cause="causeIs"
        />
        <Choice
          v-if="!job.isFixed && !triage.told.cause"
          class="another"
          label="Take another look"
          placeholder="Take another look …"
          :value="chosen ?? ''"
          :options="others"
          @choose="chosen = $event"
        />
        <div v-if="!triage.told.cause" class="after">
          <h2>Found after so many minutes</h2>
          <WaysCompared :expected="outlook.expected" :fixed="job.isFixed" @problem="problem = $event" />
          <FoundAfter :course="outlook.course" :chosen="act ? actName(act) : null" @choose="chosen = $event" />
        </div>
      </template>
      <template v-else-if="triage.isBlank">
        <h1>Say what it does.</h1>
        <p>Write the complaint in the customer's words at the intake, or pick what it does under “It also …”.</p>
        <LinkButton :to="toJob(job.id, 'intake')">To the intake</LinkButton>
      </template>
      <DoneSoFar :fixed="job.isFixed" @problem="problem = $event" />
      <div class="on">
        <LinkButton :to="toJob(job.id, 'way-in')">Way in <kbd>I</kbd></LinkButton>
        <LinkButton :to="toJob(job.id, 'fetch')">Fetch</LinkButton>
        <LinkButton :to="toJob(job.id, 'worth')">Worth it?</LinkButton>
        <LinkButton :to="toJob(job.id, 'intake')">Make it safe, then go down</LinkButton>
        <NButton v-if="!job.isFixed && triage.told.did.length" @click="back">Take the last back <kbd>U</kbd></NButton>
      </div>
    </section>
  </main>
</template>

<style scoped>
.triage {
  display: grid;
  grid-template-columns: 430px minmax(0, 1fr);
  min-height: 0;
  font-size: 18px;
}
.can {
  display: flex;
  flex-direction: column;
  gap: 8px;
  padding: 12px 16px;
  border-right: 2px solid var(--rule);
  overflow: auto;
}
h2 {
  font-size: 22px;
}
.field {
  flex: 1 1 260px;
  min-height: 240px;
}
.top {
  list-style: none;
  padding: 0;
}
.top button {
  width: 100%;
  min-height: 34px;
  text-align: left;
  border: 0;
  border-top: 1px solid var(--hair);
  background: none;
  color: inherit;
  font: inherit;
  font-size: 16px;
  line-height: 1.1;
  cursor: pointer;
}
.top .lit button {
  border-left: 6px solid var(--off);
  padding-left: 8px;
}
.top small {
  display: block;
}
.unknown {
  border-left: 6px solid var(--hair);
  padding-left: 10px;
  font-size: 16px;
}
.next {
  padding: 12px 24px;
  overflow: auto;
  display: flex;
  flex-direction: column;
  gap: 14px;
}
/* As wide as its column. */
.another {
  width: 100%;
}
.after {
  border-top: 2px solid var(--rule);
  padding-top: 10px;
  display: grid;
  gap: 8px;
}
.on {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
@media (max-width: 1000px) {
  .triage {
    display: flex;
    flex-direction: column;
    overflow: auto;
  }
  .can,
  .next {
    flex: none;
    overflow: visible;
    border: 0;
    padding: 10px 14px;
  }
  .next {
    order: -1;
    border-bottom: 2px solid var(--rule);
  }
  .field {
    height: 80vw;
    flex: none;
  }
  .top button {
    min-height: 48px;
  }
}
</style>
