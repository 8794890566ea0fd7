import type { InferType } from 'yup'
import * as yup from 'yup'
import { line, oneOf, shape, uuid } from '../schema/atoms.ts'
import { call } from './call.ts'
import { list } from './list.ts'

/** What somebody may do: look, record, keep the shop; each may what those before may. */
export const roles = ['viewer', 'technician', 'lead'] as const
/** What somebody may do. */
export type Role = (typeof roles)[number]

/** Who asks: a person of one shop. */
export const person = shape({
  id: uuid().required(),
  shopId: uuid().required(),
  login: line().required(),
  name: line().required(),
  role: oneOf(roles).required(),
  shop: line().required(),
  timeZone: line().required(),
  /** The one job that this device has joined by a code; `null` for who signed in. */
  joined: uuid().nullable().defined(),
  /** True for a person of the demo: their cameras and scanners are simulated. */
  demo: yup.boolean().required(),
})
/** Who asks: a person of one shop. */
export type Person = InferType<typeof person>

/** An account of the demo that is taken by one tap. */
const demoAccount = shape({
  login: line().required(),
  name: line().required(),
  role: oneOf(roles).required(),
  password: line().required(),
})
/** An account of the demo that is taken by one tap. */
export type DemoAccount = InferType<typeof demoAccount>

const session = '/api/session'
export const whoAmI = call({ method: 'get', path: session, reply: person })
export const signIn = call({
  method: 'post',
  path: session,
  body: shape({ login: line().required('give your login'), password: line().required('give your password') }),
  reply: person,
})
export const signOut = call({ method: 'delete', path: session })
export const demoAccounts = call({ method: 'get', path: '/api/demo-accounts', reply: list(demoAccount) })
export const people = call({
  method: 'get',
  path: '/api/people',
  reply: list(shape({ id: uuid().required(), name: line().required(), role: oneOf(roles).required() })),
})
