import { availableParallelism } from 'node:os'
import { fileURLToPath } from 'node:url'
import { Piscina } from 'piscina'
import { ProblemError } from '../problems.ts'
import type { Tasks } from './tasks.ts'
import { turns } from './turns.ts'

/** What can take long is done beside the thread that answers: sheets, labels, snapshots, records that come in. */
export interface Pool {
  /** Does a task for an account. Throws `busy` when too much waits, `failed` when it took longer than two minutes. */
  run<K extends keyof Tasks>(
    task: K,
    of: Parameters<Tasks[K]>[0],
    account?: string,
  ): Promise<Awaited<ReturnType<Tasks[K]>>>
  close(): Promise<void>
}

const longest = 120_000

export function openPool(): Pool {
  const threads = Math.max(1, availableParallelism() - 1)
  const workers = new Piscina({
    filename: fileURLToPath(new URL('./thread.cjs', import.meta.url)),
    execArgv: [],
    minThreads: 0,
    maxThreads: threads,
    idleTimeout: 60_000,
    resourceLimits: { maxOldGenerationSizeMb: 1024 },
  })
  // A thread that dies fails its own task; another takes its place.
  workers.on('error', () => undefined)
  const line = turns(threads, 24, 3)
  return {
    run: (task, of, account = 'server') =>
      line.take(account, () =>
        workers.run({ task, of }, { signal: AbortSignal.timeout(longest) }).catch((error: Error) => {
          if (error.name === 'AbortError')
            throw new ProblemError('failed', 'This took longer than two minutes and was ended.')
          throw error
        }),
      ),
    close: () => workers.destroy(),
  }
}
