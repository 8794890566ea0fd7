export { type Breach, breaches } from './breaches.ts'
