export { asRead, findPlates, letters, readsAs } from './plate.ts'
