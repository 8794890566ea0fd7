<script setup lang="ts">
import { glyphShapes, type Glyph } from '@dialytica/core/items'

/** One glyph; silent, because the words always stand beside it. */
defineProps<{ kind: Glyph; size?: number }>()
</script>

<template>
  <svg :width="size ?? 22" :height="size ?? 22" viewBox="0 0 24 24" aria-hidden="true" v-html="glyphShapes[kind]" />
</template>
