import { calls } from '@dialytica/core/wire'
import { User } from '../entities/index.ts'
import { loginOf } from '../people/logins.ts'
import { cookieName, endSession, personBy, personOf, startSession, tokenIn } from '../people/sessions.ts'
import { ProblemError } from '../problems.ts'
import { demoPassword } from '../seed/demo-password.ts'
import { route } from './routing.ts'

export const whoAmI = route(calls.whoAmI, {
  summary: 'Who is signed in',
  who: 'viewer',
  joined: true,
  replies: { 200: 'The person and their shop' },
  answer: async (_, { person }) => person,
})

export const signIn = route(calls.signIn, {
  summary: 'Sign in; sets the session cookie',
  who: 'anyone',
  replies: { 200: 'Signed in', 401: 'Login and password do not go together', 429: 'Too many tries' },
  async answer({ db, config }, { body, res }) {
    const user = await personBy(db, loginOf(body.login), body.password)
    if (!user || (user.demo && !config.demo)) throw new ProblemError('wrong-sign-in', 'Check both, then try again.')
    const { token, expires } = await startSession(db, user.id)
    res.cookie(cookieName, token, { httpOnly: true, sameSite: 'strict', secure: config.https, expires, path: '/' })
    return personOf(db, token)
  },
})

export const signOut = route(calls.signOut, {
  summary: 'Sign out',
  who: 'anyone',
  replies: { 204: 'Signed out' },
  async answer({ db }, { req, res }) {
    const token = tokenIn(req.headers.cookie)
    if (token) await endSession(db, token)
    res.clearCookie(cookieName, { path: '/' }).status(204).end()
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
