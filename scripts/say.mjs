/** Says what is being done, and how long it took; runs it. */
export async function step(what, work) {
  process.stdout.write(`${what} … `)
  const began = Date.now()
  try {
    const result = await work()
    process.stdout.write(`${((Date.now() - began) / 1000).toFixed(1)} s\n`)
    return result
  } catch (error) {
    process.stdout.write('failed\n')
    throw error
  }
}

/** Ends with a message that says what to do. */
export function fail(message) {
  console.error(`\n${message}`)
  process.exit(1)
}
