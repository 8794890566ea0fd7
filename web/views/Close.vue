<script setup lang="ts">
import { closeJob, together } from '@dialytica/core/acts'
import { debtStates } from '@dialytica/core/items'
import { owedByZone, piecesOwed } from '@dialytica/core/ledger'
import { whyNot } from '@dialytica/core/log'
import { zoneTitle } from '@dialytica/core/machine'
import { proofOf, triedOf, unproved } from '@dialytica/core/proof'
import { adviceOn, customerReport, endOf, endWords } from '@dialytica/core/report'
import { addressOf, calls } from '@dialytica/core/wire'
import { text } from '@dialytica/core/words'
import { NButton, NInput } from 'naive-ui'
import { computed, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import BalanceTable from '../parts/close/BalanceTable.vue'
import CallBack from '../parts/close/CallBack.vue'
import ReportRows from '../parts/close/ReportRows.vue'
import Cutaway from '../parts/Cutaway.vue'
import Glyph from '../parts/Glyph.vue'
import JobLog from '../parts/JobLog.vue'
import JobValley from '../parts/JobValley.vue'
import LinkButton from '../parts/LinkButton.vue'
import Problem from '../parts/Problem.vue'
import WhatWasIt from '../parts/close/WhatWasIt.vue'
import OnThePage from '../parts/close/OnThePage.vue'
import ShareReport from '../parts/close/ShareReport.vue'
import TakeOut from '../parts/close/TakeOut.vue'
import { useJob } from '../stores/job.ts'
import { useSession } from '../stores/session.ts'
import { useTriage } from '../stores/triage.ts'
import { toJob } from '../ways.ts'

/** The balance before the machine is closed: what is owed, where it lies, from which step; then the close. */
const job = useJob()
const router = useRouter()
const note = ref('')
const signedBy = ref('')
const cause = ref('')
/** What is advised follows from the cause and from what is new, until somebody writes it. */
const ownAdvice = ref<string | null>(null)
const advice = computed(() => ownAdvice.value ?? adviceOn(cause.value, fresh.value, job.family).join(' ').slice(0, 500))
const fresh = computed(() => customerReport(job.state, job.family).fresh.map(f => f.part))
const problem = ref('')
const withDebts = ref(false)
const refused = ref(false)
const session = useSession()
const triage = useTriage()
const total = computed(() => piecesOwed(job.state.owed))
const left = computed(() => unproved(proofOf(job.state, job.family, job.planned)))
/** What was never told of the proof: it is told with the close, with one reason for all. */
const untold = computed(() => {
  const { trials, results } = triedOf(job.state, job.family)
  return trials.filter(t => !results.has(t.id))
})
const whyNotProved = ref('')
const ended = computed(() => `${endWords[endOf(job.state.closing, triedOf(job.state, job.family))]}.`)
const zones = computed(() => Object.fromEntries(owedByZone(job.debts)))

const givingUp = ref(false)
const whyUp = ref('')
/** The job ends with what remains off, by name. */
function giveUp(): void {
  problem.value = whyNot(job.says('job-abandoned', { note: whyUp.value.trim() })) ?? ''
}
async function close(clean: boolean): Promise<void> {
  const text = note.value.trim()
  const signed = signedBy.value.trim()
  const said = { cause: cause.value.trim(), advice: advice.value.trim() }
  const isNew = said.cause && said.cause !== triage.told.cause?.cause
  const closes = closeJob(
    job.state,
    job.family,
    {
      clean,
      ...(text && { note: text }),
      ...(signed && { signedBy: signed }),
      ...(said.cause && { cause: said.cause }),
      ...(said.advice && { advice: said.advice }),
    },
    whyNotProved.value,
  )
  const refusal = job.act(isNew ? together(triage.tellsCause(said.cause, true), closes) : closes)
  refused.value = Boolean(refusal)
  problem.value = whyNot(refusal) ?? ''
  if (!refusal) await router.replace(toJob(job.id, 'close'))
}
</script>

<template>
  <main class="close">
    <div class="valley"><JobValley /></div>
    <section class="owed" tabindex="0" aria-label="The balance">
      <h1 v-if="job.closed">{{ ended }}</h1>
      <h1 v-else-if="total">{{ total }} still owed.</h1>
      <h1 v-else>Nothing is owed.</h1>
      <p v-if="job.closed">
        {{ job.state.closing!.note
        }}<template v-if="job.state.closing!.signedBy"> Signed off: {{ job.state.closing!.signedBy }}.</template>
      </p>
      <p v-if="job.state.opened?.callBackOf">
        A call-back: <RouterLink :to="toJob(job.state.opened.callBackOf, 'close')">the job before</RouterLink>
      </p>
      <ul v-if="job.debts.length" :aria-label="job.closed ? 'What remains off' : 'What is owed'">
        <li v-for="d in job.debts" :key="d.id">
          <RouterLink :to="toJob(job.id, 'return', d.step)">
            <Glyph :kind="d.item" :size="24" />
            <b class="mono">{{ d.owes }}</b>
            <span class="what"
              >{{ text(d.label) }}<span class="soft">, {{ debtStates[d.state] }}</span></span
            >
            <span>{{ d.zone ? zoneTitle(job.family, d.zone) : 'zone not named' }}</span>
            <span class="mono">{{ d.cell ? `cell ${d.cell}` : '' }}</span>
            <span class="soft">from step {{ d.stepNumber }}</span>
          </RouterLink>
        </li>
      </ul>
      <p v-else-if="!job.closed" class="clean">Nothing in the tray, no towel inside. Count the tools, then close.</p>
      <p v-if="!job.isFixed && left.length" class="unproved" role="status">
        <b>{{ left.length }} not proved yet:</b> {{ left.map(t => text(t.name)).join(', ') }}.
        <LinkButton :to="toJob(job.id, 'proof')">Prove it <kbd>T</kbd></LinkButton>
      </p>
      <LinkButton v-if="!job.isFixed" :to="toJob(job.id, 'finder')">Something is left over</LinkButton>
      <div class="sums" :class="{ apart: !job.debts.length }">
        <BalanceTable v-if="!job.debts.length" />
        <ReportRows />
      </div>
      <JobLog />
    </section>
    <section class="act">
      <div class="machine">
        <Cutaway :family="job.family" :open="job.stance.open" :owed="zones" :posture="job.stance.posture" large />
      </div>
      <template v-if="!job.isFixed">
        <p class="soft small">Electrical tests after the repair, and who may do them, are for your local code.</p>
        <Problem v-if="problem"
          >{{ problem }}.
          <template v-if="refused && total">The list says what, where, and from which step.</template></Problem
        >
        <label for="note">{{ withDebts ? 'Why it is closed with debts' : 'What to tell the customer' }}</label>
        <NInput
          v-model:value="note"
          :placeholder="withDebts ? 'stays in the record' : ''"
          :input-props="{ id: 'note', autocomplete: 'off' }"
        />
        <label for="cause">What was wrong</label>
        <WhatWasIt v-model="cause" />
        <NInput v-model:value="cause" placeholder="" :input-props="{ id: 'cause', autocomplete: 'off' }" />
        <label for="advice">Advice, so that it does not come back</label>
        <NInput
          :value="advice"
          type="textarea"
          :autosize="{ minRows: 1, maxRows: 4 }"
          :maxlength="500"
          placeholder=""
          :input-props="{ id: 'advice' }"
          @update:value="ownAdvice = $event"
        />
        <label for="signed">Signed off by</label>
        <NInput v-model:value="signedBy" placeholder="" :input-props="{ id: 'signed', autocomplete: 'name' }" />
        <template v-if="untold.length && (!total || withDebts)">
          <label for="why-not-proved"
            >Why {{ untold.length === 1 ? 'this is' : `these ${untold.length} are` }} not proved</label
          >
          <p class="soft small">{{ untold.map(t => text(t.name)).join(', ') }}</p>
          <NInput
            v-model:value="whyNotProved"
            placeholder="one reason for all; it stays in the record"
            :input-props="{ id: 'why-not-proved', autocomplete: 'off' }"
          />
        </template>
        <NButton v-if="!withDebts" type="primary" size="large" @click="close(true)">{{
          left.length && !total ? 'Close, not proved' : 'Close clean'
        }}</NButton>
        <NButton v-if="total && !withDebts" @click="withDebts = true">Close with debts</NButton>
        <NButton v-if="!withDebts && !givingUp" @click="givingUp = true">Give the job up</NButton>
        <template v-if="givingUp">
          <label for="why-up">Why it is given up</label>
          <NInput
            v-model:value="whyUp"
            placeholder="stays in the record"
            :input-props="{ id: 'why-up', autocomplete: 'off' }"
          />
          <p class="soft small">
            {{
              total
                ? `${total} ${total === 1 ? 'piece remains' : 'pieces remain'} off it, by name in the record. Tell whoever owns it that it is not to be used.`
                : 'Nothing is off it.'
            }}
          </p>
          <NButton type="error" size="large" :disabled="!whyUp.trim()" @click="giveUp">Given up</NButton>
          <NButton @click="givingUp = false">Do not</NButton>
        </template>
        <template v-if="withDebts">
          <NButton type="error" size="large" @click="close(false)">Close with {{ total }} owed</NButton>
          <NButton @click="withDebts = false">Do not</NButton>
        </template>
      </template>
      <NButton tag="a" :href="addressOf(calls.recordPdf, { job: job.id! })" target="_blank" rel="noopener"
        >Record sheet (PDF)</NButton
      >
      <NButton tag="a" :href="addressOf(calls.customerPdf, { job: job.id! })" target="_blank" rel="noopener"
        >Page for the customer (PDF)</NButton
      >
      <OnThePage v-if="!job.isFixed" />
      <ShareReport v-if="job.closed && session.mayWork" />
      <NButton tag="a" :href="addressOf(calls.recordOut, { job: job.id! })" download>Job as JSON</NButton>
      <TakeOut />
      <LinkButton v-if="job.isFixed" :to="toJob(job.id, 'valley')">See the whole job</LinkButton>
      <CallBack v-if="job.closed && session.mayWork" />
    </section>
  </main>
</template>

<style scoped>
.close {
  display: grid;
  grid-template: 132px minmax(0, 1fr) / 1fr 400px;
  min-height: 0;
  font-size: 18px;
}
.valley {
  grid-column: 1 / -1;
  border-bottom: 2px solid var(--rule);
  min-height: 0;
}
.sums.apart {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 0 28px;
  align-items: start;
}
.owed {
  padding: 14px 24px;
  overflow: auto;
}
h1 {
  font-size: 34px;
  margin-bottom: 10px;
}
.unproved {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  margin: 8px 0;
  border-left: 6px solid var(--caution);
  padding-left: 12px;
}
.clean {
  color: var(--work);
  font-size: 20px;
}
li a {
  display: grid;
  grid-template-columns: 28px 36px 1fr 130px 90px 120px;
  gap: 10px;
  align-items: center;
  min-height: 50px;
  border-top: 1px solid var(--hair);
  text-decoration: none;
  line-height: 1.2;
}
li a svg {
  color: var(--off);
}
.act {
  border-left: 2px solid var(--rule);
  padding: 16px 20px;
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-height: 0;
  overflow: auto;
}
.machine {
  flex: 0 1 240px;
  min-height: 120px;
}
@media (max-width: 1000px) {
  .close {
    display: flex;
    flex-direction: column;
    overflow: auto;
  }
  .valley {
    flex: 0 0 90px;
  }
  .owed {
    flex: none;
    overflow: visible;
  }
  .sums.apart {
    grid-template-columns: minmax(0, 1fr);
  }
  li a {
    grid-template-columns: 28px 30px 1fr auto;
    padding: 8px 0;
  }
  li a > :nth-child(n + 5) {
    grid-column: 3;
  }
  .act {
    border: 0;
    border-top: 2px solid var(--rule);
    overflow: visible;
  }
}
</style>
