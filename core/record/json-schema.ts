import * as yup from 'yup'
import { eventKinds, eventNames, eventSchema } from '../log/event.ts'
import { moveKinds, moveSchema } from '../moves/registry.ts'
import { recordSchema } from './record.ts'

type Json = Record<string, unknown>
interface Told {
  tests: { name?: string; params?: Record<string, unknown> }[]
  oneOf: unknown[]
  optional: boolean
}

/** What the tests of a schema say, in the words of JSON Schema. */
function limitsOf(type: string, told: Told): Json {
  const of = (name: string) => told.tests.find(t => t.name === name)?.params
  const pattern = of('matches')?.regex as RegExp | undefined
  const [least, most] =
    type === 'string'
      ? ['minLength', 'maxLength']
      : type === 'array'
        ? ['minItems', 'maxItems']
        : ['minimum', 'maximum']
  return {
    ...(told.oneOf.length && { enum: told.oneOf }),
    ...(pattern && { pattern: pattern.source }),
    ...(of('min') && of('min')!.min !== undefined && { [least]: of('min')!.min }),
    ...(of('min') && of('min')!.more !== undefined && { exclusiveMinimum: of('min')!.more }),
    ...(of('max') && { [most]: of('max')!.max }),
    ...(told.tests.some(t => t.name === 'integer') && { type: 'integer' }),
  }
}

/** The JSON Schema of a Yup schema made of the atoms of this product. Events and moves are told once, by reference. */
function convert(schema: yup.ISchema<unknown>): Json {
  if (schema === (eventSchema as unknown)) return { $ref: '#/$defs/event' }
  if (schema === (moveSchema as unknown)) return { $ref: '#/$defs/move' }
  if (schema instanceof yup.ObjectSchema) {
    const fields = Object.entries(schema.fields) as [string, yup.Schema][]
    const required = fields.filter(([, f]) => !(f.describe() as unknown as Told).optional).map(([name]) => name)
    return {
      type: 'object',
      properties: Object.fromEntries(fields.map(([name, f]) => [name, convert(f)])),
      ...(required.length && { required }),
      additionalProperties: false,
    }
  }
  const told = (schema as yup.Schema).describe() as unknown as Told
  if (schema instanceof yup.ArraySchema) {
    const items = schema.innerType as yup.ISchema<unknown> | undefined
    return { type: 'array', ...(items && { items: convert(items) }), ...limitsOf('array', told) }
  }
  const type = (schema as yup.Schema).type
  return type === 'mixed' ? {} : { type, ...limitsOf(type, told) }
}

/** The JSON Schema (2020-12) of the record of a job. */
export function recordJsonSchema(): Json {
  const envelope = (kind: string, body: yup.Schema): Json => ({
    type: 'object',
    properties: {
      id: { $ref: '#/$defs/uuid' },
      job: { $ref: '#/$defs/uuid' },
      kind: { const: kind },
      at: { type: 'string', pattern: '^\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d:\\d\\d\\.\\d{3}Z$' },
      actor: { $ref: '#/$defs/uuid' },
      device: { type: 'string', maxLength: 64 },
      body: convert(body),
    },
    required: ['id', 'job', 'kind', 'at', 'actor', 'device', 'body'],
    additionalProperties: false,
  })
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Record of a job',
    ...convert(recordSchema),
    $defs: {
      uuid: { type: 'string', pattern: '^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$' },
      event: { oneOf: eventNames.map(name => envelope(name, eventKinds[name].body)) },
      move: { oneOf: Object.values(moveKinds).map(kind => convert(kind.schema as unknown as yup.Schema)) },
    },
  }
}
