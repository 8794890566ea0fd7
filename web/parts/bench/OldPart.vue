<script setup lang="ts">
import { isOldLookedOver, letGo, settle, withdrawAgain } from '@dialytica/core/acts'
import { fates, leftTo, nameOf, stillOn, type Fate, type PartAtHand } from '@dialytica/core/fit'
import { owedCount, whyNot, type Debt } from '@dialytica/core/log'
import { bare } from '@dialytica/core/words'
import { NButton, NInput } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useJob } from '../../stores/job.ts'
import Problem from '../Problem.vue'
import GoesOver from './GoesOver.vue'

/** The old part: what is still on it and goes over, each ticked as it is moved; then where it goes. */
const props = defineProps<{ part: PartAtHand }>()
const job = useJob()
const problem = ref('')
const reason = ref('')
const asks = ref<Fate | null>(null)
watch(
  () => props.part.key,
  () => {
    problem.value = ''
    asks.value = null
    reason.value = ''
  },
)
const still = computed(() => (props.part.move ? stillOn(job.state, props.part.move) : []))
const gone = computed(() => leftTo(job.state, props.part))
const isLooked = computed(() => isOldLookedOver(job.state, props.part))
const move = (debt: Debt) =>
  (problem.value = whyNot(job.act(settle(job.state, debt, 'refitted', owedCount(debt)))) ?? '')
function go(to: Fate): void {
  problem.value = whyNot(job.act(letGo(job.state, props.part, to, reason.value))) ?? ''
  asks.value = problem.value && isLooked.value && still.value.length ? to : null
}
</script>

<template>
  <section class="old" aria-label="The old part">
    <h2>The old {{ bare(part.name) }}</h2>
    <template v-if="gone">
      <p>
        Gone: {{ gone.to
        }}<template v-if="gone.left?.length">, with {{ gone.left.join(', ') }} on it. {{ gone.reason }}</template>
      </p>
      <NButton v-if="!job.isFixed" @click="problem = whyNot(job.act(withdrawAgain(gone.id))) ?? ''"
        >It is still here</NButton
      >
    </template>
    <template v-else-if="part.step && !job.isFixed">
      <GoesOver
        v-if="!isLooked"
        :step="{ id: part.step, zone: job.state.steps.get(part.step)?.zone }"
        :part="{ id: part.move!, name: part.name }"
      />
      <ul v-if="still.length">
        <li v-for="d in still" :key="d.id">
          <b>{{ nameOf(job.state, d) }}</b> still on it
          <NButton @click="move(d)">Moved over</NButton>
        </li>
      </ul>
      <div class="to" role="group" aria-label="Where the old one goes">
        <NButton v-for="f in fates" :key="f" @click="go(f)">{{ f }}</NButton>
      </div>
      <form v-if="asks" @submit.prevent="go(asks!)">
        <NInput
          v-model:value="reason"
          placeholder="why it goes with it"
          :input-props="{ 'aria-label': 'Why it goes with the old one', autocomplete: 'off' }"
        />
        <NButton attr-type="submit">Let it go all the same</NButton>
      </form>
      <Problem :says="problem" />
    </template>
    <p v-else-if="!part.step" class="soft">It has not come off yet.</p>
  </section>
</template>

<style scoped>
.old {
  display: grid;
  gap: 8px;
}
h2 {
  font-size: 22px;
}
ul {
  list-style: none;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 52px;
  border-bottom: 1px solid var(--hair);
}
li .n-button {
  margin-left: auto;
}
.to,
form {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
