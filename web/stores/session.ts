import { calls, type Person } from '@dialytica/core/wire'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { api, ApiError } from '../data/api.ts'
import { askOrRecall, keepSaid, recall } from '../data/kept.ts'
import { dropShown } from '../data/photo-cache.ts'
import { local } from '../data/local.ts'
import { device } from '../devices/device.ts'

/** Who works on this device. */
export const useSession = defineStore('session', () => {
  const person = ref<Person | null>(null)
  const asked = ref(false)
  /** Who only looks changes nothing. */
  const mayWork = computed(() => person.value?.role !== 'viewer')

  /** Asks the server once who is signed in; while it does not answer, it is who was signed in here last. */
  async function find(): Promise<Person | null> {
    if (asked.value) return person.value
    try {
      person.value = await askOrRecall('person', calls.whoAmI, {})
      asked.value = true
    } catch (error) {
      if (!(error instanceof ApiError) || error.problem.status !== 401) throw error
      asked.value = true
      // Signed out from elsewhere: what the server said to them does not stay on this device.
      await forget()
    }
    return person.value
  }
  /** What the server said to somebody is not for the next one; what waits here stays until they are back. */
  async function forget(): Promise<void> {
    await Promise.all([local.kept.clear(), local.log.clear(), dropShown()])
  }
  async function signIn(login: string, password: string): Promise<void> {
    await become(await api(calls.signIn, { body: { login, password, device } }))
  }
  /** Somebody else works on this device from now on. */
  async function become(found: Person): Promise<void> {
    const before = await recall<Person>('person')
    if (before && before.shopId !== found.shopId) await forget()
    await keepSaid('person', found)
    person.value = found
    asked.value = true
  }
  /** The same person, with another name or another role from now on. */
  async function changed(to: Person): Promise<void> {
    if (person.value?.id !== to.id) return
    person.value = to
    await keepSaid('person', to)
  }
  async function signOut(): Promise<void> {
    await forget()
    await api(calls.signOut, {})
    person.value = null
  }
  const demoAccounts = () => api(calls.demoAccounts, {})
  return { person, mayWork, find, become, changed, signIn, signOut, demoAccounts }
})
