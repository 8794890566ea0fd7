import { calls } from '@dialytica/core/wire'
import { Device, Session } from '../entities/index.ts'
import { endSessionsOf, isDeviceOf, sessionsOf } from '../people/devices.ts'
import { notFound } from '../problems.ts'
import { route } from './routing.ts'

export const sessions = route(calls.sessions, {
  summary: 'Where one is signed in, and the devices that joined a job from there',
  who: 'viewer',
  replies: { 200: 'Sessions, last seen first' },
  answer: async ({ db }, { person, session }) =>
    (await sessionsOf(db, { shop: person.shopId, person: person.id, here: session })).map(s => s.shown),
})

export const endOneSession = route(calls.endOneSession, {
  summary: 'End one of your own sessions; of anybody in the shop for a lead',
  who: 'viewer',
  replies: { 204: 'It has ended' },
  async answer({ db }, { person, params, res }) {
    const id = params.session!
    const isMine = await db.getRepository(Session).existsBy({ id, userId: person.id })
    if (!isMine && person.role !== 'lead') throw notFound()
    if (!(await endSessionsOf(db, person.shopId, 'session', id))) throw notFound()
    res.status(204).end()
  },
})

export const nameDevice = route(calls.nameDevice, {
  summary: 'Name a device, as it is called in the shop',
  who: 'technician',
  replies: { 204: 'Named', 404: 'Nobody of the shop is signed in on it' },
  async answer({ db }, { person, params, body, res }) {
    const [id, shopId] = [params.device!, person.shopId]
    if (!(await isDeviceOf(db, shopId, id))) throw notFound()
    await db.getRepository(Device).save({ shopId, id, name: body.name })
    res.status(204).end()
  },
})

export const endDevice = route(calls.endDevice, {
  summary: 'Sign everybody out on a device: it is lost, or leaves the shop',
  who: 'lead',
  replies: { 204: 'Done' },
  async answer({ db }, { person, params, res }) {
    if (!(await endSessionsOf(db, person.shopId, 'device', params.device!))) throw notFound()
    res.status(204).end()
  },
})
