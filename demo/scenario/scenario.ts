import type { Family } from '@dialytica/core/machine'
import { agitatorDogs } from './agitator.ts'
import { dosingPump } from './dosing-pump.ts'
import { driveMotor } from './drive-motor.ts'
import { counterweight, earlierCounterweights, leftOver } from './counterweight.ts'
import { outletPump } from './outlet-pump.ts'
import { balanceSensor, drumLight, lidLock, mainsFilter } from './other-jobs.ts'
import type { ToldJob } from './script.ts'

/** A made-up workshop with its people, models, machines and jobs. */
export interface Scenario {
  shop: { name: string; timeZone: string }
  people: readonly { login: string; name: string; role: 'technician' | 'lead' | 'viewer' }[]
  models: readonly { code: string; maker: string; family: Family; notes: string }[]
  units: readonly { serial: string; model: string; stands: string; made: number }[]
  jobs: readonly ToldJob[]
}

/** A small workshop with its people, models and machines. All of it is made up. */
export const scenario: Scenario = {
  shop: { name: 'Tidewell Laundry Workshop', timeZone: 'Europe/Lisbon' },
  people: [
    { login: 'jon', name: 'Jon Tarrow', role: 'technician' },
    { login: 'pia', name: 'Pia Sandel', role: 'technician' },
    { login: 'mara', name: 'Mara Okwell', role: 'lead' },
    { login: 'guest', name: 'Guest at the counter', role: 'viewer' },
  ],
  models: [
    {
      code: 'FL-84',
      maker: 'Corrane',
      family: 'front-loader',
      notes: 'Auto-dosing; upper and lower counterweight; belt drive',
    },
    {
      code: 'FL-70',
      maker: 'Pellinor',
      family: 'front-loader',
      notes: 'Same cabinet with the filter under the lid, right',
    },
    {
      code: 'TL-60',
      maker: 'Wexmoor',
      family: 'top-loader',
      notes: 'Suspended tub, agitator, console turns over on its hinge',
    },
  ],
  units: [
    { serial: '2231-0417', model: 'FL-84', stands: 'bay 1, by the window', made: 2019 },
    { serial: '2231-0388', model: 'FL-84', stands: 'bay 2', made: 2018 },
    { serial: '2231-0295', model: 'FL-84', stands: 'handed over', made: 2017 },
    { serial: '2231-0341', model: 'FL-84', stands: 'handed over', made: 2017 },
    { serial: '2231-0455', model: 'FL-84', stands: 'handed over', made: 2021 },
    { serial: '2231-0402', model: 'FL-84', stands: 'bay 5', made: 2018 },
    { serial: '2231-0433', model: 'FL-84', stands: 'bay 6', made: 2020 },
    { serial: '5500-0126', model: 'FL-70', stands: 'bay 3', made: 2021 },
    { serial: '5500-0134', model: 'FL-70', stands: 'bay 4', made: 2020 },
    { serial: '5500-0090', model: 'FL-70', stands: 'counter', made: 2020 },
    { serial: '0098-7712', model: 'TL-60', stands: 'corner, covered', made: 2014 },
    { serial: '0098-7761', model: 'TL-60', stands: 'bay 7', made: 2017 },
    { serial: '0098-7755', model: 'TL-60', stands: 'just in, by the door', made: 2016 },
  ],
  jobs: [
    ...earlierCounterweights,
    drumLight,
    dosingPump,
    balanceSensor,
    agitatorDogs,
    counterweight,
    mainsFilter,
    driveMotor,
    leftOver,
    outletPump,
    lidLock,
  ],
}
