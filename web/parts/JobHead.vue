<script setup lang="ts">
import { itemKinds } from '@dialytica/core/items'
import { NotebookPen } from '@lucide/vue'
import { NButton } from 'naive-ui'
import { computed, nextTick, ref, watch } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { useJob } from '../stores/job.ts'
import Owed from './Owed.vue'
import { toJob } from '../ways.ts'

/** The plate of the machine, the phases of the job, and what is off it. */
defineProps<{ noting: boolean }>()
const emit = defineEmits<{ note: [] }>()
const job = useJob()
const phases = [
  ['intake', 'Intake'],
  ['triage', 'Cause'],
  ['descent', 'Descent'],
  ['bench', 'Bench'],
  ['return', 'Return'],
  ['proof', 'Proof'],
  ['things', 'Things'],
  ['valley', 'Valley'],
  ['close', 'Close'],
] as const
const row = ref<HTMLElement | null>(null)
const route = useRoute()
watch(
  () => route.name,
  () => void nextTick(() => row.value?.querySelector('.here')?.scrollIntoView({ inline: 'center', block: 'nearest' })),
  { immediate: true, flush: 'post' },
)
const code = computed(() => job.card?.model.code ?? job.state.opened?.plate ?? '')
const total = computed(() => itemKinds.reduce((n, k) => n + job.state.owed[k], 0))
</script>

<template>
  <header class="head">
    <RouterLink :to="{ name: 'floor' }" class="plate" aria-label="To the floor">
      <b><span v-if="job.card" class="maker" v-text="`${job.card.model.maker} `" />{{ code }}</b>
      <span class="mono">{{ job.card?.unit.serial ?? '' }}</span>
    </RouterLink>
    <nav ref="row" aria-label="Phases of the job">
      <RouterLink v-for="[path, name] in phases" :key="path" :to="toJob(job.id, path)" active-class="here" replace>{{
        name
      }}</RouterLink>
      <RouterLink :to="toJob(job.id, 'standing')" class="pause" active-class="here" replace>{{
        job.state.phase.waitsFor ? 'Waits' : 'Pause'
      }}</RouterLink>
    </nav>
    <NButton
      v-if="!job.isFixed"
      class="jot"
      aria-label="Note it (E)"
      :aria-expanded="noting"
      quaternary
      @click="emit('note')"
      ><NotebookPen :size="22"
    /></NButton>
    <RouterLink :to="toJob(job.id, 'close')" class="off" title="Debts (D)">
      <span class="word">off the<br />machine</span>
      <span class="all"><Owed :owed="job.state.owed" /></span>
      <b class="sum mono" aria-hidden="true">{{ total }}</b>
    </RouterLink>
  </header>
</template>

<style scoped>
.head {
  display: flex;
  align-items: stretch;
  min-height: 60px;
  border-bottom: 2px solid var(--rule);
}
.plate {
  display: grid;
  align-content: center;
  padding: 4px 18px 4px 20px;
  background: var(--plate);
  color: var(--on-plate);
  text-decoration: none;
  line-height: 1.15;
  max-width: 320px;
}
.plate b {
  font-size: 20px;
  font-stretch: 75%;
  white-space: nowrap;
}
nav {
  display: flex;
  align-items: stretch;
  gap: 4px;
  padding: 0 14px;
  margin-right: auto;
}
nav a {
  display: grid;
  place-items: center;
  min-width: 48px;
  padding: 0 10px;
  font-size: 18px;
  font-stretch: 80%;
  color: var(--soft);
  text-decoration: none;
}
nav a.here {
  color: var(--ink);
  font-weight: 700;
  box-shadow: inset 0 -5px 0 var(--work);
}
nav .pause {
  font-size: 16px;
}
.jot {
  align-self: center;
}
.off {
  display: flex;
  align-items: center;
  gap: 18px;
  padding: 0 20px;
  border-left: 2px solid var(--rule);
  text-decoration: none;
}
.word {
  font-size: 14px;
  line-height: 1.1;
  text-align: right;
  color: var(--soft);
}
.sum {
  display: none;
  color: var(--off);
  font-size: 24px;
  font-weight: 700;
}
@media (max-width: 900px) {
  .all {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
  .sum {
    display: block;
  }
  .plate {
    padding: 4px 8px;
    max-width: 32vw;
  }
  .plate b {
    font-size: 16px;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .plate .mono {
    font-size: 12px;
  }
  nav {
    padding: 0;
    gap: 0;
    flex: 1;
    min-width: 0;
  }
  nav .pause {
    font-size: 15px;
  }
  nav a {
    min-width: 0;
    padding: 0 3px;
    font-size: 16px;
    font-stretch: 68%;
    flex: 1 1 auto;
  }
  .off {
    padding: 0 8px;
    gap: 8px;
  }
  .word {
    display: none;
  }
}
@media (max-width: 560px) {
  /* The phases stand in a row that is pushed along; the one in hand is brought into sight. */
  nav {
    overflow-x: auto;
    scrollbar-width: none;
  }
  nav a,
  nav .pause {
    flex: none;
    padding: 0 8px;
    font-size: 16px;
    font-stretch: 68%;
  }
  .jot {
    padding: 0 8px;
  }
  .maker {
    display: none;
  }
}
</style>
