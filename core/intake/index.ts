export { asRead, findPlates, isCodeOf, letters, readPlate, readsAs } from './plate.ts'
