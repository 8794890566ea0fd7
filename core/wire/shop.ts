import type { InferType } from 'yup'
import * as yup from 'yup'
import { line, oneOf, shape, wholeWithin } from '../schema/atoms.ts'
import { call } from './call.ts'
import { list } from './list.ts'

const whole = () => wholeWithin(0, 1e9).required()

/** How far the demo is: machines that are in, of how many. */
const loading = shape({ machines: whole(), of: whole() })
/** How far the demo is. */
export type Loading = InferType<typeof loading>

export const health = call({
  method: 'get',
  path: '/api/health',
  reply: shape({
    name: line().required(),
    version: line().required(),
    database: oneOf(['up', 'down']).required(),
    demo: yup.boolean().required(),
    loading: loading.default(undefined).optional(),
  }),
})
/** The words of the shop's own steps, with how often each was recorded. */
export const phrases = call({
  method: 'get',
  path: '/api/phrases',
  reply: list(shape({ text: line().required(), times: whole() })),
})
export const openApi = call({ method: 'get', path: '/api/openapi.json', reply: yup.mixed<object>().required() })
