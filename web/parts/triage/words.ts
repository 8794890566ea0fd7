import { actName, type Act } from '@dialytica/core/triage'

/** A share as people say it. */
export const percent = (share: number): string => `${Math.round(share * 100)} %`

/** An act in a list of them: a check by its name alone. */
export const actWords = (act: Act): string =>
  act.does === 'ask' ? `ask: ${actName(act)}` : act.does === 'put right' ? `put right: ${actName(act)}` : actName(act)
