<script setup lang="ts">
import { calls } from '@dialytica/core/wire'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import { api } from '../data/api.ts'
import { useAsking } from '../parts/people/asking.ts'
import { byDevice } from '../parts/people/by-device.ts'
import { endOneSession, nameDevice } from '../parts/people/device-acts.ts'
import DeviceRow from '../parts/people/DeviceRow.vue'
import Field from '../parts/people/Field.vue'
import { useLooked } from '../parts/people/looked.ts'
import { roleWords } from '../parts/people/role-words.ts'
import Problem from '../parts/Problem.vue'
import ShopHead from '../parts/ShopHead.vue'
import { useSession } from '../stores/session.ts'

/** Who works here: what they may, their password, and where else they are signed in. */
const session = useSession()
const { busy, problem, wrong, ask } = useAsking()
const current = ref('')
const password = ref('')
const done = ref('')
async function change(): Promise<void> {
  done.value = ''
  const body = { current: current.value, password: password.value }
  if (!(await ask(() => api(calls.changePassword, { body })))) return
  ;[current.value, password.value] = ['', '']
  done.value = 'It is the new one now. Wherever else you were signed in, you are signed out.'
  await look()
}

const { found: sessions, problem: trouble, look, does } = useLooked(() => api(calls.sessions, {}))
const devices = computed(() => byDevice([{ name: session.person?.name ?? '', sessions: sessions.value ?? [] }]))
</script>

<template>
  <div class="me">
    <ShopHead />
    <main>
      <section aria-label="You">
        <h1>{{ session.person?.name }}</h1>
        <p v-if="session.person">
          <b>{{ session.person.role }}</b> of {{ session.person.shop }}, signs in as
          <b class="mono">{{ session.person.login }}</b>. {{ roleWords[session.person.role] }}
        </p>
        <form v-if="!session.person?.demo" aria-label="Another password" @submit.prevent="change">
          <h2>Another password</h2>
          <Field v-model="current" label="The one you have" secret="current" :wrong="wrong.current" />
          <Field
            v-model="password"
            label="The new one"
            secret="new"
            hint="ten characters or more"
            :wrong="wrong.password"
          />
          <Problem :says="problem" />
          <p v-if="done" role="status">{{ done }}</p>
          <NButton type="primary" size="large" attr-type="submit" :disabled="busy">Change it</NButton>
        </form>
        <p v-else class="soft">A person of the demo keeps their password: others sign in with it.</p>
      </section>
      <section aria-label="Devices">
        <h2>Where you are signed in</h2>
        <p class="soft">
          A device that joined a job by your code is here too: it ends with the device that showed the code.
        </p>
        <Problem :says="trouble" />
        <ul>
          <li v-for="d in devices" :key="d.key">
            <DeviceRow
              :of="d"
              :may-end="d.on.length === 1"
              :may-name="session.mayWork"
              @name="does(() => nameDevice(d.device!, $event))"
              @end-one="does(() => endOneSession($event))"
            />
          </li>
        </ul>
      </section>
    </main>
  </div>
</template>

<style scoped>
.me {
  display: flex;
  flex-direction: column;
  height: 100%;
}
main {
  flex: 1;
  min-height: 0;
  overflow: auto;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 380px), 1fr));
  gap: 22px 44px;
  align-content: start;
  padding: 22px;
}
section {
  display: grid;
  gap: 12px;
  align-content: start;
}
form {
  display: grid;
  gap: 10px;
  max-width: 480px;
  padding: 16px;
  background: var(--sheet);
}
h2 {
  font-size: 24px;
}
li {
  padding: 6px 0;
}
</style>
