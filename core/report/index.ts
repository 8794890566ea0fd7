export { type Report, report } from './report.ts'
