import { calls } from '@dialytica/core/wire'
import { Hand } from '../entities/index.ts'
import { invitationTo, takeInvitation } from '../people/invitations.ts'
import { lasting, personOf, tokenIn } from '../people/sessions.ts'
import { ProblemError } from '../problems.ts'
import { ignoreDouble } from '../retried.ts'
import { jobOf } from './jobs.ts'
import { letIn } from './letting-in.ts'
import { route } from './routing.ts'

export const invite = route(calls.invite, {
  summary:
    'A code, good for five minutes and for one device, by which it joins this job and holds the same step in hand',
  who: 'technician',
  replies: { 201: 'The code, and until when it is good' },
  async answer(context, asked) {
    const { id } = await jobOf(context, asked)
    const { session, body, res } = asked
    const made = await invitationTo(context.db, { session, job: id, hand: body.hand })
    res.status(201)
    return made
  },
})

const isOver = () =>
  new ProblemError('over', 'Ask for a new code on the first device: one is good for one device and five minutes.')

export const join = route(calls.join, {
  summary:
    'Join a job by its code: starts a session for that job only, as the person who invited; who is signed in to the shop stays who they are',
  who: 'anyone',
  replies: {
    200: 'The job, the hand and the person; sets the session cookie',
    410: 'The code is over, or was used, or was not made here',
  },
  async answer(context, asked) {
    const { db } = context
    const { body, req } = asked
    const invitation = await takeInvitation(db, body.code)
    if (!invitation) throw isOver()
    const { jobId: job, hand, sessionHash: from } = invitation
    const [inviter] = await lasting(db, [from])
    if (!inviter) throw isOver()
    const mine = await personOf(db, tokenIn(req.headers.cookie))
    if (mine && !mine.joined && mine.shopId === inviter.person.shopId) return { job, hand, person: mine }
    const person = await letIn(context, asked, inviter.person.id, { device: body.device, joins: { job, from } })
    return { job, hand, person }
  },
})

export const hand = route(calls.oneHand, {
  summary: 'The step that the devices of one hand are recording, and its version; version 0 when there is none',
  who: 'technician',
  joined: true,
  replies: { 200: 'Version and step' },
  async answer(context, asked) {
    const { id } = await jobOf(context, asked)
    const row = await context.db.getRepository(Hand).findOneBy({ jobId: id, hand: asked.params.hand! })
    return { version: row?.version ?? 0, step: row?.step ?? null }
  },
})

export const putHand = route(calls.putHand, {
  summary:
    'Put the step in hand in the place of the version that was seen; where another came first, that one is returned',
  who: 'technician',
  joined: true,
  replies: { 200: 'Taken, with the new version; or not taken, with the version and step that stand' },
  async answer(context, asked) {
    const { id } = await jobOf(context, asked)
    const { version, step } = asked.body
    const hands = context.db.getRepository(Hand)
    const key = { jobId: id, hand: asked.params.hand! }
    if (version === 0) await hands.insert({ ...key, version: 0, step, changedAt: new Date() }).catch(ignoreDouble)
    const { affected } = await hands.update({ ...key, version }, { version: version + 1, step, changedAt: new Date() })
    if (affected) {
      context.watch.handed(id)
      return { taken: true, version: version + 1 }
    }
    const row = await hands.findOneBy(key)
    return { taken: false, version: row?.version ?? 0, step: row?.step ?? null }
  },
})
