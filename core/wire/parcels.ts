import type { InferType } from 'yup'
import * as yup from 'yup'
import { parcelKinds } from '../parcel/manifest.ts'
import { families } from '../machine/families.ts'
import { privateThings } from '../record/record.ts'
import { line, moment, oneOf, shape, uuid, uuidForm, wholeWithin, year, zoneId } from '../schema/atoms.ts'
import { limits } from '../schema/limits.ts'
import { call } from './call.ts'
import { list } from './list.ts'

const whole = () => wholeWithin(0, 1e9).required()

const recordPreview = shape({
  job: uuid().required(),
  machine: shape({
    maker: line(),
    code: line().required(),
    family: oneOf(families).required(),
    serial: line(),
    made: year(),
  }).required(),
  complaint: line().defined(),
  steps: whole(),
  moves: whole(),
  photos: whole(),
  zones: list(zoneId().required()),
  said: whole(),
  closed: yup.boolean().required(),
  at: moment().required(),
  without: list(oneOf(privateThings).required()),
})
const parcel = {
  id: uuid().required(),
  name: line().required(),
  preview: shape({ kind: oneOf(parcelKinds).required(), records: list(recordPreview), photos: whole() }).required(),
}
const looked = shape({
  ...parcel,
  /** Jobs of it that are here already, by the id they had where they were recorded. */
  known: list(uuid().required()),
})
/** A file that came in, and what taking it in would do. */
export type LookedAt = InferType<typeof looked>

const taken = shape({
  ...parcel,
  by: line().required(),
  at: moment().required(),
  backAt: moment().nullable().default(null),
  jobs: list(uuid().required()),
})
/** A file that was taken in. */
export type TakenIn = InferType<typeof taken>

/** A job as a parcel: as a recording for others, or whole. */
export const jobParcel = call({
  method: 'get',
  path: '/api/jobs/{job}/parcel.zip',
  params: { job: uuidForm },
  query: { whole: /^[01]$/ },
})
/** The book of a model as a parcel, with all its recordings. */
export const bookParcel = call({ method: 'get', path: '/api/models/{model}/book.zip', params: { model: uuidForm } })

/** A file comes in and is looked at: a parcel, or a bare record. Nothing of the shop changes. */
export const parcelIn = call({
  method: 'post',
  path: '/api/parcels',
  query: { name: /^[^/\\]{1,200}$/ },
  file: limits.parcelBytes,
  reply: looked,
})
/** What was taken in lately. */
export const parcels = call({ method: 'get', path: '/api/parcels', reply: list(taken) })
const nothing = shape({})
/** It is taken in, all of it that is not here already. */
export const takeParcel = call({
  method: 'post',
  path: '/api/parcels/{parcel}/take',
  params: { parcel: uuidForm },
  body: nothing,
  reply: shape({ jobs: list(uuid().required()) }),
})
/** It is taken back, all of it. */
export const parcelBack = call({
  method: 'post',
  path: '/api/parcels/{parcel}/back',
  params: { parcel: uuidForm },
  body: nothing,
  reply: shape({ jobs: whole() }),
})
