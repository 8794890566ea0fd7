import { ref } from 'vue'
import { ApiError } from '../../data/api.ts'

/** What a form of fields asks of the server: busy meanwhile, and what is wrong, beside its field where it is of one. */
export function useAsking() {
  const busy = ref(false)
  const problem = ref('')
  const wrong = ref<Readonly<Record<string, string>>>({})

  /** Does what is asked; false, with what is wrong, where it did not go. Nothing that was typed is lost. */
  async function ask(what: () => Promise<unknown>): Promise<boolean> {
    busy.value = true
    problem.value = ''
    wrong.value = {}
    try {
      await what()
      return true
    } catch (error) {
      const of = error instanceof ApiError ? (error.problem.problems ?? []) : []
      wrong.value = Object.fromEntries(of.map(p => [p.path, p.message]))
      problem.value = (error as Error).message
      return false
    } finally {
      busy.value = false
    }
  }
  return { busy, problem, wrong, ask }
}
