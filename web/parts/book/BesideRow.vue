<script setup lang="ts">
import type { Beside } from '@dialytica/core/book'
import { act } from '@dialytica/core/moves'
import { text } from '@dialytica/core/words'
import { computed } from 'vue'
import { betweenSays } from './beside-words.ts'

/** One act of two books that lie side by side: as the one has it, what is otherwise, as the other has it. */
const props = defineProps<{ row: Beside; here: string; there: string }>()
const between = computed(() => betweenSays(props.row))
</script>

<template>
  <div class="row">
    <p class="side">
      <template v-if="row.here">
        <span class="whose">{{ here }}</span>
        {{ text(act(row.here.move)) }}
      </template>
    </p>
    <p class="between" :class="{ same: between.sign === '=' }">
      <span
        ><b aria-hidden="true">{{ between.sign }}</b> {{ between.word }}</span
      >
      <span v-for="d in row.differs" :key="d.field" class="differs mono"
        >{{ d.field }} {{ d.here }} / {{ d.there }}</span
      >
    </p>
    <p class="side">
      <template v-if="row.there">
        <span class="whose">{{ there }}</span>
        {{ text(act(row.there.move)) }}
      </template>
    </p>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 190px minmax(0, 1fr);
  gap: 16px;
  align-items: start;
  padding: 7px 0;
  border-top: 1px solid var(--hair);
}
.side {
  font-weight: 600;
  line-height: 1.25;
}
.whose {
  display: none;
}
.between {
  display: grid;
  justify-items: center;
  text-align: center;
  line-height: 1.2;
  color: var(--caution);
  font-weight: 600;
}
.between.same {
  color: var(--soft);
}
.between b {
  display: inline-block;
  width: 20px;
}
.differs {
  color: var(--ink);
  font-size: 16px;
}
@media (max-width: 700px) {
  .row {
    grid-template-columns: minmax(0, 1fr);
    gap: 2px;
  }
  .between {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 12px;
    text-align: left;
  }
  .side:empty {
    display: none;
  }
  .whose {
    display: block;
    font-weight: 400;
    font-size: 15px;
    color: var(--soft);
  }
}
</style>
