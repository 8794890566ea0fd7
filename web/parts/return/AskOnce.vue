<script setup lang="ts">
import { Check } from '@lucide/vue'
import { NButton } from 'naive-ui'
import { ref, watch } from 'vue'
import Problem from '../Problem.vue'

/** Something that is asked once, about things of which some or none are chosen; where there is one alone, touching it is the answer. */
const props = defineProps<{
  label: string
  of: readonly { id: string; name: string }[]
  /** What the answer is called where something is chosen. */
  some: string
  problem: string
}>()
const emit = defineEmits<{ say: [chosen: string[]] }>()
const chosen = ref<string[]>([])
watch(
  () => props.of.map(o => o.id).join(),
  () => (chosen.value = []),
)
function touch(id: string): void {
  if (props.of.length === 1) return emit('say', [id])
  chosen.value = chosen.value.includes(id) ? chosen.value.filter(c => c !== id) : [...chosen.value, id]
}
</script>

<template>
  <div class="ask" role="group" :aria-label="label">
    <p><slot /></p>
    <NButton v-for="o in of" :key="o.id" :aria-pressed="chosen.includes(o.id)" @click="touch(o.id)">
      <Check v-if="chosen.includes(o.id)" />{{ o.name }}
    </NButton>
    <NButton v-if="chosen.length" type="primary" @click="emit('say', chosen)">{{ some }}</NButton>
    <NButton v-else @click="emit('say', [])">Nothing</NButton>
    <Problem :says="problem" />
  </div>
</template>

<style scoped>
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding: 8px 10px;
  border-left: 6px solid var(--caution);
  background: var(--caution-wash);
  line-height: 1.2;
}
p {
  width: 100%;
}
.ask .n-button {
  font-size: 16px;
  padding: 0 10px;
}
.ask .n-button:not(.n-button--primary-type) {
  --n-color: var(--sheet);
}
</style>
