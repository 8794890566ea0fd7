export { beliefs } from './belief.ts'
export { heard } from './heard.ts'
export { nextChecks } from './next.ts'
export { table } from './table/table.ts'
