<script setup lang="ts">
import { compareParts, leftTo, toldOf, type PartAtHand } from '@dialytica/core/fit'
import { NButton, NInput } from 'naive-ui'
import { computed, ref } from 'vue'
import { useJob } from '../../stores/job.ts'

/** The parts on the bench: those for which a new one comes, with how far each is; what else came off; and one that is only named yet. */
const props = defineProps<{ parts: readonly PartAtHand[]; chosen: string | undefined }>()
const emit = defineEmits<{ choose: [key: string] }>()
const job = useJob()
const name = ref('')
const fresh = computed(() =>
  props.parts
    .filter(p => p.isNew)
    .map(part => {
      const told = toldOf(job.state, part)
      const gone = leftTo(job.state, part)
      return {
        part,
        verdict: told.size ? compareParts(part.kind, told).verdict : 'not compared yet',
        gone: gone && `old one: ${gone.to}`,
      }
    }),
)
const others = computed(() => props.parts.filter(p => !p.isNew))
function add(): void {
  const said = name.value.trim()
  if (said) emit('choose', said)
  name.value = ''
}
</script>

<template>
  <nav class="parts" aria-label="Parts on the bench">
    <h2>New for old</h2>
    <p v-if="!fresh.length" class="soft">
      Nothing is replaced yet. Choose what came off, or name the part that is to come.
    </p>
    <NButton
      v-for="f in fresh"
      :key="f.part.key"
      block
      class="part"
      :aria-pressed="f.part.key === chosen"
      @click="emit('choose', f.part.key)"
    >
      <b>{{ f.part.name }}</b>
      <small>{{ f.verdict }}{{ f.gone ? `; ${f.gone}` : '' }}</small>
    </NButton>
    <form v-if="!job.isFixed" @submit.prevent="add">
      <NInput
        v-model:value="name"
        placeholder="a part that is to come"
        :input-props="{ 'aria-label': 'Name a part', autocomplete: 'off' }"
      />
      <NButton attr-type="submit">Add</NButton>
    </form>
    <details v-if="others.length" :open="others.some(o => o.key === chosen)">
      <summary>Came off, goes back ({{ others.length }})</summary>
      <NButton
        v-for="o in others"
        :key="o.key"
        block
        class="part"
        :aria-pressed="o.key === chosen"
        @click="emit('choose', o.key)"
        ><b>{{ o.name }}</b></NButton
      >
    </details>
  </nav>
</template>

<style scoped>
.parts {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
h2 {
  font-size: 22px;
}
.part {
  justify-content: flex-start;
  text-align: left;
}
.part :deep(.n-button__content) {
  display: grid;
  gap: 0;
  justify-items: start;
  line-height: 1.15;
  padding: 6px 0;
}
form {
  display: flex;
  gap: 6px;
}
summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  cursor: pointer;
}
details .part {
  margin-bottom: 6px;
}
</style>
