<script setup lang="ts">
import { foundMissing } from '@dialytica/core/acts'
import { whyNot } from '@dialytica/core/log'
import { zoneTitle } from '@dialytica/core/machine'
import { describe } from '@dialytica/core/moves'
import { parseLine } from '@dialytica/core/quick-line'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { v4 } from 'uuid'
import { useJob } from '../../stores/job.ts'
import { toStep } from '../../ways.ts'

/** Something that nobody recorded going down and that is found missing coming back: told in one line, owed from now on. */
const props = defineProps<{ zone: string | undefined }>()
const job = useJob()
const router = useRouter()
const open = ref(false)
const line = ref('')
const problem = ref('')
const around = computed(() => ({ posture: job.stance.posture, isolated: job.stance.isolated }))
const said = computed(() => parseLine(line.value, { family: job.family, around: around.value, id: v4 }))
function owe(): void {
  const { moves, zone = props.zone } = said.value
  const id = v4()
  problem.value = whyNot(job.act(foundMissing({ id, moves, ...(zone && { zone }) }))) ?? ''
  if (problem.value) return
  line.value = ''
  open.value = false
  void router.replace(toStep(id))
}
</script>

<template>
  <div class="lacking">
    <button v-if="!open" class="btn" type="button" @click="open = true">Not in the record</button>
    <form v-else @submit.prevent="owe">
      <label class="soft" for="lacking"
        >What belongs here that nobody recorded<template v-if="zone"
          >, {{ zoneTitle(job.family, zone) }}</template
        ></label
      >
      <input
        id="lacking"
        v-model="line"
        class="mono"
        placeholder="ground strap eyelet to motor; 1x T20"
        autocomplete="off"
      />
      <p v-for="m in said.moves" :key="m.id">{{ describe(m) }}</p>
      <span class="row">
        <button class="btn go" type="submit">Owe it</button>
        <button class="btn" type="button" @click="open = false">Leave it</button>
      </span>
      <p v-if="problem" class="note danger" role="alert">{{ problem }}</p>
    </form>
  </div>
</template>

<style scoped>
form {
  display: grid;
  gap: 6px;
}
input {
  min-height: 48px;
  padding: 0 10px;
  border: 2px solid var(--rule);
  border-radius: 3px;
  background: var(--sheet);
  color: var(--ink);
  font-size: 16px;
}
.row {
  display: flex;
  gap: 8px;
}
</style>
