import { writeFileSync } from 'node:fs'
import { stored } from '../../core/hearing/weights.ts'
import { linesOfOthers, spokenLines } from './lines.ts'
import { atLeast, regress } from './certainty.ts'
import { crossed } from './folds.ts'
import { prepare } from './prepare.ts'
import { train } from './train.ts'

/** Learns the weights of the reader from every line that is not held back, and writes them to `core/hearing/weights.json`. */
const lines = [...spokenLines().filter(l => !l.held), ...linesOfOthers()].map(prepare)
const judged = crossed(lines).flatMap(fold => fold.judged)
const certainty = regress(judged)
for (const from of [0.8, 0.85, 0.9, 0.93, 0.95, 0.97]) {
  const { shown, right } = atLeast(judged, certainty, from)
  console.log(
    `from ${from}: ${(100 * shown).toFixed(1)} % shown as certain, ${(100 * right).toFixed(1)} % of them right`,
  )
}
const kinds = judged.map(j => ({ ...j, right: j.kindRight }))
const kindCertainty = regress(kinds)
for (const from of [0.9, 0.93, 0.95, 0.97, 0.98]) {
  const { shown, right } = atLeast(kinds, kindCertainty, from)
  console.log(
    `kind, from ${from}: ${(100 * shown).toFixed(1)} % shown as certain, ${(100 * right).toFixed(1)} % of them right`,
  )
}
if (process.argv.includes('--certainty')) process.exit()
const weights = train(lines)
const text = JSON.stringify(stored(weights, { kind: kindCertainty, whole: certainty }))
writeFileSync(new URL('../../core/hearing/weights.json', import.meta.url), `${text}\n`)
console.log(`${lines.length} lines, ${weights.byKind.size} features, ${(text.length / 1000).toFixed(0)} kB`)
