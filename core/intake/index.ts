export { findPlates, readsAs } from './plate.ts'
