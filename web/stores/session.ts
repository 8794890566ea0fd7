import { defineStore } from 'pinia'
import { ref } from 'vue'
import { api, ApiError } from '../data/api.ts'
import type { DemoAccount, Person } from '../data/shapes.ts'

/** Who works on this device. */
export const useSession = defineStore('session', () => {
  const person = ref<Person | null>(null)
  const asked = ref(false)

  /** Asks the server once who is signed in. */
  async function find(): Promise<Person | null> {
    if (asked.value) return person.value
    try {
      person.value = await api<Person>('GET', '/session')
      asked.value = true
    } catch (error) {
      if (!(error instanceof ApiError) || error.problem.status !== 401) throw error
      asked.value = true
    }
    return person.value
  }
  async function signIn(login: string, password: string): Promise<void> {
    person.value = await api<Person>('POST', '/session', { login, password })
    asked.value = true
  }
  async function signOut(): Promise<void> {
    await api('DELETE', '/session')
    person.value = null
  }
  const demoAccounts = () => api<DemoAccount[]>('GET', '/demo-accounts')
  return { person, find, signIn, signOut, demoAccounts }
})
