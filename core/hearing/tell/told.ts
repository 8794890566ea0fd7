import type { Telling } from './telling.ts'

/** What is told of one act: its kind and its fields by name, with what each atom told. */
export interface Told {
  kind: string
  values: Record<string, unknown>
  t: Telling
}
/** What is known where a stretch is told. */
export interface Context {
  text: string
  /** Where the heading before it says that it is. */
  heading?: string | undefined
}
