import { numberedEvent, numberedEventSchemas } from '@dialytica/core/log'
import { sharedSchemas } from '@dialytica/core/record'
import { jsonSchemaOf } from '@dialytica/core/schema'
import { handSaid, jobCard, model, person, problem as problemShape, unit } from '@dialytica/core/wire'
import { phraseJsonSchema, phraseSchema } from '@dialytica/core/words'
import type { Route } from './routing.ts'

const under = '#/components/schemas'
const { refs, schemas } = sharedSchemas(under)
refs.set(numberedEvent, `${under}/numbered-event`).set(phraseSchema, `${under}/phrase`)
const named = { person, model, unit, 'job-card': jobCard, 'step-in-hand': handSaid, Problem: problemShape }
/** What several addresses answer with, by name. */
const components = {
  ...schemas,
  phrase: phraseJsonSchema,
  'numbered-event': { oneOf: [...numberedEventSchemas().values()].map(schema => jsonSchemaOf(schema, refs)) },
  ...Object.fromEntries(Object.entries(named).map(([name, schema]) => [name, jsonSchemaOf(schema, refs)])),
}
for (const [name, schema] of Object.entries(named)) refs.set(schema, `${under}/${name}`)

/** What a route answers with when it went well: of what type where the contract gives its form. */
const answered = (r: Route, description: string) => ({
  description,
  ...(r.reply && { content: { 'application/json': { schema: jsonSchemaOf(r.reply, refs) } } }),
})

const problem = (description: string) => ({
  description,
  content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
})

const parameter =
  (where: 'path' | 'query') =>
  ([name, form]: [string, RegExp]) => ({
    name,
    in: where,
    required: where === 'path',
    schema: { type: 'string', pattern: form.source },
  })

/** What a route can answer beside what it says itself, from who may ask and what it takes. */
function replies(r: Route): Record<number, unknown> {
  return {
    ...(r.who !== 'anyone' && { 401: problem('Not signed in') }),
    ...(r.who !== 'anyone' && r.who !== 'viewer' && { 403: problem('The role does not allow it') }),
    ...(r.params && { 404: problem('Not there, or of another shop') }),
    ...((r.body || r.query || r.bytes) && { 422: problem('Not valid') }),
    ...Object.fromEntries(
      Object.entries(r.replies).map(([status, description]) => [
        status,
        Number(status) >= 400 ? problem(description) : answered(r, description),
      ]),
    ),
  }
}

const operation = (r: Route) => ({
  summary: r.summary,
  security: r.who === 'anyone' ? [] : [{ session: [] }],
  'x-role': r.who,
  parameters: [
    ...Object.entries(r.params ?? {}).map(parameter('path')),
    ...Object.entries(r.query ?? {}).map(parameter('query')),
  ],
  ...(r.body && {
    requestBody: {
      required: true,
      content: { 'application/json': { schema: jsonSchemaOf(r.body, refs) } },
    },
  }),
  ...(r.bytes && {
    requestBody: { required: true, content: { 'image/*': { schema: { type: 'string', format: 'binary' } } } },
  }),
  ...(r.file && {
    requestBody: {
      required: true,
      content: Object.fromEntries(
        ['application/zip', 'application/json'].map(type => [type, { schema: { type: 'string', format: 'binary' } }]),
      ),
    },
  }),
  responses: replies(r),
})

/** The OpenAPI document of a table of routes. */
export function openapi(routes: readonly Route[], version: string) {
  const paths: Record<string, Record<string, unknown>> = {}
  for (const r of routes) paths[r.path] = { ...paths[r.path], [r.method]: operation(r) }
  return {
    openapi: '3.1.0',
    info: { title: 'Dialytica', version },
    paths,
    components: {
      securitySchemes: { session: { type: 'apiKey', in: 'cookie', name: 'dialytica_session' } },
      schemas: components,
    },
  }
}
