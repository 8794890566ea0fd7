import type { InferType } from 'yup'
import * as yup from 'yup'
import { settingNames } from '../shop/settings.ts'
import { families } from '../machine/families.ts'
import { meanings } from '../moves/taught-word.ts'
import { line, moment, oneOf, shape, uuid, wholeWithin } from '../schema/atoms.ts'
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
/** The words that the shop taught, by corrections of lines in its jobs: of each the last that was said of it. */
export const words = call({
  method: 'get',
  path: '/api/words',
  reply: list(shape({ word: line().required(), means: oneOf(meanings), at: moment().required() })),
})
/** What the shop's jobs taught about causes: of each job the cause that was told last, with what had been told and done before. */
export const solved = call({
  method: 'get',
  path: '/api/solved',
  reply: list(
    shape({
      job: uuid().required(),
      model: uuid().required(),
      family: oneOf(families).required(),
      cause: line().required(),
      told: list(line().required()),
      did: list(shape({ check: line(), good: yup.boolean(), notIt: line() }).required()),
      at: moment().required(),
    }),
  ),
})
/** What the shop set for all its jobs: of each setting the last that was said of it. */
export const settings = call({
  method: 'get',
  path: '/api/settings',
  reply: list(shape({ setting: oneOf(settingNames).required(), value: line(), at: moment().required() })),
})
export const openApi = call({ method: 'get', path: '/api/openapi.json', reply: yup.mixed<object>().required() })
