<script setup lang="ts">
import { letters } from '@dialytica/core/intake'
import { anatomy, families } from '@dialytica/core/machine'
import { limits } from '@dialytica/core/schema'
import { NButton, NInput, NVirtualList } from 'naive-ui'
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import Choice from '../parts/Choice.vue'
import Cutaway from '../parts/Cutaway.vue'
import LinkButton from '../parts/LinkButton.vue'
import Problem from '../parts/Problem.vue'
import ShopHead from '../parts/ShopHead.vue'
import { useMachines } from '../stores/machines.ts'
import { useSession } from '../stores/session.ts'
import { toBook, toModelWayIn } from '../ways.ts'
import MakeOne from './models/MakeOne.vue'
import ModelUnits from './models/ModelUnits.vue'

/** The models of the shop, of which only those that are seen are drawn; of the chosen one its units and their jobs. */
const machines = useMachines()
const session = useSession()
const route = useRoute()
const router = useRouter()
const problem = ref('')
const words = ref('')
const family = ref<(typeof families)[number] | 'all'>('all')
const kinds = [
  { value: 'all' as const, label: 'all kinds' },
  ...families.map(f => ({ value: f, label: anatomy[f].name })),
]
const shown = computed(() => {
  const asked = words.value.split(/\s+/).map(letters).filter(Boolean)
  return machines.models.filter(m => {
    const of = letters(`${m.maker}${m.code}${m.also.join('')}${m.notes}`)
    return (family.value === 'all' || m.family === family.value) && asked.every(word => of.includes(word))
  })
})
const chosen = computed(() => (route.query.model as string | undefined) ?? shown.value[0]?.id)
const model = computed(() => machines.models.find(m => m.id === chosen.value))
const choose = (id: string) => void router.replace({ query: { model: id } })
/** The model that is left is looked at, then the one that is gone leaves the list. */
async function madeOne(into: string): Promise<void> {
  await router.replace({ query: { model: into } })
  await load()
}
const list = ref<InstanceType<typeof NVirtualList> | null>(null)
/** What was chosen is in sight, also where it was chosen by its address. */
watch([list, () => machines.models], async () => {
  await nextTick()
  const index = shown.value.findIndex(m => m.id === chosen.value)
  if (index > 0) list.value?.scrollTo({ index })
})
const load = () => machines.load().catch(error => void (problem.value = (error as Error).message))
onMounted(load)
const units = (n: number) => (n === 1 ? 'one unit' : `${n} units`)
</script>

<template>
  <div class="models">
    <ShopHead />
    <Problem :says="problem" />
    <main>
      <nav aria-label="Models">
        <h1>Models</h1>
        <form v-if="machines.models.length" class="filter" role="search" @submit.prevent>
          <NInput
            v-model:value="words"
            clearable
            :maxlength="limits.plate"
            placeholder="maker, code"
            :input-props="{ 'aria-label': 'Which models', enterkeyhint: 'search', autocomplete: 'off' }"
          />
          <Choice label="Which kind" :value="family" :options="kinds" @choose="family = $event" />
        </form>
        <p v-if="shown.length < machines.models.length" class="soft count" role="status">
          {{ shown.length }} of {{ machines.models.length }}
        </p>
        <NVirtualList ref="list" class="list" :items="shown" :item-size="66" key-field="id">
          <template #default="{ item: m }">
            <NButton class="model" :bordered="false" block :aria-pressed="m.id === chosen" @click="choose(m.id)">
              <b>{{ m.maker }} {{ m.code }}</b>
              <span>{{ anatomy[m.family as 'front-loader'].name }}, {{ units(m.units) }}</span>
            </NButton>
          </template>
        </NVirtualList>
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
        <p v-if="model.also.length" class="soft">On a plate also: {{ model.also.join(', ') }}</p>
        <p class="ways">
          <LinkButton :to="toBook(model.id)">Its book</LinkButton>
          <LinkButton :to="toModelWayIn(model.id)">Ways in</LinkButton>
        </p>
        <MakeOne v-if="session.person?.role === 'lead'" :key="`one ${model.id}`" :model="model" @made="madeOne" />
        <ModelUnits :key="model.id" :model="model" />
      </section>
      <div v-if="model" class="machine"><Cutaway :family="model.family" large /></div>
    </main>
  </div>
</template>

<style scoped>
.models {
  display: flex;
  flex-direction: column;
  height: 100%;
}
main {
  flex: 1;
  display: grid;
  grid-template-columns: 300px 1fr 380px;
  grid-template-rows: minmax(0, 1fr);
  min-height: 0;
}
nav {
  display: flex;
  flex-direction: column;
  min-height: 0;
  border-right: 2px solid var(--rule);
  padding: 16px 0;
}
.list {
  flex: 1;
  min-height: 0;
}
.filter {
  display: grid;
  gap: 6px;
  padding: 0 20px 10px;
}
.filter .choice {
  width: 100%;
}
.count {
  padding: 0 20px 6px;
}
.from-outside {
  padding: 12px 20px 0;
}
h1 {
  font-size: 30px;
  padding: 0 20px 10px;
}
.model {
  justify-content: flex-start;
  padding: 10px 20px;
  height: 66px;
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
.ways {
  display: flex;
  gap: 10px;
  padding-top: 6px;
}
.machine {
  border-left: 2px solid var(--rule);
  padding: 16px;
}
@media (max-width: 1000px) {
  .models {
    height: auto;
    min-height: 100%;
  }
  main {
    display: block;
  }
  .machine {
    display: none;
  }
  nav {
    border-right: 0;
    border-bottom: 2px solid var(--rule);
  }
  .list {
    max-height: 264px;
  }
}
</style>
