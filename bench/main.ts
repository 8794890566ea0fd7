import { parseArgs } from 'node:util'
import { alignRecordings } from './align-recordings.ts'
import { appendBatch } from './append-batch.ts'
import { findAmongHoles } from './find-among-holes.ts'
import { findMistake } from './find-mistake.ts'
import { findOut } from './find-out.ts'
import { firstViewScript } from './first-view-script.ts'
import { actOnPending, foldOneEvent } from './fold-one-event.ts'
import { hearNarration } from './hear-narration.ts'
import { largeShop } from './large-shop.ts'
import type { Line, Measure } from './line.ts'
import { lookAlikesAndTray } from './look-alikes-and-tray.ts'
import { partsOnPhotos } from './parts-on-photos.ts'
import { planAgainstMilp } from './plan-against-milp.ts'
import { planLongJob } from './plan-long-job.ts'
import { readQuickLine } from './read-quick-line.ts'
import { safeTurns } from './safe-turns.ts'
import { searchRecordings } from './search-recordings.ts'
import { stallOfOthers } from './stall-of-others.ts'
import { stepToOtherDevice } from './step-to-other-device.ts'
import { thenAndNow, thenAndNowFound } from './then-and-now.ts'
import { wayInAgainstMilp } from './way-in-against-milp.ts'
import { weighTray } from './weigh-tray.ts'
import { takeInPhoto } from './take-in-photo.ts'

const lines: Record<string, Measure> = {
  'fold-one-event': foldOneEvent,
  'act-on-pending': actOnPending,
  'read-quick-line': readQuickLine,
  'hear-narration': hearNarration,
  'look-alikes-and-tray': lookAlikesAndTray,
  'plan-against-milp': planAgainstMilp,
  'plan-long-job': planLongJob,
  'safe-turns': safeTurns,
  'find-among-holes': findAmongHoles,
  'find-mistake': findMistake,
  'find-out': findOut,
  'weigh-tray': weighTray,
  'then-and-now': thenAndNow,
  'then-and-now-found': thenAndNowFound,
  'parts-on-photos': partsOnPhotos,
  'align-recordings': alignRecordings,
  'way-in-against-milp': wayInAgainstMilp,
  'search-recordings': searchRecordings,
  'large-shop': largeShop,
  'append-batch': appendBatch,
  'stall-of-others': stallOfOthers,
  'step-to-other-device': stepToOtherDevice,
  'take-in-photo': takeInPhoto,
  'first-view-script': firstViewScript,
}

const { values } = parseArgs({ options: { json: { type: 'boolean' }, only: { type: 'string' } } })
if (values.only && !lines[values.only]) {
  console.error(`There is no line ${values.only}. Lines: ${Object.keys(lines).join(', ')}`)
  process.exit(2)
}

const row = (l: Line) =>
  [
    l.name.padEnd(20),
    `${l.figure.toPrecision(4)} ${l.unit}`.padStart(12),
    `× ${l.ratio.toFixed(2)}`.padStart(9),
    l.holds ? 'holds' : 'MISSED',
    `${l.target}; against ${l.against}`,
  ].join('  ')

let missed = 0
for (const [name, measure] of Object.entries(lines)) {
  if (values.only && values.only !== name) continue
  const line = await measure()
  if (!line.holds) missed += 1
  console.log(values.json ? JSON.stringify(line) : row(line))
}
process.exit(missed ? 1 : 0)
