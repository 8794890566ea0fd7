export { orderDot, orderGraphMl } from './order-graph.ts'
export { stepsOfPhotos } from './photos-in.ts'
export { recordOfSteps } from './record-of-steps.ts'
export { returnPage } from './return-page.ts'
export { photosOfReturn, returnInWords } from './return-steps.ts'
export { fastenersCsv, stepsCsv } from './tables.ts'
export {
  type ColumnRole,
  type Mapping,
  type Table,
  columnRoles,
  guessed,
  readRows,
  readTable,
  stepsOfRows,
} from './table-in.ts'
