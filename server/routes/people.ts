import { calls } from '@dialytica/core/wire'
import { User } from '../entities/index.ts'
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
