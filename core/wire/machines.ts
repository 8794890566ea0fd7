import type { InferType } from 'yup'
import * as yup from 'yup'
import { families } from '../machine/families.ts'
import { line, moment, oneOf, shape, uuid, wholeWithin, year, uuidForm } from '../schema/atoms.ts'
import { purposes } from '../ritual/ritual.ts'
import { circuitNames } from '../triage/table/circuits.ts'
import { call, numberForm } from './call.ts'
import { list } from './list.ts'

/** A model as it is added: by the code on its rating plate. */
const newModel = {
  id: uuid().required(),
  maker: line().trim().required('name the maker').max(120),
  code: line().trim().required('give the code of the rating plate').max(120),
  family: oneOf(families).required(),
  notes: line().defined(),
}
/** A unit as it is added: one machine of a model, by its serial number. */
const newUnit = {
  id: uuid().required(),
  modelId: uuid().required(),
  serial: line().trim().required('give the serial number').max(120),
  stands: line().defined(),
  /** Year of make. */
  made: year(),
}
const createdAt = moment().required()
/** A model of the shop. */
export const model = shape({ ...newModel, maker: line().defined(), createdAt })
/** A model of the shop. */
export type Model = InferType<typeof model>
/** A unit of the shop: one machine of a model. */
export const unit = shape({ ...newUnit, made: year().nullable().defined(), createdAt })
/** A unit of the shop: one machine of a model. */
export type Unit = InferType<typeof unit>

const listedModel = shape({
  ...newModel,
  maker: line().defined(),
  createdAt,
  /** How many units of it there are. */
  units: wholeWithin(0, 1e9).required(),
  /** The codes of models that were made one with it: a plate that says one of them is of this model. */
  also: list(line().required()),
})
/** A model as it stands in the list of the shop. */
export type ListedModel = InferType<typeof listedModel>
export const models = call({
  method: 'get',
  path: '/api/models',
  query: { most: numberForm },
  reply: list(listedModel),
})
export const addModel = call({ method: 'post', path: '/api/models', body: shape(newModel), reply: model })
export const oneModel = call({ method: 'get', path: '/api/models/{model}', params: { model: uuidForm }, reply: model })
/** Makes one model of two: all that is of the first goes over to `into`, and its name means that from then on. */
export const makeOne = call({
  method: 'post',
  path: '/api/models/{model}/made-one',
  params: { model: uuidForm },
  body: shape({ into: uuid().required() }),
  reply: model,
})
/** What the codes of a model say, as its jobs kept them: of each the last that was said of it; one without words or circuit was given up. */
export const codes = call({
  method: 'get',
  path: '/api/models/{model}/codes',
  params: { model: uuidForm },
  reply: list(shape({ code: line().required(), says: line(), circuit: oneOf(circuitNames), at: moment().required() })),
})
/** What earlier jobs of a model learnt of its parts: how a new one was made to fit, which tool was made, who had it under which number; the newest first. */
export const learntParts = call({
  method: 'get',
  path: '/api/models/{model}/parts',
  params: { model: uuidForm },
  reply: list(
    shape({
      job: uuid().required(),
      part: line().required(),
      what: oneOf(['made to fit', 'tool', 'source', 'compared']).required(),
      says: line().required(),
      at: moment().required(),
    }),
  ),
})
/** The rituals that were kept for a model in its jobs: of each name the last that was said of it; one without a text was given up. */
export const rituals = call({
  method: 'get',
  path: '/api/models/{model}/rituals',
  params: { model: uuidForm },
  reply: list(
    shape({
      name: line().required(),
      purpose: oneOf(purposes).required(),
      text: line(),
      at: moment().required(),
    }),
  ),
})
/** A unit as it stands in a list: how often it was opened here, the job that stands open on it, and its last one. */
const knownUnit = shape({
  ...newUnit,
  made: year().nullable().defined(),
  createdAt,
  jobs: wholeWithin(0, 1e9).required(),
  open: uuid().nullable().defined(),
  last: shape({
    id: uuid().required(),
    closedAt: moment().nullable().defined(),
    complaint: line().defined(),
    steps: wholeWithin(0, 1e9).required(),
    pieces: wholeWithin(0, 1e9).required(),
    clean: yup.boolean(),
    proved: yup.boolean(),
  })
    .nullable()
    .defined(),
})
/** A unit as it stands in a list. */
export type KnownUnit = InferType<typeof knownUnit>
export const units = call({
  method: 'get',
  path: '/api/units',
  query: { model: uuidForm, serial: /^[^]{1,120}$/, after: /^[^]{1,120}$/ },
  reply: list(knownUnit),
})
export const addUnit = call({ method: 'post', path: '/api/units', body: shape(newUnit), reply: unit })
export const oneUnit = call({ method: 'get', path: '/api/units/{unit}', params: { unit: uuidForm }, reply: unit })
