export { adviceFor } from './advice.ts'
export { type CustomerReport, customerReport } from './customer.ts'
export { readingWords } from './readings.ts'
export { type Report, report } from './report.ts'
