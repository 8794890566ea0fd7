<script setup lang="ts">
import { NButton } from 'naive-ui'
import { RouterLink, type RouteLocationRaw } from 'vue-router'

/** A way to another view that looks like the strong acts beside it; it stays a link, with an address. */
defineProps<{ to: RouteLocationRaw; replace?: boolean }>()
defineOptions({ inheritAttrs: false })
</script>

<template>
  <RouterLink v-slot="{ href, navigate }" :to="to" :replace="replace" custom>
    <NButton v-bind="$attrs" tag="a" :href="href" @click="navigate"><slot /></NButton>
  </RouterLink>
</template>
