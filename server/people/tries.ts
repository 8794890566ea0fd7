import { calls } from '@dialytica/core/wire'
import type { Request, RequestHandler } from 'express'
import { addressOf, counted, formBytes, readJson } from '../routes/admission.ts'
import type { Context } from '../context.ts'
import type { Route } from '../routes/routing.ts'
import { attempts } from './attempts.ts'
import { loginOf } from './logins.ts'

const minutes = 15

/** The login that a sign-in names, as it is looked up: however it is padded or written, it is counted as one. */
const loginIn = (req: Request): string => {
  const login = (req.body as { login?: unknown } | undefined)?.login
  return typeof login === 'string' ? loginOf(login) : ''
}

/** The link that a code is tried for. */
const linkIn = (req: Request): string => {
  const link = (req.body as { link?: unknown } | undefined)?.link
  return typeof link === 'string' ? link : ''
}

/**
 * Wrong tries are counted in the database, so that every server sees them: sign-ins by address, by address and login, and by login from
 * wherever they come; codes to join by address; codes to choose a password by address and by login; the first code by address; codes of a link by address, and by link from wherever they come.
 */
export function limitsOf({ db }: Context, r: Route): RequestHandler[] {
  const store = () => attempts(db, minutes * 60_000)
  const failed = (what: string, most: number, name: string, key: (req: Request) => string) =>
    counted({ what, most, minutes, by: 'address', failures: true }, store(), req => `${name} ${key(req)}`)
  if (r.method === calls.signIn.method && r.path === calls.signIn.path)
    return [
      failed('wrong sign-ins from this address', 60, 'address', addressOf),
      (req, res, next) => void readJson(req, res, formBytes).then(() => next(), next),
      failed('wrong sign-ins', 10, 'both', req => `${addressOf(req)} ${loginIn(req)}`),
      failed('wrong sign-ins with this login', 50, 'login', loginIn),
    ]
  if (r.path === calls.welcome.path)
    return [
      failed('wrong codes from this address', 30, 'welcome', addressOf),
      (req, res, next) => void readJson(req, res, formBytes).then(() => next(), next),
      failed('wrong codes with this login', 20, 'code', loginIn),
    ]
  if (r.method === 'post' && r.path === calls.firstAccount.path)
    return [failed('wrong codes from this address', 10, 'first', addressOf)]
  if (r.path === calls.shared.path)
    return [
      failed('wrong codes from this address', 10, 'shared', addressOf),
      (req, res, next) => void readJson(req, res, formBytes).then(() => next(), next),
      failed('wrong codes for this link', 20, 'link', linkIn),
    ]
  if (r.path === calls.join.path) return [failed('wrong codes from this address', 30, 'join', addressOf)]
  return []
}
