import highsLoader, { type LegacyHighs as Highs } from 'highs'

let loaded: Promise<Highs> | null = null
/** The solver for mixed-integer programs, loaded once. */
export const highs = (): Promise<Highs> => (loaded ??= highsLoader() as Promise<Highs>)
