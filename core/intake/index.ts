export { asRead, findPlates, readsAs } from './plate.ts'
