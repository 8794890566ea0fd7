import { limits } from '../schema/limits.ts'
import { moment, photoHash, photoHashForm, shape, wholeWithin, uuidForm } from '../schema/atoms.ts'
import { call } from './call.ts'

const pixels = () => wholeWithin(1, 100_000).required()

export const putPhoto = call({
  method: 'put',
  path: '/api/photos/{hash}',
  params: { hash: photoHashForm },
  /** Who took it, and for which job. */
  query: { actor: uuidForm, job: uuidForm },
  bytes: limits.photoBytes,
  reply: shape({
    hash: photoHash().required(),
    width: pixels(),
    height: pixels(),
    takenAt: moment().nullable().defined(),
  }),
})
export const photo = call({
  method: 'get',
  path: '/api/photos/{hash}/{size}',
  params: { hash: photoHashForm, size: /^(full|stage|thumb)$/ },
})
