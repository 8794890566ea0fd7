import * as yup from 'yup'
import { limits } from './limits.ts'

/** The atoms from which every schema of the product is built; types are derived from them with `InferType`. */
export const line = () => yup.string().max(limits.line, `\${path} is longer than ${limits.line} characters: shorten it`)
/** The form of a UUID of RFC 9562, in lower case. */
export const uuidForm = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/
/** Any UUID. */
export const uuid = () => yup.string().matches(uuidForm, '${path} must be a UUID')
export const count = () =>
  yup
    .number()
    .integer('${path} must be a whole number')
    .min(1, '${path} must be at least 1')
    .max(limits.count, `\${path} can be ${limits.count} at most`)
/** A number in a range, its ends included; `what` says what it is where the bare range would not help. */
export const within = (least: number, most: number, what?: string) =>
  yup
    .number()
    .min(least, what ? `\${path} is ${what}` : `\${path} must be at least ${least}`)
    .max(most, what ? `\${path} is ${what}` : `\${path} can be ${most} at most`)
export const wholeWithin = (least: number, most: number, what?: string) =>
  within(least, most, what).integer('${path} must be a whole number')
/** A year of make. */
export const year = () => wholeWithin(1950, 2100, 'the year of make, like 2019')
/** A number above nothing, in a unit. */
export const above0 = (most: number, unit: string) =>
  yup.number().positive(`\${path} must be more than 0 ${unit}`).max(most, `\${path} can be ${most} ${unit} at most`)
/** A list with a limit: how many there may be is known before one of them is looked at. */
export const listOf = <S extends yup.ISchema<unknown>>(element: S, most: number) =>
  yup.array(element as never).max(most, `\${path} can hold ${most} at most`) as unknown as yup.ArraySchema<
    yup.InferType<S>[] | undefined,
    yup.AnyObject
  >
/** The first and the last moment that the product knows: a clock that was never set shows the first. */
const [earliest, latest] = ['1970-01-01T00:00:00.000Z', '2199-12-31T23:59:59.999Z']
/** A moment that was or will be: UTC, milliseconds, as `Date.prototype.toISOString` writes it, so that moments sort as text. */
export const moment = () =>
  yup
    .string()
    .matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/, '${path} must be UTC like 2026-01-31T08:00:00.000Z')
    .test('calendar', '${path} is no moment of the calendar between 1970 and 2199', value => {
      if (value === undefined || value === null) return true
      const time = Date.parse(value)
      return !isNaN(time) && new Date(time).toISOString() === value && value >= earliest && value <= latest
    })
/** A debt: the id of its move, with a number for what the move owes besides. */
export const debtId = () =>
  yup
    .string()
    .matches(
      /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}(\/\d{1,3})?$/,
      '${path} must be the id of a debt',
    )
/** A place in an order, as text that sorts there (`rankBetween`). */
export const rank = () => yup.string().matches(/^[!-~]{1,500}$/, '${path} must be a rank of up to 500 signs')
/** A cell of the tray: row letter, column number. */
export const cell = () => yup.string().matches(/^[A-Z][1-9]\d?$/, '${path} must be a letter and a number, like B3')
/** The form of the content hash of a photo. */
export const photoHashForm = /^[0-9a-f]{64}$/
/** Content hash of a photo: SHA-256 of the bytes as taken, in lower-case hexadecimal. */
export const photoHash = () => yup.string().matches(photoHashForm, '${path} must be a SHA-256 in hexadecimal')
export const oneOf = <const T extends string>(values: readonly T[]) =>
  yup.string().oneOf(values, `\${path} must be one of ${values.join(', ')}`) as yup.StringSchema<T | undefined>
/** An object that refuses keys it does not know. */
export const shape = <S extends yup.ObjectShape>(fields: S) =>
  yup
    .object(fields)
    .noUnknown(
      ({ unknown, path }) => `${path || 'the record'} has a field that is not known: ${String(unknown).slice(0, 80)}`,
    )

/** The id of a zone in its family's anatomy, like `rear`. */
export const zoneId = () => yup.string().matches(/^[a-z][a-z -]{0,40}$/, '${path} must be the id of a zone, like rear')
/** Text that is always `kind`, for the tag of a union. */
export const literal = <const K extends string>(kind: K) =>
  yup.string().oneOf([kind], `\${path} must be ${kind}`).required() as yup.StringSchema<K>
