import { calls } from '@dialytica/core/wire'
import { stat } from 'node:fs/promises'
import { PhotoEntity } from '../entities/index.ts'
import { photoFile, takeIn } from '../photos/store.ts'
import { isOfJob } from '../photos/of-job.ts'
import type { Size } from '../photos/develop.ts'
import { notFound, ProblemError } from '../problems.ts'
import { route } from './routing.ts'

export const putPhoto = route(calls.putPhoto, {
  summary: 'Take in a photo under the SHA-256 of its bytes; re-encoded, upright, stripped of all but the time',
  who: 'technician',
  joined: true,
  rates: [{ what: 'photos', most: 2000, minutes: 15, by: 'account' }],
  inTurn: context => context.uploads,
  replies: { 200: 'Taken in', 413: 'Too large', 415: 'Not a photo' },
  async answer({ db, config }, { params, query, person, body }) {
    // On a shared tablet somebody else may have signed in meanwhile: a photo never goes to their shop.
    if (query.actor && query.actor !== person.id)
      throw new ProblemError('not-allowed', 'Taken by somebody else: it goes up when they sign in again.')
    // A device that joined a job takes photos for that job alone.
    const job = person.joined ?? query.job
    const photo = await takeIn(db, config.data, person.shopId, params.hash!, body as Buffer, job)
    const { hash, width, height, takenAt } = photo
    return { hash, width, height, takenAt: takenAt?.toISOString() ?? null }
  },
})

export const photo = route(calls.photo, {
  summary:
    'A photo as JPEG: full, stage (1600 pixels) or thumb (320); it never changes. A device that joined a job sees those of its job',
  who: 'viewer',
  joined: true,
  replies: { 200: 'image/jpeg' },
  async answer({ db, config }, { params, person, res }) {
    const { hash, size } = params as { hash: string; size: Size }
    if (person.joined && !(await isOfJob(db, person.shopId, person.joined, hash))) throw notFound()
    const row = await db.getRepository(PhotoEntity).findOneBy({ shopId: person.shopId, hash })
    const file = photoFile(config.data, person.shopId, hash, size)
    if (!row || !(await stat(file).catch(() => null))) throw notFound()
    res.setHeader('cache-control', 'private, max-age=31536000, immutable')
    await new Promise<void>((done, fail) =>
      res.sendFile(file, { dotfiles: 'allow', cacheControl: false }, e => (e && !res.headersSent ? fail(e) : done())),
    )
  },
})
