<script setup lang="ts">
import { calls } from '@dialytica/core/wire'
import { NSelect } from 'naive-ui'
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '../data/api.ts'
import { device } from '../devices/device.ts'
import { useAsking } from '../parts/people/asking.ts'
import EntrySheet from '../parts/people/EntrySheet.vue'
import Field from '../parts/people/Field.vue'
import { useSession } from '../stores/session.ts'

/** A fresh server: its first shop and the lead of it, by the code that stands where it was started. */
const router = useRouter()
const { busy, problem, wrong, ask } = useAsking()
const code = ref('')
const shop = ref('')
const name = ref('')
const login = ref('')
const password = ref('')
const timeZone = ref(Intl.DateTimeFormat().resolvedOptions().timeZone)
const zones = [...new Set([timeZone.value, ...Intl.supportedValuesOf('timeZone'), 'UTC'])].map(value => ({
  value,
  label: value,
}))
onMounted(async () => {
  const { fresh } = await api(calls.isFresh, {}).catch(() => ({ fresh: true }))
  if (!fresh) await router.replace({ name: 'sign-in' })
})
async function begin(): Promise<void> {
  const body = {
    ...{ code: code.value, shop: shop.value, timeZone: timeZone.value },
    ...{ name: name.value, login: login.value, password: password.value, device },
  }
  const went = await ask(async () => useSession().become(await api(calls.firstAccount, { body })))
  if (went) await router.replace({ name: 'floor' })
}
</script>

<template>
  <EntrySheet title="A new shop" act="Open the shop" wide :busy="busy" :problem="problem" @enter="begin">
    <p>
      Nobody has an account here yet. Make the first: it is the lead’s, who adds the others. The code stands where
      Dialytica was started.
    </p>
    <Field v-model="code" label="Code of the start" hint="K7QF2-9MXTR" :wrong="wrong.code" />
    <div class="two">
      <Field v-model="shop" label="Name of the shop" :wrong="wrong.shop" />
      <div class="zone">
        <span>Time zone</span>
        <NSelect
          v-model:value="timeZone"
          size="large"
          filterable
          :options="zones"
          :input-props="{ 'aria-label': 'Time zone' }"
        />
      </div>
      <Field v-model="name" label="Your name" complete="name" :wrong="wrong.name" />
      <Field v-model="login" label="Your login" hint="one word" complete="username" :wrong="wrong.login" />
    </div>
    <Field
      v-model="password"
      label="Your password"
      secret="new"
      hint="ten characters or more"
      :wrong="wrong.password"
    />
  </EntrySheet>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 260px), 1fr));
  gap: 12px;
  align-items: start;
}
.zone {
  display: grid;
  gap: 4px;
}
</style>
