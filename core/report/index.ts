export { type CustomerReport, adviceOn, customerReport } from './customer.ts'
export { endOf, endWords, endWordsOf } from './end.ts'
export { readingWords } from './readings.ts'
export { type Report, report } from './report.ts'
