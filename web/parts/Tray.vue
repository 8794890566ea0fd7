<script setup lang="ts">
import { trayOf, type OpenDebt } from '@dialytica/core/ledger'
import type { Step } from '@dialytica/core/log'
import { glyphOf, thingOf } from '@dialytica/core/moves'
import { cellsOf, type TraySize } from '@dialytica/core/tray'
import { text, type Phrase } from '@dialytica/core/words'
import { computed } from 'vue'
import Glyph from './Glyph.vue'

/** The tray as it is: cells with what lies in them; a tap puts the move in hand into a cell. */
const props = defineProps<{
  debts: readonly OpenDebt[]
  /** What is owed, as the thing alone. */
  thing: (debt: OpenDebt) => Phrase
  size: TraySize
  step?: Step
  chosen?: string | undefined
  next?: string | undefined
  /** Cells in which something lies that looks like what is in hand. */
  alike?: ReadonlySet<string>
  /** The cell into which something of the step in hand should rather go. */
  instead?: string | undefined
}>()
const emit = defineEmits<{ choose: [cell: string] }>()

const cells = computed(() => {
  const lying = new Map(trayOf(props.debts))
  const own = new Set(props.step?.moves.map(m => m.id))
  return cellsOf(props.size).map(cell => {
    const debts = (lying.get(cell) ?? []).filter(d => !own.has(d.move))
    const inHand = props.step?.moves.filter(m => m.cell === cell) ?? []
    const count =
      debts.reduce((n, d) => n + d.owes, 0) + inHand.reduce((n, m) => n + ('count' in m ? (m.count ?? 1) : 1), 0)
    const words = [...debts.map(d => text(props.thing(d))), ...inHand.map(m => text(thingOf(m)))]
    const glyph = debts[0]?.item ?? (inHand[0] && glyphOf(inHand[0]))
    return { cell, count, words: words.join(', '), glyph }
  })
})
const said = (c: { cell: string; count: number; words: string }) =>
  [
    `Cell ${c.cell}`,
    c.count ? `: ${c.count} ${c.words}` : c.cell === props.next ? ', next' : ', empty',
    props.alike?.has(c.cell) ? ', looks like what is in hand' : '',
  ].join('')
</script>

<template>
  <div
    class="tray"
    role="group"
    aria-label="Tray"
    :class="{ small: size.columns > 5 }"
    :style="{ '--columns': size.columns }"
  >
    <button
      v-for="c in cells"
      :key="c.cell"
      type="button"
      class="cell"
      :class="{ full: c.count, hot: c.cell === chosen, alike: alike?.has(c.cell), instead: c.cell === instead }"
      :aria-label="said(c)"
      :aria-pressed="c.cell === chosen"
      @click="emit('choose', c.cell)"
    >
      <span class="mono code">{{ c.cell }}</span>
      <Glyph v-if="c.glyph" :kind="c.glyph" :size="18" class="kind" />
      <b v-if="c.count" class="mono">×{{ c.count }}</b>
      <span v-if="c.count" class="what">{{ c.words }}</span>
      <span v-else-if="c.cell === instead" class="what here">here</span>
      <span v-else-if="c.cell === next" class="what">next</span>
    </button>
  </div>
</template>

<style scoped>
.tray {
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(48px, 1fr));
  overflow-x: auto;
  gap: 4px;
}
.cell {
  position: relative;
  display: grid;
  grid-template-rows: auto auto 1fr;
  justify-items: start;
  align-content: start;
  min-height: 50px;
  padding: 3px 5px;
  border: 1px solid var(--soft);
  border-radius: 3px;
  background: none;
  color: var(--ink);
  font-family: Archivo;
  font-weight: 500;
  font-size: 14px;
  line-height: 1.05;
  font-stretch: 76%;
  cursor: pointer;
  overflow: hidden;
  text-align: left;
}
.full {
  border: 2px solid var(--rule);
  background: var(--off-wash);
}
.instead {
  border: 3px dashed var(--work);
}
.here {
  font-weight: 700;
}
.alike {
  border: 3px solid var(--caution);
  background: var(--caution-wash);
}
.small .what {
  display: none;
}
.hot {
  border: 3px dashed var(--work);
  background: var(--work-wash);
}
.code {
  font-size: 13px;
  color: var(--soft);
}
.full .code {
  color: var(--ink);
}
.cell b {
  font-size: 16px;
}
.kind {
  position: absolute;
  right: 4px;
  top: 4px;
  color: var(--off);
}
.what {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  max-width: 100%;
}
</style>
