<script setup lang="ts">
import type { Bound } from '@dialytica/core/assembly'
import BoundThing from './BoundThing.vue'

/** Things that bind a part, one under the other. */
defineProps<{ of: readonly Bound[]; looked: string | null; fixed: boolean }>()
const emit = defineEmits<{ look: [bound: Bound]; apart: [bound: Bound] }>()
</script>

<template>
  <ul>
    <li v-for="b in of" :key="b.kind + b.move">
      <BoundThing
        :of="b"
        :chosen="looked === b.move"
        :fixed="fixed"
        @look="emit('look', b)"
        @apart="emit('apart', b)"
      />
    </li>
  </ul>
</template>
