<script setup lang="ts">
import type { ListedModel } from '@dialytica/core/wire'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import Choice from '../../parts/Choice.vue'
import Problem from '../../parts/Problem.vue'
import { useMachines } from '../../stores/machines.ts'

/** A model that a misread plate made is made one with the right one: its machines, jobs and book go over, and its code means the other from then on. */
const props = defineProps<{ model: ListedModel }>()
const emit = defineEmits<{ made: [model: string] }>()
const machines = useMachines()
const open = ref(false)
const into = ref<string | null>(null)
const busy = ref(false)
const problem = ref('')
const others = computed(() =>
  machines.models
    .filter(m => m.id !== props.model.id && m.family === props.model.family)
    .map(m => ({ value: m.id, label: `${m.maker} ${m.code}` })),
)
const chosen = computed(() => others.value.find(o => o.value === into.value))
const own = computed(() => `${props.model.maker} ${props.model.code}`)
async function makeOne(): Promise<void> {
  if (!into.value) {
    problem.value = 'Choose the model that it is.'
    return
  }
  busy.value = true
  try {
    await machines.makeOne(props.model.id, into.value)
    emit('made', into.value)
  } catch (error) {
    problem.value = (error as Error).message
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <p class="open">
    <NButton :aria-expanded="open" @click="open = !open">It is another model</NButton>
  </p>
  <form v-if="open" class="one" aria-label="Make one model of two" @submit.prevent="makeOne">
    <Choice
      label="The model that it is"
      :value="into ?? ''"
      placeholder="maker, code"
      :options="others"
      @choose="into = $event"
    />
    <p v-if="chosen">
      All machines of {{ own }} become {{ chosen.label }}, with their jobs, what was said of the model, and its book. A
      plate that says {{ model.code }} is that model from then on. This cannot be undone.
    </p>
    <Problem :says="problem" />
    <NButton type="error" attr-type="submit" :disabled="busy">Make them one</NButton>
  </form>
</template>

<style scoped>
.open {
  padding-top: 10px;
}
.one {
  display: grid;
  gap: 8px;
  justify-items: start;
  max-width: 520px;
  padding: 10px 0;
}
.one > .choice {
  width: 100%;
}
</style>
