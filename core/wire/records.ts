import { limits } from '../schema/limits.ts'
import { recordSchema } from '../record/record.ts'
import { shape, uuid, wholeWithin, uuidForm } from '../schema/atoms.ts'
import { call } from './call.ts'

export const recordOut = call({
  method: 'get',
  path: '/api/jobs/{job}/record.json',
  params: { job: uuidForm },
  reply: recordSchema,
})
export const recordIn = call({
  method: 'post',
  path: '/api/records',
  bytes: limits.recordBytes,
  reply: shape({ job: uuid().required(), steps: wholeWithin(0, limits.log).required() }),
})
