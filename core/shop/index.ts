export { type Settings, settingsOf, numberSet } from './settings.ts'
