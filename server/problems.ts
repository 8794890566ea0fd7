import type { Problem as Finding } from '@dialytica/core/schema'
import type { ProblemDocument } from '@dialytica/core/wire'

/** The kinds of error that the API answers with, as stable types of RFC 9457 problem documents. */
const kinds = {
  invalid: { status: 422, title: 'Something in the request is not valid' },
  'not-json': { status: 400, title: 'The request body is not JSON' },
  'bad-request': { status: 400, title: 'The request cannot be read' },
  'no-such-part': { status: 416, title: 'There is no such part of it' },
  changed: { status: 412, title: 'It has changed' },
  'not-supported': { status: 415, title: 'This form of request is not supported' },
  'signed-out': { status: 401, title: 'Sign in first' },
  'wrong-sign-in': { status: 401, title: 'Login and password do not go together' },
  'wrong-code': { status: 403, title: 'Link and code do not go together' },
  'wrong-password': { status: 403, title: 'This is not your password' },
  'needs-lead': { status: 409, title: 'A shop needs a lead' },
  'not-allowed': { status: 403, title: 'Your role does not allow this' },
  'not-found': { status: 404, title: 'Nothing here under this address' },
  'already-there': { status: 409, title: 'This is already there' },
  over: { status: 410, title: 'This code is over' },
  'too-large': { status: 413, title: 'Too large' },
  'not-a-photo': { status: 415, title: 'This is not a photo that can be read' },
  'too-many': { status: 429, title: 'Too many tries' },
  busy: { status: 503, title: 'Too much at once' },
  full: { status: 507, title: 'The server has no room left' },
  failed: { status: 500, title: 'The server failed' },
  unavailable: { status: 503, title: 'The database does not answer' },
} as const
export type ProblemType = keyof typeof kinds

/** An error that is answered as a problem document; `detail` says what to do. */
export class ProblemError extends Error {
  readonly document: ProblemDocument
  constructor(type: ProblemType, detail: string, problems?: Finding[]) {
    super(detail)
    const { status, title } = kinds[type]
    this.document = { type: `urn:dialytica:problem:${type}`, title, status, detail, ...(problems && { problems }) }
  }
}

export const notFound = (): ProblemError => new ProblemError('not-found', 'Check the address, or go back to the floor.')
