/**
 * A text that sorts strictly between `a` and `b`; an empty `b` stands for the end.
 * Steps are ordered by rank, so that a step can be put between two others by one event that no arrival order can change.
 * Where there is no room, since `b` does not come after `a`, the text sorts right after `a`.
 * Characters run from `!` to `~`; a rank never ends in `!`, which keeps room below every rank.
 */
export function rankBetween(a: string, b: string): string {
  if (!b || b <= a) return `${a}U`
  if (!b.startsWith(a)) return `${a}U`
  const rest = b.slice(a.length)
  return a + below(rest)
}

/** A text strictly between the empty text and `b`. */
function below(b: string): string {
  const code = b.charCodeAt(0)
  // Nothing, or what is no sign of a rank: no room.
  if (!(code >= 33)) return 'U'
  if (code > 34) return String.fromCharCode(33 + Math.ceil((code - 33) / 2))
  if (code > 33) return '!U'
  return '!' + below(b.slice(1))
}
