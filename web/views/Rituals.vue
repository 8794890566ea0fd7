<script setup lang="ts">
import { readRitual, type Purpose } from '@dialytica/core/ritual'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import LinkButton from '../parts/LinkButton.vue'
import Problem from '../parts/Problem.vue'
import RitualEditor from '../parts/ritual/RitualEditor.vue'
import RitualPlayer from '../parts/ritual/RitualPlayer.vue'
import { useJob } from '../stores/job.ts'
import { useRituals } from '../stores/rituals.ts'
import { toJob } from '../ways.ts'

/** The rituals of this model: what its control wants before it believes a repair, and how its own programmes are entered. */
const job = useJob()
const route = useRoute()
const rituals = useRituals()
watch(
  () => job.card?.model.id,
  () => void rituals.load(),
  { immediate: true },
)
const asked = ref<string | null>(typeof route.query.ritual === 'string' ? route.query.ritual : null)
const doing = ref<'play' | 'write' | null>(asked.value ? 'play' : null)
const chosen = computed(() => rituals.all.find(r => r.name === asked.value))
const read = computed(() => readRitual(chosen.value?.text ?? ''))
const problem = ref('')
const told = ref('')
function choose(name: string | null, what: 'play' | 'write'): void {
  asked.value = name
  doing.value = what
  told.value = problem.value = ''
}
function keep(name: string, purpose: Purpose, text?: string): void {
  problem.value = rituals.keep(name, purpose, text) ?? ''
  if (!problem.value) choose(text ? name : null, 'write')
  if (!problem.value) doing.value = null
}
/** Whether the control took it stands in the record of the job. */
function took(is: boolean): void {
  const check = `ritual: ${asked.value}`
  const refusal = job.isFixed ? null : job.says('check-done', { check, passed: is })
  told.value = refusal ? '' : is ? `The control took it: ${asked.value}.` : `It did not take it: ${asked.value}.`
  doing.value = null
}
</script>

<template>
  <main class="rituals">
    <section class="list" tabindex="0" aria-label="Rituals of this model">
      <h1>Rituals</h1>
      <p class="soft">
        What the control of {{ job.card ? `${job.card.model.maker} ${job.card.model.code}` : 'this model' }} wants. Kept
        by your shop for every machine of this model. Follow the maker's papers where you have them.
      </p>
      <ul>
        <li v-for="r in rituals.all" :key="r.name" :class="{ here: r.name === asked }">
          <b>{{ r.name }}</b> <span class="soft">{{ r.purpose }}</span>
          <span class="mono text">{{ r.text }}</span>
          <div class="row">
            <NButton type="primary" :aria-label="`Play: ${r.name}`" @click="choose(r.name, 'play')">Play</NButton>
            <NButton v-if="!job.isFixed" :aria-label="`Change: ${r.name}`" @click="choose(r.name, 'write')"
              >Change</NButton
            >
          </div>
        </li>
      </ul>
      <p v-if="!rituals.all.length">None is kept for this model yet.</p>
      <div class="row">
        <NButton v-if="!job.isFixed" @click="choose(null, 'write')">Write one down</NButton>
        <LinkButton :to="toJob(job.id, 'proof')">Back to the proof</LinkButton>
      </div>
      <Problem :says="problem" />
      <p v-if="told" class="told" role="status">{{ told }}</p>
    </section>
    <section class="work" tabindex="0" aria-label="The ritual in hand">
      <RitualPlayer
        v-if="doing === 'play' && chosen && read.ok"
        :key="chosen.text"
        :ritual="read.ritual"
        @took="took"
        @leave="doing = null"
      />
      <RitualEditor
        v-else-if="doing === 'write'"
        :key="asked ?? 'new'"
        :name="chosen?.name ?? ''"
        :purpose="chosen?.purpose ?? 'forget a fault'"
        :notation="chosen?.text ?? ''"
        :is-new="!chosen"
        @keep="keep"
        @give="keep(chosen!.name, chosen!.purpose)"
        @leave="doing = null"
      />
      <p v-else class="empty">Choose one to play it: each beat is told by the bar, the pedal, or a finger.</p>
    </section>
  </main>
</template>

<style scoped>
.rituals {
  display: grid;
  grid-template-columns: 400px minmax(0, 1fr);
  font-size: 18px;
}
.list {
  display: grid;
  gap: 10px;
  align-content: start;
  padding: 16px 22px;
  border-right: 2px solid var(--rule);
  overflow: auto;
}
h1 {
  font-size: 32px;
}
li {
  padding: 10px 0;
  border-top: 1px solid var(--hair);
}
li.here {
  border-left: 6px solid var(--work);
  padding-left: 10px;
}
.text {
  display: block;
  overflow-wrap: anywhere;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 6px;
}
.work {
  min-width: 0;
  overflow: auto;
}
.empty,
.told {
  padding: 24px;
}
.told {
  padding: 0;
  color: var(--work);
  font-weight: 650;
}
@media (max-width: 1000px) {
  .rituals {
    display: flex;
    flex-direction: column;
    overflow: auto;
  }
  .list {
    border: 0;
    overflow: visible;
  }
  .work {
    order: -1;
    flex: none;
    overflow: visible;
  }
}
</style>
