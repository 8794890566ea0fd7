import type { Express, Request, RequestHandler, Response } from 'express'
import { check } from '@dialytica/core/schema'
import type { Call, Role, Person } from '@dialytica/core/wire'
import type { Context } from '../context.ts'
import type { Turns } from '../work/turns.ts'
import { mayAct } from '../people/roles.ts'
import { signedBy, tokenIn } from '../people/sessions.ts'
import { parcelFolder } from '../parcels/pack.ts'
import { notFound, ProblemError } from '../problems.ts'
import { forShop } from '../shares.ts'
import { counted, formBytes, passed, readBytes, readJson, readToFile, type Rate } from './admission.ts'

/** What is asked: checked parameters and body, and who asks. `person` is set wherever `who` is a role. */
export interface Asked<B = unknown> {
  params: Record<string, string>
  query: Record<string, string>
  body: B
  person: Person
  /** By what the session of who asks is known; set where `person` is. */
  session: string
  req: Request
  res: Response
}

/** An address of the contract as this server answers it. The table of routes is mounted on Express and written out as the OpenAPI document. */
export interface Route<B = unknown, R = unknown> extends Call<string, string, B, R> {
  summary: string
  who: Role | 'anyone'
  /** True where a device that joined one job by a code may ask too, of that job. */
  joined?: boolean
  /** How often it may be asked. */
  rates?: readonly Rate[]
  /** Where the body is read and the answer made in turns: those of this kind of work. */
  inTurn?: (context: Context) => Turns
  /** Statuses beside those that every route may answer with. */
  replies: Record<number, string>
  /** Returns what to answer with; nothing where the contract has no reply, and it has answered itself. */
  answer(context: Context, asked: Asked<B>): Promise<R>
}

/** The route of a call: the types of body and reply are those of the contract. */
export const route = <B, R>(of: Call<string, string, B, R>, as: Omit<Route<B, R>, keyof Call>): Route =>
  ({ ...of, ...as }) as unknown as Route

const inForm = (forms: Record<string, RegExp> = {}, values: Record<string, unknown>) =>
  Object.entries(forms).every(([name, form]) => {
    const value = values[name]
    return value === undefined || (typeof value === 'string' && form.test(value))
  })

/** The person who asks, and their session, when the route's role lets them. */
async function admitted(context: Context, r: Route, req: Request): Promise<Pick<Asked, 'person' | 'session'>> {
  const signed = await signedBy(context.db, tokenIn(req.headers.cookie))
  if (!signed) throw new ProblemError('signed-out', 'Your session has ended. Sign in again; what you recorded is kept.')
  const { person, session } = signed
  if (r.who !== 'anyone' && !mayAct(person.role, r.who))
    throw new ProblemError('not-allowed', `This needs the role ${r.who}.`)
  if (person.joined && !r.joined)
    throw new ProblemError('not-allowed', 'This device has joined one job: sign in on it to do more.')
  if (person.joined && req.params.job !== undefined && req.params.job !== person.joined) throw notFound()
  return { person, session }
}

/**
 * True where a page of another origin makes a browser ask: the browser says so itself (Fetch Metadata, or the Origin of RFC 6454). What is no
 * browser says nothing of the kind, and has no session of somebody else to use.
 */
function isFromElsewhere({ headers, host }: Request): boolean {
  const site = headers['sec-fetch-site']
  if (site !== undefined) return site !== 'same-origin'
  const { origin } = headers
  return origin !== undefined && !(URL.canParse(origin) && new URL(origin).host === host)
}

/** The body of a request, read as its route takes it and held against its schema. */
async function bodyOf(r: Route, { config }: Context, req: Request, res: Response): Promise<unknown> {
  if (r.bytes) return readBytes(req, res, r.bytes)
  if (r.file) return readToFile(req, r.file, parcelFolder(config.data))
  if (!r.body) return undefined
  const checked = check(r.body, (await readJson(req, res, r.size ?? formBytes)) ?? {})
  if (!checked.ok) throw new ProblemError('invalid', 'Correct what is listed and send it again.', checked.problems)
  return checked.value
}

/** Who asks where anyone may. */
const noOne = { person: null, session: null }

/** Mounts one route: who asks, in what form, how often; then its body is read; then its answer. */
export function mount(app: Express, context: Context, r: Route, before: readonly RequestHandler[] = []): void {
  const rates = [...before, ...(r.rates ?? []).map(rate => counted(rate))]
  app[r.method](r.path.replace(/\{(\w+)\}/g, ':$1'), async (req: Request, res: Response) => {
    if (r.method !== 'get' && isFromElsewhere(req))
      throw new ProblemError('not-allowed', 'This came from a page of another address: open the application itself.')
    const { person, session } = r.who === 'anyone' ? (noOne as never as Asked) : await admitted(context, r, req)
    res.locals.account = person?.id
    for (const rate of rates) await passed(rate, req, res)
    if (!inForm(r.params, req.params)) throw notFound()
    if (!inForm(r.query, req.query))
      throw new ProblemError(
        'invalid',
        `The query of this address takes ${Object.keys(r.query!).join(', ')} as plain values.`,
      )
    const work = async () => {
      const asked = {
        params: req.params as Record<string, string>,
        query: req.query as Record<string, string>,
        body: await bodyOf(r, context, req, res),
        person,
        session,
        req,
        res,
      }
      const answer = await r.answer(context, asked)
      if (answer === undefined) return
      context.answers?.(r, answer)
      res.json(answer)
    }
    const done = person ? () => forShop(person.shopId, work) : work
    await (r.inTurn ? r.inTurn(context).take(person.id, done) : done())
  })
}
