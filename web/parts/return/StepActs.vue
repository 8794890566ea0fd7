<script setup lang="ts">
import { isLookedOver } from '@dialytica/core/acts'
import { owedCount, type Debt, type Settlement } from '@dialytica/core/log'
import type { ReturnStep } from '@dialytica/core/plan'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useJob } from '../../stores/job.ts'
import { toJob, toStep, toThing } from '../../ways.ts'
import LinkButton from '../LinkButton.vue'
import GoesOver from '../bench/GoesOver.vue'
import NotInRecord from './NotInRecord.vue'
import OpenAgain from './OpenAgain.vue'

/** What else can be done with a step of the return: all at once, otherwise than refitted, a photo of now, opened again, asked for, told. */
const props = defineProps<{
  r: ReturnStep
  next: Debt | undefined
  held: boolean
  busy: boolean
  askingNew: boolean
}>()
const emit = defineEmits<{ all: []; settle: [how: Settlement]; shoot: [] }>()
const job = useJob()
const router = useRouter()
/** The part of this step, to look at what binds it. */
const thing = computed(() => job.planned.assembly.parts.find(p => p.step === props.r.step.id)?.move)
const otherwise = ref(false)
/** The part that is to be replaced, while it is asked what is on the old one. */
const over = ref<{ id: string; name: string } | null>(null)
watch(
  () => props.r.step.id,
  () => {
    otherwise.value = false
    over.value = null
  },
)
/** A new part: what is on the old one is asked for once. A part that was recorded as replaced was asked for then. */
function renew(): void {
  const move = props.r.step.moves.find(m => m.id === props.next?.id)
  const part = move && !('carryOver' in move) && 'part' in move ? move.part : undefined
  if (!part || isLookedOver(job.state, props.r.step.id, move!.id)) return emit('settle', 'replaced')
  over.value = { id: move!.id, name: part.name }
}
/** What goes over is owed now and comes first; where nothing does, the new part is on. */
function wentOver(owed: string | null): void {
  over.value = null
  otherwise.value = false
  if (owed) void router.replace(toStep(owed))
  else emit('settle', 'replaced')
}
</script>

<template>
  <div v-if="askingNew && !over" class="which note caution" role="group" aria-label="Which one goes on?">
    <b>Which one goes on?</b>
    <NButton size="large" @click="renew">The new one</NButton>
    <NButton size="large" @click="emit('settle', 'refitted')">The old one</NButton>
  </div>
  <div class="acts">
    <template v-if="next">
      <NButton v-if="next.count > 1 && owedCount(next) > 1" :disabled="held" @click="emit('all')">
        All {{ owedCount(next) }}
      </NButton>
      <NButton :aria-expanded="otherwise" @click="otherwise = !otherwise"> Other than refitted </NButton>
      <template v-if="otherwise">
        <NButton @click="renew">New one</NButton>
        <NButton @click="emit('settle', 'scrapped')">Scrapped</NButton>
        <NButton @click="emit('settle', 'missing')">Was missing before</NButton>
      </template>
    </template>
    <GoesOver v-if="over" class="over" :step="r.step" :part="over" @done="wentOver" />
    <NButton :disabled="busy" @click="emit('shoot')">Photo of now <kbd>P</kbd></NButton>
    <LinkButton v-if="thing" :to="toThing(job.id, thing)">What binds it</LinkButton>
    <OpenAgain :step="r.step.id" />
    <LinkButton :to="toJob(job.id, 'finder')">Left over <kbd>F</kbd></LinkButton>
    <NotInRecord :zone="r.step.zone" />
  </div>
</template>

<style scoped>
.which {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.over {
  width: 100%;
}
.acts :deep(.n-button),
.acts > .n-button {
  font-size: 16px;
  padding: 0 8px;
}
</style>
