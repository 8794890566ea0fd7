/** The calendar of a time zone, or of UTC where the zone is not known here. */
function calendar(timeZone: string): Intl.DateTimeFormat {
  try {
    return new Intl.DateTimeFormat('en-CA', { timeZone })
  } catch {
    return new Intl.DateTimeFormat('en-CA', { timeZone: 'UTC' })
  }
}

/** Whole days of the calendar of a time zone between two moments; none where one of them is no moment. */
export function daysBetween(from: string, to: Date, timeZone: string): number {
  if (Number.isNaN(Date.parse(from))) return 0
  const of = calendar(timeZone)
  const day = (d: Date) => Date.parse(of.format(d))
  return Math.round((day(to) - day(new Date(from))) / 86_400_000)
}
