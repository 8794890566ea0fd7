import { limits } from '../schema/limits.ts'
import { moment, photoHash, shape, wholeWithin } from '../schema/atoms.ts'
import { call, uuidForm } from './call.ts'

const hash = /^[0-9a-f]{64}$/
const pixels = () => wholeWithin(1, 100_000).required()

export const putPhoto = call({
  method: 'put',
  path: '/api/photos/{hash}',
  params: { hash },
  query: { actor: uuidForm },
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
  params: { hash, size: /^(full|stage|thumb)$/ },
})
