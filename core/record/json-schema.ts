import { jsonSchemaOf, type Json } from '../schema/json-schema.ts'
import { eventSchemas, eventSchema } from '../log/event.ts'
import { moveKinds, moveSchema } from '../moves/registry.ts'
import { recordSchema } from './record.ts'

/** The JSON Schemas of an event and of a move, and how they are referred to under a given path of a document. */
export function sharedSchemas(under: string): { refs: Map<unknown, string>; schemas: Record<string, Json> } {
  const refs = new Map<unknown, string>([
    [eventSchema, `${under}/event`],
    [moveSchema, `${under}/move`],
  ])
  const schemas = {
    event: { oneOf: [...eventSchemas.values()].map(schema => jsonSchemaOf(schema, refs)) },
    move: { oneOf: Object.values(moveKinds).map(kind => jsonSchemaOf(kind.schema as never, refs)) },
  }
  return { refs, schemas }
}

/** The JSON Schema (2020-12) of the record of a job. */
export function recordJsonSchema(): Json {
  const { refs, schemas } = sharedSchemas('#/$defs')
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Record of a job',
    ...jsonSchemaOf(recordSchema, refs),
    $defs: schemas,
  }
}
