/** One question to a worker and its answer; `transfer` hands memory over. Rejects when the worker fails. */
export function ask<A>(worker: Worker, question: object, transfer: Transferable[] = []): Promise<A> {
  const id = (asked += 1)
  return new Promise((done, fail) => {
    const hear = ({ data }: MessageEvent<{ id: number; answer: A }>) => {
      if (data.id !== id) return
      worker.removeEventListener('message', hear)
      worker.removeEventListener('error', stop)
      done(data.answer)
    }
    const stop = () => fail(new Error('This device could not work it out: try again.'))
    worker.addEventListener('message', hear)
    worker.addEventListener('error', stop, { once: true })
    worker.postMessage({ id, ...question }, transfer)
  })
}
let asked = 0
