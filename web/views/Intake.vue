<script setup lang="ts">
import { turnTo } from '@dialytica/core/acts'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useCommands } from '../commands.ts'
import CorrectPlate from '../parts/CorrectPlate.vue'
import FoundBefore from '../parts/FoundBefore.vue'
import Glyph from '../parts/Glyph.vue'
import IntakeWords from '../parts/IntakeWords.vue'
import LinkButton from '../parts/LinkButton.vue'
import Problem from '../parts/Problem.vue'
import SafeSequence from '../parts/SafeSequence.vue'
import { useJob } from '../stores/job.ts'
import { useSafe } from '../stores/safe.ts'
import { toJob } from '../ways.ts'

/** Before the first cover: what is wrong, what was so already, what needs power, then safe. */
const job = useJob()
const safe = useSafe()
const router = useRouter()
const problem = ref('')
const hasPower = computed(() => !job.stance.isolated.includes('power'))

function goDown(): void {
  if (!job.isFixed) job.act(turnTo(job.state, 'descent'))
  void router.push(toJob(job.id, 'descent'))
}
/** The right pedal ticks off the next act where it can be done in one way; when all are done it goes down. */
function forth(): void {
  const act = safe.next
  if (job.isFixed || !act) return goDown()
  problem.value = safe.tick(act) ?? ''
}
function back(): void {
  const last = safe.acts.findLast(a => a.by)
  if (last && !job.isFixed) problem.value = safe.takeBack(last) ?? ''
}
useCommands({ forth, back, undo: back })
</script>

<template>
  <main class="intake">
    <h1 class="sr">Intake</h1>
    <div class="told">
      <IntakeWords :fixed="job.isFixed" @problem="problem = $event" />
      <div class="first">
        <LinkButton :to="toJob(job.id, 'triage')">Find the cause <kbd>C</kbd></LinkButton>
        <LinkButton :to="toJob(job.id, 'worth')">Worth it?</LinkButton>
      </div>
      <FoundBefore :fixed="job.isFixed" zone="outside" />
      <CorrectPlate :fixed="job.isFixed" />
    </div>
    <SafeSequence class="safe" :fixed="job.isFixed" @problem="problem = $event" />
    <div class="act">
      <Problem :says="problem" />
      <p v-if="hasPower && !job.closed" class="live" role="note">
        <Glyph kind="isolation" :size="20" />
        Power is not isolated. You can go down all the same; each step at a live place is marked.
      </p>
      <p v-else class="soft small">
        Who may work on it, and how it is isolated, is for your local code and your licence.
      </p>
      <NButton size="large" :type="safe.next ? 'default' : 'primary'" @click="goDown">Go down</NButton>
    </div>
  </main>
</template>

<style scoped>
.intake {
  display: grid;
  grid-template: minmax(0, 1fr) auto / minmax(0, 1fr) minmax(0, 620px);
  grid-template-areas: 'told safe' 'told act';
  font-size: 18px;
}
.told {
  grid-area: told;
  padding: 12px 22px;
  display: grid;
  gap: 12px;
  align-content: start;
  overflow: auto;
  border-right: 2px solid var(--rule);
}
.first {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.safe {
  grid-area: safe;
  padding: 14px 22px;
  overflow: auto;
}
.act {
  grid-area: act;
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  gap: 8px 16px;
  padding: 10px 22px;
  border-top: 2px solid var(--rule);
  background: var(--sheet);
}
.act .note {
  grid-column: span 2;
}
.live {
  display: flex;
  align-items: center;
  gap: 8px;
  color: var(--danger);
  font-weight: 650;
  line-height: 1.15;
}
@media (max-width: 1000px) {
  .intake {
    display: flex;
    flex-direction: column;
    overflow: auto;
  }
  .told,
  .safe {
    flex: none;
    overflow: visible;
    border: 0;
    padding: 12px 14px;
  }
  .safe {
    border-top: 2px solid var(--rule);
  }
  .act {
    position: sticky;
    bottom: 0;
    margin-top: auto;
    padding: 8px 14px;
  }
}
</style>
