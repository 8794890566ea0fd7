export { asRead, findPlates, letters, readPlate, readsAs } from './plate.ts'
