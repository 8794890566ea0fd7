<script setup lang="ts">
import type { BookAct, HandBody } from '@dialytica/core/book'
import { describe } from '@dialytica/core/moves'
import { limits } from '@dialytica/core/schema'
import { NButton, NInput } from 'naive-ui'
import { computed, ref } from 'vue'
import Choice from '../Choice.vue'
import Thumb from '../Thumb.vue'

/** The lead puts an act of the book right: another name, one with another, the photo that shows it best, the way of this shop, something to mind. */
const props = defineProps<{ acts: readonly BookAct[]; others: readonly BookAct[] }>()
const emit = defineEmits<{ say: [body: HandBody] }>()
const chosen = ref(props.acts[0]!.id)
const act = computed(() => props.acts.find(a => a.id === chosen.value) ?? props.acts[0]!)
const named = (a: BookAct) => ({ value: a.id, label: describe(a.move) })
const mine = computed(() => props.acts.map(named))
const same = computed(() =>
  props.others.filter(o => o.id !== act.value.id && o.move.kind === act.value.move.kind).map(named),
)
const name = ref('')
const trap = ref('')
const twin = ref('')
const of = computed(() => act.value.id)
</script>

<template>
  <div class="right" role="group" aria-label="Put it right">
    <Choice v-if="acts.length > 1" label="Which act" :value="act.id" :options="mine" @choose="chosen = $event" />
    <form @submit.prevent="name.trim() && emit('say', { kind: 'renamed', act: of, name: name.trim() })">
      <NInput
        v-model:value="name"
        placeholder="its name"
        :maxlength="limits.line"
        :input-props="{ 'aria-label': 'Its name' }"
      />
      <NButton attr-type="submit" :disabled="!name.trim()">Rename</NButton>
    </form>
    <form @submit.prevent="trap.trim() && emit('say', { kind: 'trap', act: of, says: trap.trim() })">
      <NInput
        v-model:value="trap"
        placeholder="what to mind here"
        :maxlength="limits.line"
        :input-props="{ 'aria-label': 'What to mind here' }"
      />
      <NButton attr-type="submit" :disabled="!trap.trim()">Warn of it</NButton>
    </form>
    <form v-if="same.length" @submit.prevent="twin && emit('say', { kind: 'merged', act: of, with: twin })">
      <Choice label="The same as" placeholder="the same as …" :value="twin" :options="same" @choose="twin = $event" />
      <NButton attr-type="submit" :disabled="!twin">Make them one</NButton>
    </form>
    <p>
      <NButton v-if="!act.standard" @click="emit('say', { kind: 'standard', act: of })">So it is done here</NButton>
      <NButton
        v-for="(p, i) in act.photos"
        :key="p.hash"
        class="photo"
        :aria-label="`Show photo ${i + 1} with it`"
        @click="emit('say', { kind: 'pinned', act: of, job: p.job, photo: p.hash })"
        ><Thumb :hash="p.hash"
      /></NButton>
    </p>
  </div>
</template>

<style scoped>
.right {
  display: grid;
  gap: 8px;
  padding: 8px 0;
}
form,
p {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
form .n-input,
form .choice {
  width: min(260px, 100%);
}
.photo {
  padding: 2px;
  height: auto;
}
@media print {
  .right {
    display: none;
  }
}
</style>
