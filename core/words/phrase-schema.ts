import * as yup from 'yup'
import type { Json } from '../schema/json-schema.ts'
import type { Phrase } from './phrase.ts'

const isList = (value: unknown): value is readonly unknown[] => Array.isArray(value)

/** True for what can be put into a language: every form of a phrase, down to its innermost part. */
function isPhrase(value: unknown): value is Phrase {
  if (typeof value === 'string') return true
  if (typeof value !== 'object' || value === null) return false
  const of = value as Record<string, unknown>
  if ('say' in of)
    return typeof of.say === 'string' && (of.with === undefined || (isList(of.with) && of.with.every(isPhrase)))
  if ('number' in of) return typeof of.number === 'number'
  if ('count' in of) return typeof of.count === 'number' && isPhrase(of.one) && isPhrase(of.many)
  if ('parts' in of) return isList(of.parts) && of.parts.every(isPhrase) && typeof of.by === 'string'
  if ('list' in of) return isList(of.list) && of.list.every(isPhrase)
  return 'sentence' in of && isPhrase(of.sentence)
}

/** The schema of a phrase, where one goes over the wire. */
export const phraseSchema = yup
  .mixed<Phrase>()
  .test('phrase', '${path} is no phrase', v => v === undefined || isPhrase(v))

const phrase = { $ref: '#/components/schemas/phrase' }
const phrases = { type: 'array', items: phrase }
const form = (properties: Record<string, Json>, required = Object.keys(properties)): Json => ({
  type: 'object',
  properties,
  required,
})
/** The same in the words of JSON Schema, under the name `phrase` of the components of an OpenAPI document. */
export const phraseJsonSchema: Json = {
  description: 'What is to be said, as data; a bare string is a name or the words of a person',
  oneOf: [
    { type: 'string' },
    form({ say: { type: 'string' }, with: phrases }, ['say']),
    form({ number: { type: 'number' } }),
    form({ count: { type: 'number' }, one: phrase, many: phrase }),
    form({ parts: phrases, by: { type: 'string' } }),
    form({ list: phrases }),
    form({ sentence: phrase, open: { type: 'boolean' } }, ['sentence']),
  ],
}
