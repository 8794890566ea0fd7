<script setup lang="ts">
import { itemKinds, itemNouns, type ItemKind } from '@dialytica/core/items'
import { computed } from 'vue'
import Glyph from './Glyph.vue'

/** What is off the machine, by kind, always in sight; `byStep` where it is what one step owes. */
const props = defineProps<{ owed: Record<ItemKind, number>; words?: boolean; byStep?: boolean }>()
const shown = computed(() => itemKinds.filter(k => props.owed[k] > 0))
const total = computed(() => itemKinds.reduce((n, k) => n + props.owed[k], 0))
const said = (k: ItemKind) => `${props.owed[k]} ${itemNouns[k][props.owed[k] === 1 ? 0 : 1]}`
</script>

<template>
  <ul
    v-if="total"
    class="owed"
    :aria-label="byStep ? `This step owes ${total} in all` : `Off the machine: ${total} in all`"
  >
    <li v-for="k in shown" :key="k" :title="said(k)">
      <Glyph :kind="k" /><span class="mono" aria-hidden="true">{{ owed[k] }}</span
      ><span class="sr">{{ said(k) }}</span>
    </li>
  </ul>
  <p v-else class="none">{{ byStep ? 'nothing' : 'nothing off' }}</p>
</template>

<style scoped>
.owed {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  color: var(--off);
  font-weight: 700;
}
li {
  display: flex;
  align-items: center;
  gap: 6px;
}
.mono {
  font-size: 17px;
}
.none {
  color: var(--work);
  font-weight: 650;
}
</style>
