import * as yup from 'yup'
import { limits } from './limits.ts'

/** The atoms from which every schema of the product is built; types are derived from them with `InferType`. */
export const line = () => yup.string().max(limits.line, `\${path} is longer than ${limits.line} characters: shorten it`)
/** Any UUID of RFC 9562, in lower case. */
export const uuid = () =>
  yup.string().matches(/^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/, '${path} must be a UUID')
export const count = () =>
  yup
    .number()
    .integer('${path} must be a whole number')
    .min(1, '${path} must be at least 1')
    .max(limits.count, `\${path} can be ${limits.count} at most`)
/** A moment: UTC, milliseconds, as `Date.prototype.toISOString` writes it, so that moments sort as text. */
export const moment = () =>
  yup.string().matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/, '${path} must be UTC like 2026-01-31T08:00:00.000Z')
/** A cell of the tray: row letter, column number. */
export const cell = () => yup.string().matches(/^[A-Z][1-9]\d?$/, '${path} must be a letter and a number, like B3')
/** Content hash of a photo: SHA-256 of the bytes as taken, in lower-case hexadecimal. */
export const photoHash = () => yup.string().matches(/^[0-9a-f]{64}$/, '${path} must be a SHA-256 in hexadecimal')
export const oneOf = <const T extends string>(values: readonly T[]) =>
  yup.string().oneOf(values, `\${path} must be one of ${values.join(', ')}`) as yup.StringSchema<T | undefined>
/** An object that refuses keys it does not know. */
export const shape = <S extends yup.ObjectShape>(fields: S) =>
  yup
    .object(fields)
    .noUnknown(({ unknown, path }) => `${path || 'the record'} has a field that is not known: ${unknown}`)

export interface Problem {
  path: string
  message: string
}
export type Checked<T> = { ok: true; value: T } | { ok: false; problems: Problem[] }

/** Holds a value against a schema without changing it; every problem is returned with its path. */
export function check<T>(schema: { validateSync(value: unknown, options: object): T }, value: unknown): Checked<T> {
  try {
    return { ok: true, value: schema.validateSync(value, { strict: true, abortEarly: false }) }
  } catch (error) {
    if (!(error instanceof yup.ValidationError)) throw error
    const all = error.inner.length ? error.inner : [error]
    return { ok: false, problems: all.map(e => ({ path: e.path ?? '', message: e.message })) }
  }
}

/** The id of a zone in its family's anatomy, like `rear`. */
export const zoneId = () => yup.string().matches(/^[a-z][a-z -]{0,40}$/, '${path} must be the id of a zone, like rear')
/** Text that is always `kind`, for the tag of a union. */
export const literal = <const K extends string>(kind: K) =>
  yup.string().oneOf([kind], `\${path} must be ${kind}`).required() as yup.StringSchema<K>
