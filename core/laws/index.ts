export { beforeSwitch } from './before-switch.ts'
export { type Breach, breaches } from './breaches.ts'
