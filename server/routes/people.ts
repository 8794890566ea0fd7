import { calls } from '@dialytica/core/wire'
import { User } from '../entities/index.ts'
import { createAccount } from '../people/accounts.ts'
import { endSessionsOf, sessionsOf } from '../people/devices.ts'
import { codeFor } from '../people/entry-codes.ts'
import { loginOf } from '../people/logins.ts'
import { changeMember, newCodeFor, teamOf } from '../people/team.ts'
import { notFound, ProblemError } from '../problems.ts'
import { route } from './routing.ts'

export const people = route(calls.people, {
  summary: 'The people of the shop',
  who: 'viewer',
  replies: { 200: 'Names and roles' },
  answer: ({ db }, { person }) =>
    db
      .getRepository(User)
      .find({ where: { shopId: person.shopId }, select: { id: true, name: true, role: true }, order: { name: 'ASC' } }),
})

export const team = route(calls.team, {
  summary: 'The people of the shop, what they may do, and where they are signed in',
  who: 'lead',
  replies: { 200: 'People and their devices' },
  answer: async ({ db }, { person, session }) =>
    teamOf(db, person.shopId, await sessionsOf(db, { shop: person.shopId, here: session })),
})

export const addMember = route(calls.addMember, {
  summary: 'Add a person; they choose their password with the code',
  who: 'lead',
  replies: { 201: 'The code, told this once', 409: 'The login is taken' },
  async answer({ db }, { person, body, res }) {
    const login = loginOf(body.login)
    const code = await db
      .transaction(async m => {
        const { id } = await createAccount(m, { shopId: person.shopId, name: body.name, login, role: body.role })
        return codeFor(m, id)
      })
      .catch((error: { errno?: number }) => {
        if (error.errno !== 1062) throw error
        throw new ProblemError('already-there', `The login ${login} is taken: choose another.`)
      })
    res.status(201)
    return code
  },
})

export const changeOfMember = route(calls.changeMember, {
  summary: 'Rename a person, change what they may do, end their account or take it up again; it takes effect at once',
  who: 'lead',
  replies: { 204: 'Done', 409: 'The shop would be left without a lead' },
  async answer({ db }, { person, params, body, res }) {
    await changeMember(db, person.shopId, params.person!, body)
    res.status(204).end()
  },
})

export const codeOfMember = route(calls.newCode, {
  summary:
    'A new code with which a person chooses a password; the one that they have ends at once, and so do their sessions',
  who: 'lead',
  replies: { 201: 'The code, told this once' },
  async answer({ db }, { person, params, res }) {
    const code = await newCodeFor(db, person.shopId, params.person!)
    res.status(201)
    return code
  },
})

export const endOfSessions = route(calls.endSessions, {
  summary: 'Sign a person out on every device',
  who: 'lead',
  replies: { 204: 'Done' },
  async answer({ db }, { person, params, res }) {
    const [id, shopId] = [params.person!, person.shopId]
    if (!(await db.getRepository(User).existsBy({ id, shopId }))) throw notFound()
    await endSessionsOf(db, shopId, 'person', id)
    res.status(204).end()
  },
})
