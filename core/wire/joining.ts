import type { InferType } from 'yup'
import * as yup from 'yup'
import { limits } from '../schema/limits.ts'
import { step as stepSchema, type Step } from '../log/step.ts'
import { moment, shape, uuid, wholeWithin, uuidForm } from '../schema/atoms.ts'
import { call } from './call.ts'
import { device, deviceForm } from './device.ts'
import { person } from './people.ts'

const version = () => wholeWithin(0, 1e9)
const step = stepSchema as unknown as yup.Schema<Step>
const params = { job: uuidForm, hand: deviceForm }

/** The step in hand of some devices, as the server last took it. */
export const handSaid = shape({
  hand: device().required(),
  version: version().required(),
  step: step.required() as unknown as yup.Schema<Step>,
})
/** The step in hand of some devices, as the server last took it. */
export type HandSaid = InferType<typeof handSaid>

export const invite = call({
  method: 'post',
  path: '/api/jobs/{job}/invitations',
  params: { job: uuidForm },
  body: shape({ hand: device().required() }),
  reply: shape({ code: yup.string().required(), until: moment().required() }),
})
export const join = call({
  method: 'post',
  path: '/api/join',
  body: shape({ code: yup.string().max(400).required('give the code'), device: device() }),
  reply: shape({ job: uuid().required(), hand: device().required(), person: person.required() }),
})
const standing = {
  version: version().required(),
  step: step.nullable().defined() as unknown as yup.Schema<Step | null>,
}
export const oneHand = call({ method: 'get', path: '/api/jobs/{job}/hands/{hand}', params, reply: shape(standing) })
export const putHand = call({
  method: 'put',
  path: '/api/jobs/{job}/hands/{hand}',
  params,
  body: shape({ version: version().required(), step: step.required() as unknown as yup.Schema<Step> }),
  size: limits.handBytes,
  /** `step` stands where another device came first. */
  reply: shape({
    taken: yup.boolean().required(),
    version: version().required(),
    step: step.nullable() as unknown as yup.Schema<Step | null | undefined>,
  }),
})
