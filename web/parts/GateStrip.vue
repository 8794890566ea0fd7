<script setup lang="ts">
import { stillOwed, zoneTitle, type Family, type Gate } from '@dialytica/core'
import { NInput } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import Glyph from './Glyph.vue'

/** The next gate of the return: what it closes, what is still owed behind it, and the way past it with a reason. */
const props = defineProps<{ gate: Gate; ahead: number; held: boolean; family: Family; mayPass: boolean }>()
const emit = defineEmits<{ pass: [reason: string] }>()
const reason = ref('')
watch(
  () => props.gate.step,
  () => (reason.value = ''),
)
const when = computed(() =>
  props.ahead === 0 ? 'Gate: this step' : `Gate in ${props.ahead} ${props.ahead === 1 ? 'step' : 'steps'}`,
)
const zones = computed(() => props.gate.zones.map(z => zoneTitle(props.family, z)).join(' and '))
</script>

<template>
  <section class="gate" :class="{ held }" aria-label="Gate">
    <div class="when">
      <b>{{ when }}</b>
      <span>closes {{ zones }}</span>
    </div>
    <ul v-if="gate.behind.length" aria-label="Still owed behind it">
      <li v-for="d in gate.behind" :key="d.id">
        <RouterLink :to="{ query: { step: d.step } }" replace
          ><Glyph :kind="d.item" :size="22" />{{ stillOwed(d) }}</RouterLink
        >
      </li>
    </ul>
    <p v-else class="clear">Nothing is left behind it.</p>
    <form v-if="held && mayPass" class="why" @submit.prevent="emit('pass', reason.trim())">
      <NInput
        v-model:value="reason"
        placeholder="why it is closed all the same"
        :input-props="{ 'aria-label': 'Reason to pass the gate' }"
      />
      <button class="btn stop" type="submit">Pass the gate</button>
    </form>
  </section>
</template>

<style scoped>
.gate {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 22px;
  align-items: center;
  padding: 10px 20px;
  min-height: 88px;
  background: var(--sheet);
  border-top: 2px solid var(--rule);
}
.gate.held {
  border-top: 5px solid var(--danger);
  background: var(--danger-wash);
}
.when {
  display: grid;
  min-width: 150px;
  line-height: 1.2;
}
.held .when b {
  color: var(--danger);
}
ul {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
a {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 48px;
  padding: 0 12px;
  border: 2px solid var(--off);
  border-radius: 3px;
  background: var(--sheet);
  text-decoration: none;
}
a svg {
  color: var(--off);
}
.clear {
  color: var(--work);
  font-weight: 650;
}
.why {
  display: flex;
  gap: 8px;
  flex: 1;
  min-width: 300px;
}
</style>
