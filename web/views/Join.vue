<script setup lang="ts">
import { calls } from '@dialytica/core/wire'
import { onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api } from '../data/api.ts'
import { device } from '../devices/device.ts'
import LinkButton from '../parts/LinkButton.vue'
import { useHand } from '../stores/hand.ts'
import { useSession } from '../stores/session.ts'
import { toJob } from '../ways.ts'

/** A device comes in by a code: it joins the job of that code, as the person who made it. */
const route = useRoute()
const router = useRouter()
const problem = ref('')
onMounted(async () => {
  try {
    const came = await api(calls.join, { body: { code: route.params.code as string, device } })
    await useSession().become(came.person)
    await useHand().join(came.job, came.hand)
    await router.replace(toJob(came.job, 'descent'))
  } catch (error) {
    // The page of the code was loaded again: who is in the job already goes on there.
    const joined = (
      await useSession()
        .find()
        .catch(() => null)
    )?.joined
    if (joined) return void router.replace(toJob(joined, 'descent'))
    problem.value = (error as Error).message
  }
})
</script>

<template>
  <main class="join">
    <h1>{{ problem ? 'This code does not let you in.' : 'Joining the job.' }}</h1>
    <template v-if="problem">
      <p role="alert">{{ problem }}</p>
      <LinkButton :to="{ name: 'sign-in' }">Sign in instead</LinkButton>
    </template>
  </main>
</template>

<style scoped>
.join {
  display: grid;
  gap: 14px;
  align-content: center;
  justify-items: start;
  padding: 32px;
  min-height: 100%;
}
</style>
