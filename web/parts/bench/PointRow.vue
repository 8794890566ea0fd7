<script setup lang="ts">
import type { How, Looked } from '@dialytica/core/fit'
import { hows } from '@dialytica/core/fit'
import { sentence, text } from '@dialytica/core/words'
import { NButton, NInput } from 'naive-ui'
import { computed, ref } from 'vue'
import PointValue from './PointValue.vue'
import { howWords } from './signs.ts'

/** One point of an old part and of a new one: what each has on its own side, and between them what that says. */
const props = defineProps<{ of: Looked; fixed: boolean }>()
const emit = defineEmits<{ tell: [told: { old?: string; fresh?: string; how?: How; words?: string }] }>()
const open = ref(false)
const words = ref('')
const name = computed(() => props.of.point.name)
const told = computed(() => props.of.told)
const said = computed(() => props.of.says?.how ?? null)
/** The figures speak for themselves: they take the place of an earlier word of the hand. */
const tell = (more: { old?: string; fresh?: string }) => {
  const { old = '', fresh = '' } = told.value
  emit('tell', { old, fresh, ...more })
}
function say(how: How): void {
  const { old = '', fresh = '' } = told.value
  emit('tell', { old, fresh, how, ...(words.value.trim() && { words: words.value }) })
  open.value = false
}
/** One tap says that they are the same; on what is said already it opens what else a hand may say. */
const touch = () => (said.value === null && !props.fixed ? say('same') : (open.value = !open.value))
</script>

<template>
  <li :class="['row', said ?? 'none']" :aria-label="name">
    <PointValue
      class="old"
      :form="of.point.rule.form"
      :value="told.old ?? ''"
      :label="`${name}, old`"
      :fixed="fixed"
      @tell="tell({ old: $event })"
    />
    <button type="button" class="says" :aria-expanded="said === null ? undefined : open" @click="touch">
      <span class="sign mono" aria-hidden="true">{{ said ? howWords[said].sign : of.point.isNeeded ? '·' : '' }}</span>
      <b>{{ name }}</b>
      <span class="soft">{{
        said ? howWords[said].says : of.point.isNeeded ? 'look at it; touch: the same' : 'touch: the same'
      }}</span>
    </button>
    <PointValue
      class="fresh"
      :form="of.point.rule.form"
      :value="told.fresh ?? ''"
      :label="`${name}, new`"
      :fixed="fixed"
      @tell="tell({ fresh: $event })"
    />
    <p v-if="of.problem || (said && said !== 'same' && of.says?.why)" class="why">
      {{ of.problem ?? text(sentence(of.says!.why)) }}
      <b v-if="of.says?.by">{{ text(sentence(of.says.by.says)) }}</b>
    </p>
    <div v-if="open && !fixed" class="word" role="group" :aria-label="`Your word on ${name}`">
      <NInput
        v-model:value="words"
        placeholder="in your words: why, or how it is made to fit"
        :input-props="{ 'aria-label': `Why, ${name}`, autocomplete: 'off' }"
      />
      <NButton v-for="h in hows" :key="h" :aria-pressed="said === h" @click="say(h)">{{ howWords[h].says }}</NButton>
    </div>
  </li>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr) minmax(0, 1fr);
  align-items: center;
  border-bottom: 1px solid var(--hair);
}
.says {
  display: grid;
  grid-template: auto auto / 34px 1fr;
  column-gap: 8px;
  align-items: center;
  align-self: stretch;
  min-height: 48px;
  padding: 2px 10px;
  border: 0;
  border-inline: 2px solid var(--rule);
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  line-height: 1.1;
}
.sign {
  grid-row: 1 / -1;
  font-size: 26px;
  font-weight: 700;
  text-align: center;
}
.says .soft {
  font-size: 15px;
}
.same .sign,
.harmless .sign {
  color: var(--work);
}
.adapt .says {
  background: var(--caution-wash);
}
.ask .says {
  background: var(--caution-wash);
}
.no .says {
  background: var(--off-wash);
}
.no .sign {
  color: var(--off);
}
.why {
  grid-column: 1 / -1;
  padding: 2px 14px 6px;
  text-align: center;
  font-size: 16px;
}
.word {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding: 6px 10px 10px;
}
.word .n-input {
  flex: 1 1 100%;
}
</style>
