import type { AskedWith, Call } from '@dialytica/core/wire'
import { api, ApiError } from './api.ts'
import { local } from './local.ts'

/** Keeps what the server said. */
export const keepSaid = (what: string, value: unknown): Promise<unknown> =>
  local.kept.put({ what, value: JSON.parse(JSON.stringify(value)) as unknown })

/** What the server says now, or what it said last where it does not answer. Anything but its silence is an error. */
export async function askOrRecall<P extends string, Q extends string, B, R>(
  what: string,
  call: Call<P, Q, B, R>,
  asked: AskedWith<Call<P, Q, B, R>>,
): Promise<R> {
  try {
    const value = await api(call, asked)
    await keepSaid(what, value)
    return value
  } catch (error) {
    return recallAfter(error, what)
  }
}

/** What the server said last, where it did not answer now; any other error is thrown, and its silence where it never said anything. */
export async function recallAfter<T>(error: unknown, what: string): Promise<T> {
  const kept = error instanceof ApiError && error.passing ? await local.kept.get(what) : undefined
  if (!kept) throw error
  return kept.value as T
}

/** What the server said last, without asking it. */
export const recall = async <T>(what: string): Promise<T | undefined> =>
  (await local.kept.get(what))?.value as T | undefined
