import { useSession } from '../stores/session.ts'

const forms = {
  day: { day: 'numeric', month: 'short' },
  minute: { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' },
  weekday: { weekday: 'long' },
} satisfies Record<string, Intl.DateTimeFormatOptions>

/** A moment in words, in the time zone of the shop. */
export function inShopTime(moment: string, form: keyof typeof forms): string {
  const timeZone = useSession().person?.timeZone ?? 'UTC'
  return new Intl.DateTimeFormat('en-GB', { ...forms[form], timeZone }).format(new Date(moment))
}

/** Whole days of the shop's calendar between two moments. */
export function daysBetween(from: string, to: Date): number {
  const timeZone = useSession().person?.timeZone ?? 'UTC'
  const day = (d: Date) => Date.parse(new Intl.DateTimeFormat('en-CA', { timeZone }).format(d))
  return Math.round((day(to) - day(new Date(from))) / 86_400_000)
}
