import { calls } from '@dialytica/core/wire'
import { IsNull, Not, Or } from 'typeorm'
import { Session, User } from '../entities/index.ts'
import { loginOf } from '../people/logins.ts'
import { hashPassword } from '../people/passwords.ts'
import { personBy } from '../people/sessions.ts'
import { ProblemError } from '../problems.ts'
import { demoPassword } from '../seed/demo-password.ts'
import { letGo, letIn } from './letting-in.ts'
import { route } from './routing.ts'

/** Not of the devices that joined a job from a session. */
const notFrom = (session: string) => Or(IsNull(), Not(session))

export const whoAmI = route(calls.whoAmI, {
  summary: 'Who is signed in',
  who: 'viewer',
  joined: true,
  replies: { 200: 'The person and their shop' },
  answer: async (_, { person }) => person,
})

export const signIn = route(calls.signIn, {
  summary: 'Sign in; sets the session cookie, and ends the session that was on this device',
  who: 'anyone',
  replies: { 200: 'Signed in', 401: 'Login and password do not go together', 429: 'Too many tries' },
  async answer(context, asked) {
    const { login, password, device } = asked.body
    const user = await personBy(context.db, loginOf(login), password)
    if (!user || (user.demo && !context.config.demo))
      throw new ProblemError('wrong-sign-in', 'Check both, then try again.')
    return letIn(context, asked, user.id, { device })
  },
})

export const signOut = route(calls.signOut, {
  summary: 'Sign out; ends the devices that joined a job from here',
  who: 'anyone',
  replies: { 204: 'Signed out' },
  async answer(context, asked) {
    await letGo(context, asked)
    asked.res.status(204).end()
  },
})

export const changePassword = route(calls.changePassword, {
  summary: 'Choose another password; signs out wherever else one is signed in',
  who: 'viewer',
  rates: [{ what: 'wrong passwords', most: 10, minutes: 15, by: 'account', failures: true }],
  replies: { 200: 'It is the new one now', 403: 'The one that was given is not yours', 429: 'Too many tries' },
  async answer({ db }, { body, person, session }) {
    if (person.demo)
      throw new ProblemError('not-allowed', 'A person of the demo keeps their password: others sign in with it.')
    if (!(await personBy(db, person.login, body.current)))
      throw new ProblemError('wrong-password', 'Give the password that you signed in with.')
    await db.getRepository(User).update({ id: person.id }, { passwordHash: await hashPassword(body.password) })
    await db.getRepository(Session).delete({ userId: person.id, tokenHash: Not(session), fromHash: notFrom(session) })
    return person
  },
})

export const demoAccounts = route(calls.demoAccounts, {
  summary: 'The accounts of the demo scenario; none outside demo mode',
  who: 'anyone',
  replies: { 200: 'Accounts that can be taken by one tap' },
  async answer({ db, config }) {
    if (!config.demo) return []
    const users = await db.getRepository(User).find({ where: { demo: true }, order: { createdAt: 'ASC' } })
    return users.map(({ login, name, role }) => ({ login, name, role, password: demoPassword }))
  },
})
