import { fileURLToPath } from 'node:url'

export const root = fileURLToPath(new URL('..', import.meta.url))
export const data = process.env.DIALYTICA_DATA ?? `${root}.data`
