<script setup lang="ts">
import { glyphFor } from '@dialytica/core/moves'
import type { SafeAct } from '@dialytica/core/safe'
import { text, warn } from '@dialytica/core/words'
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
    <button class="head" type="button" :aria-expanded="open" :disabled="fixed" @click="emit('open')">
      <span class="sign" aria-hidden="true">
        <svg v-if="act.state === 'done'" viewBox="0 0 24 24"><path d="M4 13l5 5L20 6" /></svg>
        <span v-else-if="act.state === 'not here'">–</span>
        <Glyph v-else :kind="glyph" :size="20" />
      </span>
      <b>{{ text(act.say) }}</b>
      <span class="state">{{ words[act.state] }}</span>
    </button>
    <div v-if="open && !fixed" class="body">
      <template v-if="act.state === 'done' || act.state === 'not here'">
        <button class="btn" type="button" @click="emit('takeBack')">Take it back</button>
      </template>
      <template v-else>
        <p>{{ text(act.sure) }}.</p>
        <p v-if="act.caution" class="caution">{{ text(warn(act.caution)) }}</p>
        <div class="ways">
          <template v-if="act.ways">
            <button v-for="(way, i) in act.ways" :key="i" class="btn" type="button" @click="emit('tick', i)">
              {{ text(way) }}
            </button>
          </template>
          <button v-else class="btn go" type="button" @click="emit('tick', 0)">
            {{ act.id.endsWith('water') ? 'Closed, it stopped' : 'Done' }} <kbd v-if="act.state === 'next'">Space</kbd>
          </button>
          <button v-if="act.id.endsWith('water')" class="btn" type="button" @click="emit('runsOn')">
            Runs on: stopcock closed
          </button>
          <button class="btn" type="button" @click="emit('skip')">Not here</button>
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
  display: grid;
  grid-template-columns: 30px 1fr auto;
  gap: 8px;
  align-items: center;
  width: 100%;
  min-height: 48px;
  padding: 0 4px;
  border: 0;
  background: none;
  color: var(--ink);
  font-family: Archivo;
  font-size: 18px;
  font-stretch: 84%;
  text-align: left;
  line-height: 1.15;
  cursor: pointer;
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
.sign svg {
  width: 24px;
}
.sign path {
  fill: none;
  stroke: var(--work);
  stroke-width: 3.4;
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
.ways .btn {
  min-height: 50px;
  padding: 0 12px;
  font-size: 17px;
  text-align: left;
  line-height: 1.1;
}
</style>
