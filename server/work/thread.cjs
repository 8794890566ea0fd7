/**
 * What a worker thread loads first. It is no ES module: a thread that is ended while it takes one in by `require`, as the pool tries before
 * anything else, takes the whole process with it (Node 20).
 */
let tasks

/** On Node 20 a thread does not inherit how TypeScript is read. */
async function load() {
  const { register } = await import('tsx/esm/api')
  register()
  return import('./tasks.ts')
}

module.exports = async ({ task, of }) => {
  tasks ??= load()
  return (await tasks)[task](of)
}
