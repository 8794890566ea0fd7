import { calls } from '@dialytica/core/wire'
import { Hand, Job } from '../entities/index.ts'
import { invitationIn, invitationLife, signed } from '../people/invitations.ts'
import { cookieName, personOf, startSession } from '../people/sessions.ts'
import { ProblemError } from '../problems.ts'
import { ignoreDouble } from '../retried.ts'
import { jobOf } from './jobs.ts'
import { route } from './routing.ts'

export const invite = route(calls.invite, {
  summary:
    'A signed code, good for five minutes, by which another device joins this job and holds the same step in hand',
  who: 'technician',
  replies: { 201: 'The code, and until when it is good' },
  async answer(context, asked) {
    const { id } = await jobOf(context, asked)
    const until = Math.floor(Date.now() / 1000) + invitationLife
    const { hand } = asked.body
    const code = await signed(context.db, { job: id, user: asked.person.id, hand, until })
    asked.res.status(201)
    return { code, until: new Date(until * 1000).toISOString() }
  },
})

export const join = route(calls.join, {
  summary: 'Join a job by its code: starts a session for that job only, as the person who invited',
  who: 'anyone',
  replies: {
    200: 'The job, the hand and the person; sets the session cookie',
    410: 'The code is over, or was not made here',
  },
  async answer({ db, config }, { body, res }) {
    const invitation = await invitationIn(db, body.code)
    if (!invitation)
      throw new ProblemError('over', 'Ask for a new code on the first device: one is good for five minutes.')
    const { token, expires } = await startSession(db, invitation.user, new Date(), invitation.job)
    const person = await personOf(db, token)
    const isThere = person && (await db.getRepository(Job).existsBy({ id: invitation.job, shopId: person.shopId }))
    if (!isThere) throw new ProblemError('over', 'The job of this code is no longer there.')
    res.cookie(cookieName, token, { httpOnly: true, sameSite: 'strict', secure: config.https, expires, path: '/' })
    return { job: invitation.job, hand: invitation.hand, person }
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
