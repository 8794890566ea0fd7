<script setup lang="ts">
import { roles, type Role } from '@dialytica/core/wire'
import { NButton, NRadio, NRadioGroup } from 'naive-ui'
import { ref } from 'vue'
import Problem from '../Problem.vue'
import { useAsking } from './asking.ts'
import Field from './Field.vue'
import { roleWords } from './role-words.ts'

/** Somebody new in the shop. They choose their password themselves, with the code that this gives. */
const props = defineProps<{ add: (who: { name: string; login: string; role: Role }) => Promise<void> }>()
const { busy, problem, wrong, ask } = useAsking()
const name = ref('')
const login = ref('')
const role = ref<Role>('technician')
async function adds(): Promise<void> {
  const who = { name: name.value.trim(), login: login.value.trim(), role: role.value }
  if (await ask(() => props.add(who))) [name.value, login.value] = ['', '']
}
</script>

<template>
  <form aria-label="Add somebody" @submit.prevent="adds">
    <h2>Add somebody</h2>
    <Field v-model="name" label="Name" hint="as it stands in the record" :wrong="wrong.name" />
    <Field v-model="login" label="Login" hint="one word" :wrong="wrong.login" />
    <NRadioGroup v-model:value="role" name="role" aria-label="What they may do">
      <NRadio v-for="r in roles" :key="r" :value="r"
        ><b>{{ r }}</b> {{ roleWords[r] }}</NRadio
      >
    </NRadioGroup>
    <Problem :says="problem" />
    <NButton type="primary" size="large" attr-type="submit" :disabled="busy">Add, and get their code</NButton>
  </form>
</template>

<style scoped>
form {
  display: grid;
  gap: 10px;
  justify-items: stretch;
  padding: 16px;
  background: var(--sheet);
}
form :deep(.n-radio-group) {
  display: grid;
  gap: 6px;
}
form :deep(.n-radio) {
  min-height: 44px;
  align-items: center;
}
</style>
