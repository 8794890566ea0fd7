import { expose } from 'comlink'
import { expect, it } from 'vitest'
import { inWorker } from './in-worker.ts'

/** A worker of this thread: its two ends, and how it fails. */
function worker(does?: (n: number) => number) {
  const { port1, port2 } = new MessageChannel()
  if (does) expose(does, port2)
  const end = new EventTarget()
  const of = Object.assign(end, {
    postMessage: port1.postMessage.bind(port1),
    start: () => undefined,
  })
  port1.onmessage = ({ data }) => end.dispatchEvent(new MessageEvent('message', { data }))
  return of as unknown as Worker
}

it('a call is answered from the worker, which is started once', async () => {
  let started = 0
  const double = inWorker<[number], number>(() => {
    started += 1
    return worker(n => 2 * n)
  })
  expect(started).toBe(0)
  expect(await Promise.all([double(2), double(3)])).toEqual([4, 6])
  expect(started).toBe(1)
})

it('a worker that cannot be loaded rejects what was asked, and the next call starts another', async () => {
  const broken = worker()
  const all = [broken, worker(n => n + 1)]
  const next = inWorker<[number], number>(() => all.shift()!)
  const asked = next(1)
  broken.dispatchEvent(new Event('error'))
  await expect(asked).rejects.toThrow('try again')
  expect(await next(1)).toBe(2)
})
