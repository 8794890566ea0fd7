<script setup lang="ts">
import { takenFor, type Meaning } from '@dialytica/core/assembly'
import type { Move } from '@dialytica/core/moves'
import { ChevronLeft } from '@lucide/vue'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'

/** What the words of a move were taken for: what it holds, or what the part is. One tap takes the next best, another shows the rest. */
const props = defineProps<{ move: Move; meaning: Meaning }>()
const emit = defineEmits<{ tell: [move: Move] }>()
const open = ref(false)
const unsure = computed(() => props.meaning.certainty === 'likely')
const word = computed(() => (props.meaning.field === 'holds' ? 'holds' : 'is the'))
const taken = computed(() => props.meaning.taken.join(', ') || 'nothing known')
function take(...names: string[]): void {
  open.value = false
  emit('tell', takenFor(props.move, props.meaning, names))
}
</script>

<template>
  <div class="meaning" role="group" :aria-label="`What ${meaning.said} is`">
    <template v-if="open">
      <NButton @click="open = false"><ChevronLeft />{{ meaning.said }}</NButton>
      <NButton v-for="name in meaning.others" :key="name" @click="take(name)">{{ name }}</NButton>
      <NButton v-if="meaning.taken.length" @click="take()">
        {{ meaning.field === 'holds' ? 'none of them' : 'a part of its own' }}
      </NButton>
    </template>
    <template v-else>
      <NButton class="chip" :class="{ unsure }" :aria-expanded="false" @click="open = true">
        <span>{{ word }}</span> <b>{{ taken }}</b><span v-if="unsure">?</span>
      </NButton>
      <NButton v-if="unsure && meaning.others[0]" class="chip or" @click="take(meaning.others[0])">
        <span>or</span> <b>{{ meaning.others[0] }}</b>
      </NButton>
    </template>
  </div>
</template>

<style scoped>
.meaning {
  display: flex;
  gap: 6px;
  flex-wrap: wrap;
}
.chip {
  padding: 0 12px;
  font-size: 16px;
}
.chip :deep(.n-button__content) {
  gap: 6px;
}
.chip span {
  color: var(--soft);
}
.unsure,
.or {
  --n-border: 2px dashed var(--rule);
}
</style>
