import express, { type Express, type Request, type Response } from 'express'
import { check } from '@dialytica/core'
import type { DataSource } from 'typeorm'
import type * as yup from 'yup'
import type { Config } from '../config.ts'
import type { States } from '../joblog/states.ts'
import type { Watch } from '../joblog/watch.ts'
import { mayAct, type Role } from '../people/roles.ts'
import { personOf, tokenIn, type Person } from '../people/sessions.ts'
import { notFound, ProblemError } from '../problems.ts'
import type { Loading } from '../seed/demo.ts'

/** What every handler works with; nothing in it is kept between requests that another server would miss. */
export interface Context {
  db: DataSource
  config: Config
  states: States
  watch: Watch
  version: string
  /** How far the demo is, in demo mode. */
  loading?: Loading
}

/** What is asked: checked parameters and body, and who asks. `person` is set wherever `who` is a role. */
export interface Asked<B = unknown> {
  params: Record<string, string>
  query: Record<string, string>
  body: B
  person: Person
  req: Request
  res: Response
}

/** One address of the API. The table of routes is mounted on Express and written out as the OpenAPI document. */
export interface Route<B = unknown> {
  method: 'get' | 'post' | 'put' | 'delete'
  /** With parameters in braces: `/api/jobs/{job}`. */
  path: string
  summary: string
  who: Role | 'anyone'
  /** True where a device that joined one job by a code may ask too, of that job. */
  joined?: boolean
  /** The form of each parameter in the path; what does not fit is not found. */
  params?: Record<string, RegExp>
  query?: Record<string, RegExp>
  body?: yup.Schema<B>
  /** The body is raw bytes of at most so many. */
  bytes?: number
  /** Statuses beside those that every route may answer with. */
  replies: Record<number, string>
  /** Returns the JSON to answer with; `undefined` when it has answered itself. */
  answer(context: Context, asked: Asked<B>): Promise<unknown>
}

/** Keeps the type of the body between schema and handler. */
export const route = <B>(r: Route<B>): Route => r as Route

export const uuidForm = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/
export const numberForm = /^\d{1,9}$/

const inForm = (forms: Record<string, RegExp> = {}, values: Record<string, unknown>) =>
  Object.entries(forms).every(([name, form]) => values[name] === undefined || form.test(String(values[name])))

/** The person who asks, when the route's role lets them. */
async function admitted(context: Context, r: Route, req: Request): Promise<Person> {
  const person = await personOf(context.db, tokenIn(req.headers.cookie))
  if (!person) throw new ProblemError('signed-out', 'Your session has ended. Sign in again; what you recorded is kept.')
  if (r.who !== 'anyone' && !mayAct(person.role, r.who))
    throw new ProblemError('not-allowed', `This needs the role ${r.who}.`)
  if (person.joined && !r.joined)
    throw new ProblemError('not-allowed', 'This device has joined one job: sign in on it to do more.')
  if (person.joined && req.params.job !== undefined && req.params.job !== person.joined) throw notFound()
  return person
}

/** Mounts one route: who asks, in what form, with what body, then its answer. */
export function mount(app: Express, context: Context, r: Route): void {
  const parsers = r.bytes
    ? [express.raw({ type: () => true, limit: r.bytes })]
    : r.body
      ? [express.json({ limit: '8mb' })]
      : []
  app[r.method](r.path.replace(/\{(\w+)\}/g, ':$1'), ...parsers, async (req: Request, res: Response) => {
    const person = r.who === 'anyone' ? (null as never) : await admitted(context, r, req)
    if (!inForm(r.params, req.params)) throw notFound()
    if (!inForm(r.query, req.query))
      throw new ProblemError(
        'invalid',
        `The query of this address takes ${Object.keys(r.query!).join(', ')} as plain values.`,
      )
    let body: unknown = req.body
    if (r.body) {
      const checked = check(r.body, req.body ?? {})
      if (!checked.ok) throw new ProblemError('invalid', 'Correct what is listed and send it again.', checked.problems)
      body = checked.value
    }
    const asked = {
      params: req.params as Record<string, string>,
      query: req.query as Record<string, string>,
      body,
      person,
      req,
      res,
    }
    const answer = await r.answer(context, asked)
    if (answer !== undefined) res.json(answer)
  })
}
