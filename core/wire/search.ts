import * as yup from 'yup'
import { findableKinds } from '../findable/findables.ts'
import { families } from '../machine/families.ts'
import { line, moment, oneOf, photoHash, shape, uuid, wholeWithin, zoneId } from '../schema/atoms.ts'
import { limits } from '../schema/limits.ts'
import type { InferType } from 'yup'
import { call, numberForm } from './call.ts'
import { list } from './list.ts'

const number = () => wholeWithin(0, 1e10).required()

const found = shape({
  thing: number(),
  kind: oneOf(findableKinds).required(),
  title: line().required(),
  zone: zoneId().nullable().default(null),
  model: shape({
    id: uuid().required(),
    maker: line(),
    code: line().required(),
    family: oneOf(families).required(),
  }),
  /** In how many jobs it is said. */
  jobs: number(),
  /** The newest of them; of a model or a machine its own id. */
  source: uuid().required(),
  step: uuid().nullable().default(null),
  photo: photoHash().nullable().default(null),
  at: moment().required(),
  /** True where it has every word as it was typed, or begun. */
  asTyped: yup.boolean().required(),
  /** The words by which it was found, as the shop has them. */
  by: list(line().required()),
})
/** What was found by the words that somebody typed. */
export type FoundThing = InferType<typeof found>

/** What the shop has to some words: models, machines, complaints, steps, notes, best first. */
export const search = call({
  method: 'get',
  path: '/api/search',
  query: { words: new RegExp(`^.{0,${limits.line}}$`, 's') },
  reply: list(found),
})

const saidIn = shape({
  job: uuid().required(),
  serial: line().required(),
  complaint: line().defined(),
  step: uuid().nullable().default(null),
  at: moment().required(),
  open: yup.boolean().required(),
})
/** A job in which something that was found is said. */
export type SaidIn = InferType<typeof saidIn>

/** The jobs in which a thing is said, or that a machine had; the newest first, 50 at most. */
export const searchJobs = call({
  method: 'get',
  path: '/api/search/{thing}',
  params: { thing: numberForm },
  reply: list(saidIn),
})
