import { wrap, type Remote } from 'comlink'

/**
 * The function that a worker exposes, to be called like one of this page. The worker is started by the first call; a call rejects, with what
 * to do, when the worker cannot be loaded or fails.
 */
export function inWorker<A extends unknown[], R>(start: () => Worker): (...args: A) => Promise<R> {
  let work: Remote<(...args: A) => R> | undefined
  let failed: Promise<never>
  return (...args) => {
    if (!work) {
      const worker = start()
      work = wrap<(...args: A) => R>(worker)
      failed = new Promise((_, fail) => {
        worker.addEventListener('error', () => {
          work = undefined
          fail(new Error('This device could not work it out: try again.'))
        })
      })
    }
    return Promise.race([(work as (...args: A) => Promise<R>)(...args), failed])
  }
}
