export { fetchKinds, fetchText, toFetch } from './list.ts'
