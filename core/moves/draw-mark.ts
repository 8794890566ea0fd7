import type { InferType } from 'yup'
import { line } from '../schema/atoms.ts'
import { bare, say, sentence } from '../words/phrase.ts'
import { place } from './field.ts'
import { moveShape, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('draw-mark', { mark: line().required('say what the mark is') })
type DrawMark = InferType<typeof schema>

/** Draws a mark to align to; it owes nothing, and the return is told to align to it. */
export const drawMark: MoveKind<DrawMark> = {
  kind: 'draw-mark',
  name: 'Draw mark',
  item: 'mark',
  schema,
  fresh: () => ({ mark: 'a line across both parts' }),
  fields: () => [
    {
      path: 'mark',
      label: 'mark',
      how: 'words',
      options: ['a line across both parts', 'an arrow up', 'a number on each'],
    },
    place,
  ],
  grammar: {
    verb: 'draw mark',
    name: 'mark',
    verbs:
      'mark, scribe, draw/drew/drawn, scratch, number, label, paint, dot, write/wrote/written, pencil, score, tick, note, punch, chalk, tag, put/put, letter, make/made, index',
    things: ['mark'],
  },
  opens: () => [],
  invert: turned,
  subject: m => m.mark,
  down: m => sentence(say`draw ${m.mark}${m.place ? say` at the ${bare(m.place)}` : ''}`),
  back: m => sentence(say`align to ${m.mark}${m.place ? say` at the ${bare(m.place)}` : ''}`),
  notes: () => [],
  tools: () => ['paint pen'],
  cautions: () => [],
}
