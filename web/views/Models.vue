<script setup lang="ts">
import { piecesOwed } from '@dialytica/core/ledger'
import { anatomy } from '@dialytica/core/machine'
import { NButton } from 'naive-ui'
import { computed, onMounted, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { inShopTime } from '../data/time.ts'
import Cutaway from '../parts/Cutaway.vue'
import LinkButton from '../parts/LinkButton.vue'
import Problem from '../parts/Problem.vue'
import ShopHead from '../parts/ShopHead.vue'
import { useMachines } from '../stores/machines.ts'
import { useSession } from '../stores/session.ts'
import { toBook, toJob, toModelWayIn } from '../ways.ts'

/** The models of the shop, the units of the chosen one, and the jobs on each. */
const machines = useMachines()
const chosen = ref<string | null>(null)
const problem = ref('')
onMounted(async () => {
  await machines.load().catch(error => (problem.value = (error as Error).message))
  chosen.value ??= machines.models[0]?.id ?? null
})
const session = useSession()
const model = computed(() => machines.models.find(m => m.id === chosen.value))
const units = computed(() => machines.units.filter(u => u.modelId === chosen.value))
const jobsOf = (unit: string) => machines.jobs.filter(j => j.unit.id === unit)
const count = (id: string) => machines.units.filter(u => u.modelId === id).length
</script>

<template>
  <div class="models">
    <ShopHead />
    <Problem :says="problem" />
    <main>
      <nav aria-label="Models">
        <h1>Models</h1>
        <ul>
          <li v-for="m in machines.models" :key="m.id">
            <NButton class="model" :bordered="false" block :aria-pressed="m.id === chosen" @click="chosen = m.id">
              <b>{{ m.maker }} {{ m.code }}</b>
              <span>{{ anatomy[m.family].name }}, {{ count(m.id) === 1 ? 'one unit' : `${count(m.id)} units` }}</span>
            </NButton>
          </li>
        </ul>
        <p v-if="!machines.models.length" class="soft">
          No model yet. It is added when its first machine comes in by its plate.
        </p>
        <p v-if="session.mayWork" class="from-outside">
          <LinkButton :to="{ name: 'take-in' }">Take in from outside</LinkButton>
        </p>
      </nav>
      <section v-if="model" class="one">
        <h2>{{ model.maker }} {{ model.code }}</h2>
        <p class="soft">{{ model.notes }}</p>
        <p>
          <LinkButton :to="toBook(model.id)">Its book</LinkButton>
          <LinkButton :to="toModelWayIn(model.id)">Ways in</LinkButton>
        </p>
        <ul class="units">
          <li v-for="u in units" :key="u.id">
            <h3>
              <span class="mono">{{ u.serial }}</span>
            </h3>
            <p class="soft">{{ u.stands }}</p>
            <ul>
              <li v-for="j in jobsOf(u.id)" :key="j.id">
                <RouterLink :to="toJob(j.id, 'valley')">
                  <span>{{ j.summary.complaint || 'no complaint noted' }}</span>
                  <span class="soft">{{ j.summary.steps }} steps</span>
                  <span v-if="j.closedAt" class="clean"
                    >{{ j.summary.clean ? 'closed clean' : 'closed with debts' }}
                    {{ inShopTime(j.closedAt, 'day') }}</span
                  >
                  <span v-else class="off">{{ piecesOwed(j.summary.owed) }} off, open</span>
                </RouterLink>
              </li>
              <li v-if="!jobsOf(u.id).length" class="soft">never opened here</li>
            </ul>
          </li>
        </ul>
      </section>
      <div v-if="model" class="machine"><Cutaway :family="model.family" large /></div>
    </main>
  </div>
</template>

<style scoped>
.models {
  display: flex;
  flex-direction: column;
  overflow: auto;
}
main {
  flex: 1;
  display: grid;
  grid-template-columns: 300px 1fr 380px;
  min-height: 0;
}
nav {
  border-right: 2px solid var(--rule);
  padding: 16px 0;
}
.from-outside {
  padding: 12px 20px;
}
h1 {
  font-size: 30px;
  padding: 0 20px 10px;
}
.model {
  justify-content: flex-start;
  padding: 10px 20px;
  min-height: 56px;
  border-top: 1px solid var(--hair);
  border-radius: 0;
  font-weight: 500;
  font-size: 17px;
  text-align: left;
}
.model:not([aria-pressed='true']) {
  --n-color: transparent;
}
.model :deep(.n-button__content) {
  display: grid;
  gap: 2px;
}
.one {
  padding: 16px 24px;
  overflow: auto;
}
h2 {
  font-size: 30px;
}
.units > li {
  border-top: 2px solid var(--rule);
  padding: 12px 0;
  margin-top: 12px;
}
h3 {
  font-size: 22px;
}
.units a {
  display: grid;
  grid-template-columns: 1fr 90px 190px;
  gap: 12px;
  align-items: center;
  min-height: 48px;
  border-top: 1px solid var(--hair);
  margin-top: 8px;
  padding: 4px 0;
  text-decoration: none;
}
.clean {
  color: var(--work);
  font-weight: 650;
}
.off {
  color: var(--off);
  font-weight: 650;
}
.machine {
  border-left: 2px solid var(--rule);
  padding: 16px;
}
@media (max-width: 1000px) {
  main {
    grid-template-columns: 1fr;
  }
  .machine {
    display: none;
  }
  nav {
    border-right: 0;
    border-bottom: 2px solid var(--rule);
  }
  .units a {
    grid-template-columns: 1fr auto;
  }
}
</style>
