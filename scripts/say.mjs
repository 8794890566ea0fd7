/** While something takes long, a dot so often, in milliseconds: whoever waits sees that it goes on. */
const beat = 1500
let number = 0
let of = 0

/** Says beforehand how many things are to be done; each is then numbered. */
export function announce(line, count) {
  of = count
  console.log(line)
}

/** Says what is being done, that it goes on, and how long it took; runs it. */
export async function step(what, work) {
  number += 1
  process.stdout.write(`${number <= of ? `${number}/${of} ` : ''}${what} `)
  const began = Date.now()
  const dots = setInterval(() => process.stdout.write('.'), beat)
  try {
    const result = await work()
    process.stdout.write(` ${((Date.now() - began) / 1000).toFixed(1)} s\n`)
    return result
  } catch (error) {
    process.stdout.write(' failed\n')
    throw error
  } finally {
    clearInterval(dots)
  }
}

/** Ends with a message that says what to do. */
export function fail(message) {
  console.error(`\n${message}`)
  process.exit(1)
}
