import { ref, shallowRef } from 'vue'

/** What a page looks up as it opens, and again after each thing that is done there; and why where that did not go. */
export function useLooked<T>(ask: () => Promise<T>) {
  const found = shallowRef<T | null>(null)
  const problem = ref('')
  async function look(): Promise<void> {
    try {
      found.value = await ask()
      problem.value = ''
    } catch (error) {
      problem.value = (error as Error).message
    }
  }
  /** Does a thing, and shows how it stands after it; false where it did not go. */
  async function does(what: () => Promise<unknown>): Promise<boolean> {
    try {
      await what()
    } catch (error) {
      problem.value = (error as Error).message
      return false
    }
    await look()
    return true
  }
  void look()
  return { found, problem, look, does }
}
