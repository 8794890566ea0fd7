export { type CustomerReport, adviceOn, customerReport } from './customer.ts'
export { type End, endOf, endWords, endWordsOf } from './end.ts'
export { readingWords } from './readings.ts'
export { type Report, report } from './report.ts'
