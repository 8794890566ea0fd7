export { orderDot, orderGraphMl } from './order-graph.ts'
export { photosOfReturn, returnPage } from './return-page.ts'
export { fastenersCsv, stepsCsv } from './tables.ts'
