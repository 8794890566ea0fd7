<script setup lang="ts">
import { safeParts, type SafeAct, type SafePart } from '@dialytica/core/safe'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useSafe } from '../stores/safe.ts'
import SafeActRow from './SafeActRow.vue'

/** While it has power, then safe, then what is needed only to lay it down: one act at a time, the next one open. */
defineProps<{ fixed: boolean }>()
const emit = defineEmits<{ problem: [words: string] }>()
const safe = useSafe()
const titles: Record<SafePart, string> = {
  powered: 'While it has power',
  safe: 'Make it safe',
  laid: 'Only when it is laid down',
}
const parts = computed(() => safeParts.map(part => ({ part, acts: safe.acts.filter(a => a.part === part) })))
const chosen = ref<string | null>(null)
const laid = ref(false)
const open = computed(() => chosen.value ?? safe.next?.id)
/** When an act is done the next one opens. */
watch(
  () => safe.acts.map(a => a.state).join(),
  () => (chosen.value = null),
)
const toggle = (act: SafeAct) => (chosen.value = open.value === act.id ? '' : act.id)
const tell = (words: string | null) => emit('problem', words ?? '')
</script>

<template>
  <section class="sequence" aria-label="Make it safe">
    <template v-for="{ part, acts } in parts" :key="part">
      <h2 v-if="part !== 'laid'">{{ titles[part] }}</h2>
      <NButton v-else class="fold" text :aria-expanded="laid" @click="laid = !laid">
        {{ titles[part] }}
      </NButton>
      <ol v-if="part !== 'laid' || laid || acts.some(a => a.state === 'done')">
        <SafeActRow
          v-for="act in acts"
          :key="act.id"
          :act="act"
          :open="open === act.id"
          :fixed="fixed"
          @open="toggle(act)"
          @tick="tell(safe.tick(act, $event))"
          @runs-on="tell(safe.runsOn(act))"
          @skip="tell(safe.skip(act))"
          @take-back="tell(safe.takeBack(act))"
        />
      </ol>
    </template>
  </section>
</template>

<style scoped>
h2,
.fold {
  display: block;
  margin-top: 8px;
  padding: 4px 4px;
  font-size: 20px;
}
h2:first-child {
  margin-top: 0;
}
.fold {
  font-stretch: 77%;
  text-decoration: underline;
  text-underline-offset: 3px;
}
ol {
  border-top: 2px solid var(--rule);
}
</style>
