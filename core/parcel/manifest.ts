import type { InferType } from 'yup'
import * as yup from 'yup'
import { line, listOf, literal, moment, oneOf, shape, wholeWithin } from '../schema/atoms.ts'
import { check, type Problem } from '../schema/check.ts'
import { limits } from '../schema/limits.ts'

/** What a parcel is of: one job as a recording for others, one job whole, or the book of a model with all its recordings. */
export const parcelKinds = ['recording', 'job', 'book'] as const
/** A kind of parcel. */
export type ParcelKind = (typeof parcelKinds)[number]

/** The files that a parcel may have, by their form: nothing else is ever written or read. */
const fileForm =
  /^(records\/\d{1,4}\.json|tables\/\d{1,4}-(steps|fasteners)\.csv|photos\/[0-9a-f]{64}\.jpg|book\.json|README\.txt)$/
/** True where a path of a parcel is that of a record. */
export const isRecord = (path: string): boolean => path.startsWith('records/')
/** True where it is that of a photo. */
export const isPhoto = (path: string): boolean => path.startsWith('photos/')

const file = shape({
  path: yup
    .string()
    .matches(fileForm, ({ value }) => `${String(value).slice(0, 80)} is no file that a parcel has`)
    .required(),
  sha256: yup
    .string()
    .matches(/^[0-9a-f]{64}$/, '${path} must be a SHA-256 in hexadecimal')
    .required(),
  bytes: wholeWithin(0, limits.parcelBytes).required(),
})

/** The documented form of `manifest.json`, the first file of a parcel. */
export const manifestSchema = shape({
  format: literal('dialytica-parcel'),
  version: yup.number().oneOf([1], '${path} must be 1: this file is of a later version').required(),
  kind: oneOf(parcelKinds).required(),
  exportedAt: moment().required(),
  application: line().required(),
  files: listOf(file.required(), limits.parcelFiles).required(),
})
/** What a parcel says of itself: what it is of, and every file in it with its checksum. */
export type Manifest = InferType<typeof manifestSchema>

/** Reads a manifest from its text. Names every problem by its path. */
export function readManifest(text: string): { ok: true; value: Manifest } | { ok: false; problems: Problem[] } {
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch (error) {
    return { ok: false, problems: [{ path: '', message: `manifest.json is not JSON: ${(error as Error).message}` }] }
  }
  const checked = check(manifestSchema, value)
  if (!checked.ok) return checked
  const manifest = checked.value as Manifest
  const paths = manifest.files.map(f => f.path)
  const twice = paths.find((p, i) => paths.indexOf(p) !== i)
  if (twice) return { ok: false, problems: [{ path: 'files', message: `${twice} is named twice` }] }
  if (!paths.some(isRecord)) return { ok: false, problems: [{ path: 'files', message: 'There is no record in it' }] }
  return { ok: true, value: manifest }
}
