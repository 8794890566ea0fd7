import { calls } from '@dialytica/core/wire'
import { takeCode } from '../people/entry-codes.ts'
import { isFirstCode, isFresh, makeFirst } from '../people/first-account.ts'
import { loginOf } from '../people/logins.ts'
import { ProblemError } from '../problems.ts'
import { letIn } from './letting-in.ts'
import { route } from './routing.ts'

export const welcome = route(calls.welcome, {
  summary: 'Choose a password with the code that the lead handed over; signs in',
  who: 'anyone',
  replies: { 200: 'Signed in', 401: 'Login and code do not go together, or the code is over' },
  async answer(context, asked) {
    const { login, code, password, device } = asked.body
    const user = await takeCode(context.db, { login: loginOf(login), code, password })
    if (!user)
      throw new ProblemError(
        'wrong-sign-in',
        'Check both. A code is good for three days and once: ask your lead for a new one.',
      )
    return letIn(context, asked, user.id, { device })
  },
})

export const fresh = route(calls.isFresh, {
  summary: 'Whether nobody has an account here yet',
  who: 'anyone',
  replies: { 200: 'True until the first account is made' },
  answer: async ({ db, config }) => ({ fresh: !config.demo && (await isFresh(db)) }),
})

export const firstAccount = route(calls.firstAccount, {
  summary: 'Make the first account, of a lead, and its shop, by the code that the start prints',
  who: 'anyone',
  replies: { 201: 'Made, and signed in', 403: 'Not the code of this server', 410: 'Somebody has an account already' },
  async answer(context, asked) {
    const { db, config } = context
    const { code, device, ...account } = asked.body
    const isOver = () =>
      new ProblemError('over', 'There is an account here already: sign in, or ask your lead for a code.')
    if (config.demo || !(await isFresh(db))) throw isOver()
    if (!(await isFirstCode(db, code)))
      throw new ProblemError('wrong-code', 'Give the code that stands where the server was started.')
    const lead = await makeFirst(db, { ...account, login: loginOf(account.login) })
    if (!lead) throw isOver()
    const person = await letIn(context, asked, lead.id, { device })
    asked.res.status(201)
    return person
  },
})
