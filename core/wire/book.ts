import * as yup from 'yup'
import type { Book } from '../book/book.ts'
import { handBody, type HandBody } from '../book/hand.ts'
import { lessonKinds } from '../book/lessons.ts'
import { needReasons } from '../book/needs.ts'
import { postures } from '../machine/postures.ts'
import { moveSchema } from '../moves/registry.ts'
import { line, moment, oneOf, photoHash, shape, uuid, uuidForm, year, zoneId } from '../schema/atoms.ts'
import { phraseSchema } from '../words/phrase-schema.ts'
import { call } from './call.ts'
import { list } from './list.ts'

const amount = () => yup.number().min(0).required()
const minutes = shape({ median: amount(), low: amount(), high: amount(), of: amount() })
const jobs = list(uuid().required())
const split = shape({
  by: oneOf(['serial', 'made']).required(),
  from: line().required(),
  before: line().required(),
  after: line().required(),
  chance: amount(),
  off: amount(),
})
const act = shape({
  id: line().required(),
  move: moveSchema,
  zone: zoneId(),
  jobs,
  of: amount(),
  minutes: minutes.nullable().default(null),
  photo: shape({ job: uuid().required(), hash: photoHash().required() }).nullable().default(null),
  photos: list(shape({ job: uuid().required(), hash: photoHash().required() })),
  standard: yup.boolean().required(),
  varies: list(
    shape({
      field: line().required(),
      values: list(shape({ value: line().required(), jobs })),
      split: split.nullable().default(null),
    }),
  ),
  lessons: list(
    shape({
      kind: oneOf(lessonKinds).required(),
      when: oneOf(['down', 'back', 'both']).required(),
      says: phraseSchema,
      job: uuid().required(),
    }),
  ),
  bench: yup.boolean().required(),
  done: list(
    shape({
      posture: oneOf(postures).nullable().default(null),
      jobs: amount(),
      needs: list(shape({ why: oneOf(needReasons).required(), acts: list(line().required()), jobs: amount() })),
    }),
  ),
  tools: list(line().required()),
})

/** What the closed jobs of a model say together: its acts in the order of most of them, with support, what varies, and what was learnt. */
export const book = call({
  method: 'get',
  path: '/api/models/{model}/book',
  params: { model: uuidForm },
  reply: shape({
    recordings: list(
      shape({
        job: uuid().required(),
        serial: line().required(),
        made: year(),
        at: moment().required(),
        by: uuid().required(),
      }),
    ),
    steps: list(shape({ acts: list(act) })),
    ways: list(shape({ covers: list(line().required()), jobs })),
    minutes: minutes.nullable().default(null),
    sister: uuid().nullable().default(null),
  }) as unknown as yup.Schema<Book>,
})

/** The same as PDF, in prose with the photos. */
export const bookPdf = call({ method: 'get', path: '/api/models/{model}/book.pdf', params: { model: uuidForm } })

const word = {
  id: uuid().required(),
  body: handBody,
}
/** What leads said of the book of a model, in its order, with who said it and when. */
export const bookHand = call({
  method: 'get',
  path: '/api/models/{model}/hand',
  params: { model: uuidForm },
  reply: list(shape({ ...word, by: line().required(), at: moment().required() })) as unknown as yup.Schema<
    { id: string; body: HandBody; by: string; at: string }[]
  >,
})
/** A lead says something of the book. Said again under the same id, it is there once. */
export const tellBook = call({
  method: 'post',
  path: '/api/models/{model}/hand',
  params: { model: uuidForm },
  body: shape(word) as unknown as yup.Schema<{ id: string; body: HandBody }>,
  reply: shape({ id: uuid().required() }),
})
