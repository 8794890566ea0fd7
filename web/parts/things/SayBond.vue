<script setup lang="ts">
import { mayBind, type Bond, type PartView } from '@dialytica/core/assembly'
import { bare, text } from '@dialytica/core/words'
import { ChevronLeft } from '@lucide/vue'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useJob } from '../../stores/job.ts'

/** What is missing in the picture is said with two taps: what it is, and how it binds the part. */
const props = defineProps<{ view: PartView }>()
const emit = defineEmits<{ say: [how: Bond, move: string] }>()
const job = useJob()
const may = computed(() => mayBind(job.state, props.view))
const chosen = ref<string | null>(null)
const all = ref(false)
const first = 6
watch(
  () => props.view.part,
  () => (chosen.value = null),
)
const thing = computed(() => may.value.find(m => m.move === chosen.value))
const name = computed(() => bare(props.view.names[0]!))
const ways: readonly [Bond, string][] = [
  ['fastens', 'holds'],
  ['lies under', 'lies under'],
  ['rides on', 'is joined to'],
  ['runs behind', 'runs behind'],
  ['runs over', 'runs over'],
]
function say(how: Bond): void {
  if (chosen.value) emit('say', how, chosen.value)
  chosen.value = null
}
</script>

<template>
  <section v-if="may.length" class="say" aria-label="This holds that">
    <h3>Missing here?</h3>
    <div v-if="thing" class="row">
      <NButton @click="chosen = null"><ChevronLeft />{{ text(thing.thing) }}</NButton>
      <NButton v-for="[how, words] in ways" :key="how" @click="say(how)">{{ words }} the {{ name }}</NButton>
    </div>
    <div v-else class="row">
      <NButton v-for="m in all ? may : may.slice(0, first)" :key="m.move" @click="chosen = m.move">{{
        text(m.thing)
      }}</NButton>
      <NButton v-if="may.length > first" text :aria-expanded="all" @click="all = !all">{{
        all ? 'fewer' : `${may.length - first} more`
      }}</NButton>
    </div>
  </section>
</template>

<style scoped>
h3 {
  font-size: 16px;
  color: var(--soft);
  font-weight: 650;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 4px;
}
.row .n-button {
  font-size: 16px;
  padding: 0 10px;
  max-width: 340px;
}
.row :deep(.n-button__content) {
  overflow: hidden;
  text-overflow: ellipsis;
}
</style>
