<script setup lang="ts">
import { calls } from '@dialytica/core/wire'
import { ref } from 'vue'
import { RouterLink, useRoute, useRouter } from 'vue-router'
import { api } from '../data/api.ts'
import { device } from '../devices/device.ts'
import { useAsking } from '../parts/people/asking.ts'
import EntrySheet from '../parts/people/EntrySheet.vue'
import Field from '../parts/people/Field.vue'
import { useOutbox } from '../stores/outbox.ts'
import { useSession } from '../stores/session.ts'

/** Somebody takes the code that their lead handed over, and chooses their password. */
const route = useRoute()
const router = useRouter()
const { busy, problem, wrong, ask } = useAsking()
// The square on the lead's screen carries both.
const [ofLink = '', codeOfLink = ''] = route.hash.slice(1).split('/').map(decodeURIComponent)
const login = ref(ofLink)
const code = ref(codeOfLink)
const password = ref('')
async function enter(): Promise<void> {
  const body = { login: login.value, code: code.value, password: password.value, device }
  const went = await ask(async () => useSession().become(await api(calls.welcome, { body })))
  if (!went) return
  void useOutbox().flush()
  await router.replace({ name: 'floor' })
}
</script>

<template>
  <EntrySheet title="Choose your password" act="Keep it and come in" :busy="busy" :problem="problem" @enter="enter">
    <p>Your lead hands you a code, on your first day and when you forgot the password you had.</p>
    <Field v-model="login" label="Login" complete="username" :wrong="wrong.login" />
    <Field v-model="code" label="Code" hint="K7QF2-9MXTR" :wrong="wrong.code" />
    <Field
      v-model="password"
      label="Your new password"
      secret="new"
      hint="ten characters or more"
      :wrong="wrong.password"
    />
    <template #below>
      <RouterLink class="way" :to="{ name: 'sign-in' }">I have a password</RouterLink>
    </template>
  </EntrySheet>
</template>

<style scoped>
.way {
  justify-self: start;
  padding: 12px 0;
}
</style>
