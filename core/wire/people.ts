import type { InferType } from 'yup'
import * as yup from 'yup'
import { line, moment, oneOf, shape, uuid, uuidForm } from '../schema/atoms.ts'
import { limits } from '../schema/limits.ts'
import { call } from './call.ts'
import { device, deviceForm } from './device.ts'
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

/** True for a name of the time zone database that is known here. */
function isTimeZone(zone: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: zone }).resolvedOptions().timeZone.length > 0
  } catch {
    return false
  }
}
/** A password as somebody chooses it. */
const newPassword = () =>
  yup
    .string()
    .min(limits.passwordLeast, `take at least ${limits.passwordLeast} characters`)
    .max(limits.passwordMost, `take ${limits.passwordMost} characters at most`)
    .required('choose a password')
const login = () =>
  line()
    .max(limits.plate)
    .matches(/^\s*\S+\s*$/, 'a login is one word')
const name = () => line().max(limits.plate).trim()
/** A code that somebody was handed, however it is typed. */
const handed = () => yup.string().max(60).required('enter the code')

/** A device that somebody is signed in on, or that has joined one job. */
const sessionShown = shape({
  id: uuid().required(),
  /** The name of the device in the log of a job; `null` where it did not say. */
  device: device().nullable().defined(),
  /** What the shop calls the device; empty where nobody named it. */
  name: line().defined(),
  /** What it says it is: `Firefox on Android`. */
  says: line().defined(),
  began: moment().required(),
  seen: moment().required(),
  until: moment().required(),
  /** The serial of the machine whose job it has joined; `null` for who signed in. */
  joined: line().nullable().defined(),
  /** True for the one that asks. */
  here: yup.boolean().required(),
})
/** A device that somebody is signed in on, or that has joined one job. */
export type SessionShown = InferType<typeof sessionShown>

/** A person of the shop as the lead sees them. */
const member = shape({
  id: uuid().required(),
  name: line().required(),
  login: line().required(),
  role: oneOf(roles).required(),
  demo: yup.boolean().required(),
  since: moment().required(),
  /** When their account was ended; `null` while they may sign in. */
  ended: moment().nullable().defined(),
  /** Until when a code is good with which they choose a password; `null` where none waits. */
  codeUntil: moment().nullable().defined(),
  sessions: list(sessionShown),
})
/** A person of the shop as the lead sees them. */
export type Member = InferType<typeof member>

/** A code with which somebody chooses a password. It is told once. */
const entryCode = shape({ person: uuid().required(), code: yup.string().required(), until: moment().required() })
/** A code with which somebody chooses a password. */
export type EntryCode = InferType<typeof entryCode>

const session = '/api/session'
export const whoAmI = call({ method: 'get', path: session, reply: person })
export const signIn = call({
  method: 'post',
  path: session,
  body: shape({
    login: line().required('give your login'),
    password: line().required('give your password'),
    device: device(),
  }),
  reply: person,
})
export const signOut = call({ method: 'delete', path: session })
export const changePassword = call({
  method: 'put',
  path: '/api/session/password',
  body: shape({ current: line().required('give the password that you have'), password: newPassword() }),
  reply: person,
})
export const sessions = call({ method: 'get', path: '/api/sessions', reply: list(sessionShown) })
export const endOneSession = call({
  method: 'delete',
  path: '/api/sessions/{session}',
  params: { session: uuidForm },
})
export const nameDevice = call({
  method: 'put',
  path: '/api/devices/{device}',
  params: { device: deviceForm },
  body: shape({ name: name().defined() }),
})
export const endDevice = call({ method: 'delete', path: '/api/devices/{device}', params: { device: deviceForm } })
export const demoAccounts = call({ method: 'get', path: '/api/demo-accounts', reply: list(demoAccount) })
export const people = call({
  method: 'get',
  path: '/api/people',
  reply: list(shape({ id: uuid().required(), name: line().required(), role: oneOf(roles).required() })),
})

const who = { person: uuidForm }
export const team = call({ method: 'get', path: '/api/team', reply: list(member) })
export const addMember = call({
  method: 'post',
  path: '/api/team',
  body: shape({
    name: name().required('give their name'),
    login: login().required('give them a login'),
    role: oneOf(roles).required('say what they may do'),
  }),
  reply: entryCode,
})
export const changeMember = call({
  method: 'put',
  path: '/api/team/{person}',
  params: who,
  body: shape({ name: name().min(1, 'give their name'), role: oneOf(roles), ended: yup.boolean() }),
})
export const newCode = call({
  method: 'post',
  path: '/api/team/{person}/code',
  params: who,
  body: shape({}),
  reply: entryCode,
})
export const endSessions = call({ method: 'delete', path: '/api/team/{person}/sessions', params: who })

/** A person takes the code that they were handed, and chooses their password. */
export const welcome = call({
  method: 'post',
  path: '/api/welcome',
  body: shape({
    login: line().required('give your login'),
    code: handed(),
    password: newPassword(),
    device: device(),
  }),
  reply: person,
})
const first = '/api/first-account'
/** True until somebody has an account. */
export const isFresh = call({ method: 'get', path: first, reply: shape({ fresh: yup.boolean().required() }) })
/** The first account of all: the lead of the first shop, by the code that the start prints. */
export const firstAccount = call({
  method: 'post',
  path: first,
  body: shape({
    code: handed(),
    shop: name().required('give the name of the shop'),
    timeZone: line()
      .required('give the time zone')
      .test('time zone', 'give a time zone like Europe/London', zone => !zone || isTimeZone(zone)),
    name: name().required('give your name'),
    login: login().required('choose a login'),
    password: newPassword(),
    device: device(),
  }),
  reply: person,
})
