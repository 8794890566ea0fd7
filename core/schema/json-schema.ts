import * as yup from 'yup'

export type Json = Record<string, unknown>
interface Told {
  tests: { name?: string; params?: Record<string, unknown> }[]
  oneOf: unknown[]
  optional: boolean
  nullable: boolean
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

/**
 * The JSON Schema (2020-12) of a Yup schema made of the atoms of this product. A schema that is in `refs` is told by its
 * reference; one that chooses by its value (`yup.lazy`) must be in it, else it is told as anything.
 */
export function jsonSchemaOf(schema: yup.ISchema<unknown>, refs: ReadonlyMap<unknown, string> = new Map()): Json {
  const ref = refs.get(schema)
  if (ref) return { $ref: ref }
  if (schema instanceof yup.ObjectSchema) {
    const fields = Object.entries(schema.fields) as [string, yup.Schema][]
    const isOptional = (f: yup.Schema) => f.describe !== undefined && (f.describe() as unknown as Told).optional
    const required = fields.filter(([, f]) => !isOptional(f)).map(([name]) => name)
    return {
      type: (schema.describe() as unknown as Told).nullable ? ['object', 'null'] : 'object',
      properties: Object.fromEntries(fields.map(([name, f]) => [name, jsonSchemaOf(f, refs)])),
      ...(required.length && { required }),
      additionalProperties: false,
    }
  }
  if (!(schema instanceof yup.Schema)) return {}
  const told = schema.describe() as unknown as Told
  if (schema instanceof yup.ArraySchema) {
    const items = schema.innerType as yup.ISchema<unknown> | undefined
    return { type: 'array', ...(items && { items: jsonSchemaOf(items, refs) }), ...limitsOf('array', told) }
  }
  if (schema.type === 'mixed') return {}
  const of = limitsOf(schema.type, told)
  return told.nullable ? { ...of, type: [of.type ?? schema.type, 'null'] } : { type: schema.type, ...of }
}
