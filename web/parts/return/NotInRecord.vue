<script setup lang="ts">
import { foundMissing } from '@dialytica/core/acts'
import { whyNot } from '@dialytica/core/log'
import { zoneTitle } from '@dialytica/core/machine'
import { describe } from '@dialytica/core/moves'
import { parseLine } from '@dialytica/core/quick-line'
import { NButton, NInput } from 'naive-ui'
import { v4 } from 'uuid'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useJob } from '../../stores/job.ts'
import { toStep } from '../../ways.ts'
import Problem from '../Problem.vue'

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
    <NButton v-if="!open" @click="open = true">Not in the record</NButton>
    <form v-else @submit.prevent="owe">
      <label class="soft" for="lacking"
        >What belongs here that nobody recorded<template v-if="zone"
          >, {{ zoneTitle(job.family, zone) }}</template
        ></label
      >
      <NInput
        v-model:value="line"
        class="mono"
        placeholder="ground strap eyelet to motor; 1x T20"
        :input-props="{ id: 'lacking', autocomplete: 'off' }"
      />
      <p v-for="m in said.moves" :key="m.id">{{ describe(m) }}</p>
      <span class="row">
        <NButton type="primary" attr-type="submit">Owe it</NButton>
        <NButton @click="open = false">Leave it</NButton>
      </span>
      <Problem :says="problem" />
    </form>
  </div>
</template>

<style scoped>
form {
  display: grid;
  gap: 6px;
}
.row {
  display: flex;
  gap: 8px;
}
</style>
