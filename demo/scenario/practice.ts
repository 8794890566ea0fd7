import { anatomy, type Family } from '@dialytica/core/machine'
import { benchUnit, fourGroups, groundEyelet, lockCord, newLoom, twoBrushes } from './practice-parts.ts'
import { fromBelow, heavyUnit, plateFirst, pumpOver } from './practice-turned.ts'
import type { Scenario } from './scenario.ts'
import type { ToldJob } from './script.ts'

const jobs: readonly ToldJob[] = [
  heavyUnit,
  plateFirst,
  groundEyelet,
  newLoom,
  twoBrushes,
  pumpOver,
  lockCord,
  fourGroups,
  benchUnit,
  fromBelow,
]
const codes = { 'front-loader': 'FL-P', 'top-loader': 'TL-P' } as const satisfies Record<Family, string>

/** A second workshop with ten machines on which a hard return can be tried; nobody waits for them. All of it is made up. */
export const practice: Scenario = {
  shop: { name: 'Tidewell Practice Bench', timeZone: 'Europe/Lisbon' },
  people: [{ login: 'practice', name: 'Ola Renn, practice bench', role: 'technician' }],
  models: (['front-loader', 'top-loader'] as const).map(family => ({
    code: codes[family],
    maker: 'Tidewell',
    family,
    notes: `A practice machine, ${anatomy[family].name}`,
  })),
  units: jobs.map(job => ({ serial: job.unit, model: codes[job.family], stands: 'practice bench', made: 2015 })),
  jobs,
}
