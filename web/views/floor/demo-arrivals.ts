import { calls, type Loading } from '@dialytica/core/wire'
import { useIntervalFn } from '@vueuse/core'
import { ref } from 'vue'
import { api } from '../../data/api.ts'
import { useFloor } from '../../stores/floor.ts'
import { useSession } from '../../stores/session.ts'

/** While the machines of the demo come in, one after the other: how many are there, and the floor kept up with them. */
export function useDemoArrivals() {
  const loading = ref<Loading | null>(null)
  const session = useSession()
  const floor = useFloor()
  const { pause, resume } = useIntervalFn(() => void look(), 1500, { immediate: false })
  async function look(): Promise<void> {
    const before = loading.value?.machines
    const said = await api(calls.health, {}).catch(() => null)
    const now = said?.loading
    loading.value = now && now.machines < now.of ? now : null
    if (before !== undefined && before !== now?.machines) await floor.load().catch(() => undefined)
    if (loading.value) resume()
    else pause()
  }
  if (session.person?.demo) void look()
  return loading
}
