<script setup lang="ts">
import { calls, type FoundThing } from '@dialytica/core/wire'
import { limits } from '@dialytica/core/schema'
import { useDebounceFn } from '@vueuse/core'
import { NInput, type InputInst } from 'naive-ui'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useCommands } from '../commands.ts'
import { api } from '../data/api.ts'
import FoundGroup from '../parts/search/FoundGroup.vue'
import { groups } from '../parts/search/groups.ts'
import Problem from '../parts/Problem.vue'
import ShopHead from '../parts/ShopHead.vue'

/** One field over all that the shop recorded: models, plates, complaints, parts, fasteners, plugs, notes. The words are in the address, so that the way back finds them. */
const route = useRoute()
const router = useRouter()
const words = ref(String(route.query.words ?? ''))
/** What was found, and by which words. */
const found = shallowRef<{ by: string; things: FoundThing[] } | null>(null)
const problem = ref('')
const all = computed(() => groups(found.value?.things ?? []))
const count = computed(() => found.value?.things.length ?? 0)
const close = computed(() => count.value > 0 && !found.value!.things.some(f => f.asTyped))

async function look(by: string): Promise<void> {
  void router.replace({ query: by ? { words: by } : {} })
  if (!by.trim()) {
    found.value = null
    return
  }
  try {
    const things = await api(calls.search, { query: { words: by } })
    // What was typed since has its own answer.
    if (by !== words.value) return
    found.value = { by, things }
    problem.value = ''
  } catch (error) {
    problem.value = (error as Error).message
  }
}
watch(words, useDebounceFn(look, 180))
onMounted(() => look(words.value))
const field = ref<InputInst | null>(null)
onMounted(() => field.value?.focus())
useCommands({ search: () => field.value?.focus(), line: () => field.value?.focus() })
</script>

<template>
  <div class="search">
    <ShopHead />
    <main>
      <form role="search" class="field" @submit.prevent="look(words)">
        <h1>All that was recorded</h1>
        <NInput
          ref="field"
          v-model:value="words"
          size="large"
          clearable
          :maxlength="limits.line"
          placeholder="like: drain pump, FL-84, 2231-0417, hums, blue plug 3w"
          :input-props="{ 'aria-label': 'Search all that was recorded', enterkeyhint: 'search', autocomplete: 'off' }"
        />
        <p role="status" class="soft">
          <template v-if="found && !count">Nothing has all these words. Leave one out.</template>
          <template v-else-if="close">Nothing as typed; this is close to it.</template>
          <template v-else-if="count">{{ count === 40 ? 'The best 40' : count }} found</template>
          <template v-else
            >Models, plates, complaints, parts, screws, plugs, notes: of this shop, open and closed.</template
          >
        </p>
      </form>
      <Problem :says="problem" />
      <FoundGroup v-for="g in all" :key="g.model.id" :group="g" />
    </main>
  </div>
</template>

<style scoped>
.search {
  display: flex;
  flex-direction: column;
  height: 100%;
}
main {
  flex: 1;
  overflow: auto;
}
h1 {
  font-size: 22px;
}
.field {
  display: grid;
  gap: 6px;
  padding: 16px 24px;
  max-width: 900px;
}
</style>
