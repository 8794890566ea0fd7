export { estimated } from './mass.ts'
export { lotsOf, scaleError, trayLots } from './tray.ts'
export { type Combination, type Weighed, weigh } from './weigh.ts'
