import type { beside } from '@dialytica/core/book'
import { inWorker } from '../workers/in-worker.ts'

/** Two books laid side by side, in a worker. */
export const layBeside = inWorker<Parameters<typeof beside>, ReturnType<typeof beside>>(
  () => new Worker(new URL('../workers/beside.ts', import.meta.url), { type: 'module' }),
)
