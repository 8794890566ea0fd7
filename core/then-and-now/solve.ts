/**
 * Solves as many equations as unknowns by elimination with row pivots, each row its factors and what they add up to; null where they say too little: a
 * pivot is under `least`. `rows` is changed.
 */
export function solve(rows: number[][], least: number): number[] | null {
  const n = rows.length
  for (let c = 0; c < n; c++) {
    let best = c
    for (let r = c + 1; r < n; r++) if (Math.abs(rows[r]![c]!) > Math.abs(rows[best]![c]!)) best = r
    const pivot = rows[best]!
    if (Math.abs(pivot[c]!) < least) return null
    rows[best] = rows[c]!
    rows[c] = pivot
    for (let r = 0; r < n; r++) {
      if (r === c) continue
      const factor = rows[r]![c]! / pivot[c]!
      for (let k = c; k <= n; k++) rows[r]![k]! -= factor * pivot[k]!
    }
  }
  return rows.map((row, i) => row[n]! / row[i]!)
}
