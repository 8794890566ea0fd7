import { daysBetween as daysInZone } from '@dialytica/core/ledger'
import { useSession } from '../stores/session.ts'

const forms = {
  day: { day: 'numeric', month: 'short' },
  minute: { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' },
  weekday: { weekday: 'long' },
} satisfies Record<string, Intl.DateTimeFormatOptions>

const halfYear = 183 * 86_400_000

/** What stands where a moment is none. */
const unknown = 'not known'

/** The calendar of a time zone, or of UTC where the zone is not known to this browser. */
function calendar(locale: string, form: Intl.DateTimeFormatOptions, timeZone: string): Intl.DateTimeFormat {
  try {
    return new Intl.DateTimeFormat(locale, { ...form, timeZone })
  } catch {
    return new Intl.DateTimeFormat(locale, { ...form, timeZone: 'UTC' })
  }
}

/** A moment in words, in the time zone of the shop; `not known` where it is no moment. */
export function inShopTime(moment: string, form: keyof typeof forms): string {
  const timeZone = useSession().person?.timeZone ?? 'UTC'
  const at = new Date(moment)
  if (Number.isNaN(at.getTime())) return unknown
  // Without its year a day of long ago is taken for one of this year.
  const year = form === 'day' && Math.abs(Date.now() - at.getTime()) > halfYear ? { year: 'numeric' as const } : {}
  return calendar('en-GB', { ...forms[form], ...year }, timeZone).format(at)
}

/** Whole days of the shop's calendar between two moments; none where one of them is no moment. */
export const daysBetween = (from: string, to: Date): number =>
  daysInZone(from, to, useSession().person?.timeZone ?? 'UTC')
