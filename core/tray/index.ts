export { type TraySize, cellsOf, distance } from './cells.ts'
export { layTray } from './layout.ts'
