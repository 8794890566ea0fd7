<script setup lang="ts">
import { glyphFor } from '@dialytica/core/moves'
import type { SafeAct } from '@dialytica/core/safe'
import { text, warn } from '@dialytica/core/words'
import { Check, Minus } from '@lucide/vue'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import Glyph from './Glyph.vue'

/** One act of making safe: a line when it is done or ahead, opened with how to be sure when it is its turn. */
const props = defineProps<{ act: SafeAct; open: boolean; fixed: boolean }>()
const emit = defineEmits<{ open: []; tick: [way: number]; runsOn: []; skip: []; takeBack: [] }>()
const glyph = computed(() => (props.act.moves[0] ? glyphFor(props.act.moves[0].kind) : 'isolation'))
const words = { done: 'done', 'not here': 'not on this machine', next: '', ahead: '', late: 'needs power, it is off' }
</script>

<template>
  <li :class="[act.state, { open }]">
    <NButton class="head" :bordered="false" block :aria-expanded="open" :disabled="fixed" @click="emit('open')">
      <span class="sign" aria-hidden="true">
        <Check v-if="act.state === 'done'" class="done" :stroke-width="3.4" />
        <Minus v-else-if="act.state === 'not here'" />
        <Glyph v-else :kind="glyph" :size="20" />
      </span>
      <b>{{ text(act.say) }}</b>
      <span class="state">{{ words[act.state] }}</span>
    </NButton>
    <div v-if="open && !fixed" class="body">
      <template v-if="act.state === 'done' || act.state === 'not here'">
        <NButton @click="emit('takeBack')">Take it back</NButton>
      </template>
      <template v-else>
        <p>{{ text(act.sure) }}.</p>
        <p v-if="act.caution" class="caution">{{ text(warn(act.caution)) }}</p>
        <div class="ways">
          <template v-if="act.ways">
            <NButton v-for="(way, i) in act.ways" :key="i" @click="emit('tick', i)">
              {{ text(way) }}
            </NButton>
          </template>
          <NButton v-else type="primary" @click="emit('tick', 0)">
            {{ act.id.endsWith('water') ? 'Closed, it stopped' : 'Done' }} <kbd v-if="act.state === 'next'">Space</kbd>
          </NButton>
          <NButton v-if="act.id.endsWith('water')" @click="emit('runsOn')"> Runs on: stopcock closed </NButton>
          <NButton @click="emit('skip')">Not here</NButton>
        </div>
      </template>
    </div>
  </li>
</template>

<style scoped>
li {
  border-bottom: 1px solid var(--hair);
}
.head {
  padding: 0 4px;
  font-weight: 500;
  text-align: left;
  line-height: 1.15;
  --n-color: transparent;
  --n-opacity-disabled: 1;
}
.head :deep(.n-button__content) {
  display: grid;
  grid-template-columns: 30px 1fr auto;
  gap: 8px;
  width: 100%;
}
.head b {
  font-weight: 600;
}
.sign {
  display: grid;
  place-items: center;
  height: 26px;
  color: var(--soft);
}
.sign .done {
  color: var(--work);
}
.done:not(.open) .head,
.not:not(.open) .head {
  min-height: 38px;
}
.done .head b,
.not .head b {
  color: var(--soft);
}
.state {
  font-size: 16px;
  color: var(--soft);
}
.open {
  background: var(--sheet);
}
.next.open {
  box-shadow: inset 6px 0 0 var(--work);
}
.next.open .head,
.next.open .body {
  padding-left: 14px;
}
.body {
  display: grid;
  gap: 6px;
  padding: 0 8px 10px 42px;
  font-size: 17px;
  line-height: 1.25;
}
.next.open .body {
  padding-left: 52px;
}
.caution {
  padding: 4px 10px;
  border-left: 6px solid var(--danger);
  background: var(--danger-wash);
  font-size: 16px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.ways .n-button {
  min-height: 50px;
  padding: 0 12px;
  font-size: 17px;
  text-align: left;
  line-height: 1.1;
}
</style>
