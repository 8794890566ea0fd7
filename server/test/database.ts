import { fileURLToPath } from 'node:url'

/** Starts a database for the suite, unless one is given by DATABASE_URL. */
export default async function (): Promise<(() => Promise<void>) | void> {
  if (process.env.DATABASE_URL) return
  const from = new URL('../../scripts/mariadb.mjs', import.meta.url).href
  const { startMariaDb } = (await import(from)) as {
    startMariaDb(folder: string): Promise<{ url(): string; stop(): Promise<void> }>
  }
  const database = await startMariaDb(fileURLToPath(new URL('../../.data/test-mariadb', import.meta.url)))
  process.env.DATABASE_URL = database.url()
  return () => database.stop()
}
