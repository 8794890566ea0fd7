export { settingsOf, numberSet } from './settings.ts'
