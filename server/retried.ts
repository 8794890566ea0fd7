/** A duplicate key (two devices did the same at once), a deadlock, a lock that took too long: the same again goes through. */
const passing = new Set([1062, 1205, 1213])

/** Does a piece of work on the database again when it only stood in another's way, a few times. */
export async function retried<T>(work: () => Promise<T>, tries = 4): Promise<T> {
  try {
    return await work()
  } catch (error) {
    if (tries <= 1 || !passing.has((error as { errno?: number }).errno ?? 0)) throw error
    return retried(work, tries - 1)
  }
}

/** What is there already stays: a second row of the same key is no error. */
export function ignoreDouble(error: { errno?: number }): void {
  if (error.errno !== 1062) throw error
}
