<script setup lang="ts">
import { thingOwed } from '@dialytica/core/ledger'
import type { TraySize } from '@dialytica/core/tray'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { useAlikes } from '../stores/alikes.ts'
import { useDraft } from '../stores/draft.ts'
import { useJob } from '../stores/job.ts'
import { toJob } from '../ways.ts'
import AlikeNotes from './AlikeNotes.vue'
import Tray from './Tray.vue'

/** The tray beside the stage: its size to choose, the cell proposed next, and the warning before look-alikes come to lie together. */
const props = defineProps<{ fixed: boolean }>()
const job = useJob()
const draft = useDraft()
const alikes = useAlikes()
const sizing = ref(false)
const sizes: readonly TraySize[] = [
  { rows: 3, columns: 4 },
  { rows: 5, columns: 4 },
  { rows: 6, columns: 6 },
  { rows: 8, columns: 6 },
  { rows: 12, columns: 8 },
]
const first = 2
const shown = computed(() => (props.fixed ? [] : alikes.ofTray.slice(0, first)))
const cells = computed(() => new Set(shown.value.flatMap(w => w.pair.a.cell ?? [])))
function resize(size: TraySize): void {
  job.says('tray-chosen', size)
  sizing.value = false
}
/** The lot that is better put elsewhere, and where. */
const instead = computed(() => shown.value.find(w => w.cell))
function put(cell: string): void {
  const lot = instead.value?.cell === cell ? instead.value.pair.b.id : draft.move?.id
  const move = draft.step.moves.find(m => m.id === lot)
  if (move && !props.fixed) draft.retell({ ...move, cell })
}
const is = (s: TraySize) => s.rows === job.state.tray.rows && s.columns === job.state.tray.columns
</script>

<template>
  <section class="side" aria-label="Tray">
    <div class="head">
      <h2>Tray</h2>
      <NButton class="size mono" text :aria-expanded="sizing" :disabled="fixed" @click="sizing = !sizing">
        <span class="sr">Size of the tray:</span> {{ job.state.tray.rows }}×{{ job.state.tray.columns }}
      </NButton>
      <RouterLink class="labels" :to="toJob(job.id, 'labels')">Labels</RouterLink>
      <span class="soft"
        >next: <b class="mono">{{ draft.next ?? 'full' }}</b></span
      >
    </div>
    <div v-if="sizing" class="sizes" role="group" aria-label="Rows by columns">
      <NButton v-for="s in sizes" :key="s.rows" class="mono" :aria-pressed="is(s)" @click="resize(s)">
        {{ s.rows }}×{{ s.columns }}
      </NButton>
    </div>
    <AlikeNotes :of="shown" />
    <Tray
      class="cells"
      :debts="job.debts"
      :thing="d => thingOwed(job.state, d)"
      :size="job.state.tray"
      :step="fixed ? undefined : draft.step"
      :chosen="fixed ? undefined : draft.move?.cell"
      :next="draft.next"
      :alike="cells"
      :instead="instead?.cell"
      @choose="put"
    />
  </section>
</template>

<style scoped>
.side {
  border-left: 2px solid var(--rule);
  padding: 4px 12px 10px;
  overflow: auto;
}
.head {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 48px;
}
.head .soft {
  margin-left: auto;
}
h2 {
  font-size: 20px;
}
.size,
.labels {
  display: inline-flex;
  align-items: center;
  min-height: 48px;
  padding: 0 6px;
  color: var(--ink);
  font-weight: 500;
  font-size: 15px;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.sizes {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 8px;
}
.cells {
  margin-top: 8px;
}
@media (max-width: 1000px) {
  .side {
    border: 0;
    border-top: 2px solid var(--rule);
    flex: none;
  }
}
</style>
