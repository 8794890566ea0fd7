import type { Person } from '@dialytica/core/wire'
import type { CookieOptions, Request, Response } from 'express'
import type { Context } from '../context.ts'
import { says } from '../people/says.ts'
import { cookieName, endSession, personOf, startSession, tokenIn, type Came } from '../people/sessions.ts'

/** No script reads the cookie, and no other site sends it. */
const cookie = (https: boolean): CookieOptions => ({ httpOnly: true, sameSite: 'strict', secure: https, path: '/' })

/** Lets a person in on the device that asks: their session takes the place of the one that was there, and its cookie is set. */
export async function letIn(
  { db, config }: Context,
  { req, res }: { req: Request; res: Response },
  user: string,
  came: Omit<Came, 'says'>,
): Promise<Person> {
  const before = tokenIn(req.headers.cookie)
  if (before) await endSession(db, before)
  const { token, expires } = await startSession(db, user, { ...came, says: says(req.headers['user-agent']) })
  res.cookie(cookieName, token, { ...cookie(config.https), expires })
  return (await personOf(db, token))!
}

/** Lets whoever works on the device that asks go. */
export async function letGo({ db, config }: Context, { req, res }: { req: Request; res: Response }): Promise<void> {
  const token = tokenIn(req.headers.cookie)
  if (token) await endSession(db, token)
  res.clearCookie(cookieName, cookie(config.https))
}
