import { addressOf, timeHeader, type AskedWith, type Call, type ProblemDocument } from '@dialytica/core/wire'
import { hearTime } from './clock.ts'

/** The server did not do what was asked, or did not answer at all. */
export class ApiError extends Error {
  readonly problem: ProblemDocument
  constructor(problem: ProblemDocument) {
    super(problem.detail)
    this.problem = problem
  }
  /** True when the same request may well go through later. */
  get passing(): boolean {
    return this.problem.status === 0 || this.problem.status >= 500 || this.problem.status === 429
  }
}

const offline: ProblemDocument = {
  type: 'offline',
  title: 'The server does not answer',
  status: 0,
  detail: 'What you record is kept on this device and goes up by itself.',
}

/** Asks an address of the contract; resolves to its reply, rejects with an `ApiError`. */
export async function api<P extends string, Q extends string, B, R>(
  call: Call<P, Q, B, R>,
  having: AskedWith<Call<P, Q, B, R>>,
): Promise<R> {
  const { params, query, body } = having as { params?: Record<P, string>; query?: Record<Q, string>; body?: object }
  const isBlob = body instanceof Blob
  const patience = new AbortController()
  const timer = setTimeout(() => patience.abort(), isBlob ? 300_000 : 20_000)
  const asked = Date.now()
  const reply = await fetch(addressOf(call, params, query), {
    method: call.method.toUpperCase(),
    ...(body && { body: isBlob ? body : JSON.stringify(body) }),
    signal: patience.signal,
    headers: body ? { 'content-type': isBlob ? body.type || 'image/jpeg' : 'application/json' } : {},
  })
    .catch(() => {
      throw new ApiError(offline)
    })
    .finally(() => clearTimeout(timer))
  hearTime(asked, reply.headers.get(timeHeader))
  if (reply.status === 204) return undefined as R
  const json: unknown = await reply.json().catch(() => null)
  if (reply.ok && json !== null) return json as R
  throw new ApiError((json as ProblemDocument | null) ?? { ...offline, status: reply.ok ? 0 : reply.status })
}
