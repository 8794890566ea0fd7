export { readOne, type ReadLine } from './read-one.ts'
