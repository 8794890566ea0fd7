<script setup lang="ts">
import { calls, type DemoAccount } from '@dialytica/core/wire'
import { NButton, NInput } from 'naive-ui'
import { onMounted, ref } from 'vue'
import { RouterLink, useRoute, useRouter } from 'vue-router'
import { api } from '../data/api.ts'
import Cutaway from '../parts/Cutaway.vue'
import { useAsking } from '../parts/people/asking.ts'
import Problem from '../parts/Problem.vue'
import { useOutbox } from '../stores/outbox.ts'
import { useSession } from '../stores/session.ts'

const session = useSession()
const router = useRouter()
const route = useRoute()
const login = ref('')
const password = ref('')
const accounts = ref<DemoAccount[]>([])
const { busy, problem, ask } = useAsking()

onMounted(async () => {
  const { fresh } = await api(calls.isFresh, {}).catch(() => ({ fresh: false }))
  if (fresh) return void router.replace({ name: 'first' })
  accounts.value = await session.demoAccounts().catch(() => [])
})

async function enter(as: string, word: string): Promise<void> {
  await ask(async () => {
    await session.signIn(as, word)
    void useOutbox().flush()
    await router.replace(typeof route.query.to === 'string' ? route.query.to : '/')
  })
}
</script>

<template>
  <main class="sign-in">
    <section class="left">
      <h1>Dialytica</h1>
      <p class="claim">Record the way down. Be led back up. Leave nothing over.</p>
      <div class="machine">
        <Cutaway family="front-loader" large :open="['top', 'rear']" :owed="{ top: 4, rear: 3 }" />
      </div>
    </section>
    <section class="right">
      <form @submit.prevent="enter(login, password)">
        <h2>Sign in</h2>
        <label for="login">Login</label>
        <NInput
          v-model:value="login"
          size="large"
          placeholder=""
          :input-props="{ id: 'login', autocomplete: 'username', autocapitalize: 'none' }"
        />
        <label for="password">Password</label>
        <NInput
          v-model:value="password"
          size="large"
          type="password"
          placeholder=""
          :input-props="{ id: 'password', autocomplete: 'current-password' }"
        />
        <Problem :says="problem" />
        <NButton type="primary" size="large" attr-type="submit" :disabled="busy">Sign in</NButton>
        <RouterLink class="code" :to="{ name: 'welcome' }">I was handed a code, or forgot my password</RouterLink>
      </form>
      <div v-if="accounts.length" class="demo">
        <h2>Or step into the demo workshop as</h2>
        <ul>
          <li v-for="a in accounts" :key="a.login">
            <NButton :disabled="busy" @click="enter(a.login, a.password)">
              {{ a.name }} <span class="soft">{{ a.role }}</span>
            </NButton>
          </li>
        </ul>
      </div>
    </section>
  </main>
</template>

<style scoped>
.sign-in {
  display: grid;
  grid-template-columns: 1fr minmax(360px, 520px);
  min-height: 100%;
}
.left {
  display: flex;
  flex-direction: column;
  padding: 40px;
  min-height: 0;
}
h1 {
  font-size: 64px;
}
.claim {
  font-size: 24px;
  font-stretch: 80%;
  margin-top: 8px;
}
.machine {
  flex: 1;
  min-height: 0;
  max-height: 560px;
  margin-top: 24px;
}
.right {
  border-left: 2px solid var(--rule);
  background: var(--sheet);
  padding: 40px;
  display: flex;
  flex-direction: column;
  gap: 32px;
}
form {
  display: grid;
  gap: 8px;
}
h2 {
  font-size: 26px;
  margin-bottom: 6px;
}
form .n-button {
  margin-top: 12px;
}
.code {
  justify-self: start;
  padding: 12px 0;
}
.demo ul {
  display: grid;
  gap: 8px;
}
.demo .n-button {
  width: 100%;
}
.demo .n-button :deep(.n-button__content) {
  width: 100%;
  justify-content: space-between;
}
@media (max-width: 900px) {
  .sign-in {
    grid-template-columns: 1fr;
  }
  .left {
    padding: 20px;
  }
  h1 {
    font-size: 40px;
  }
  .machine {
    display: none;
  }
  .right {
    border-left: 0;
    border-top: 2px solid var(--rule);
    padding: 20px;
  }
}
</style>
