import { lastSaid } from '../log/last-said.ts'

/** What a shop sets for all its jobs. */
export const settingNames = [
  'school',
  'rate',
  'new machine',
  'waiting day',
  'earth limit',
  'insulation limit',
  'address',
  'phone',
  'terms',
] as const
/** The name of one. */
export type SettingName = (typeof settingNames)[number]

/** A setting as it was said; without a value it is given up. */
export interface Said {
  setting: SettingName
  value?: string | undefined
  at: string
}
/** What is set, by its name. */
export type Settings = Partial<Record<SettingName, string>>
/** What is set after all that was said. */
export const settingsOf = (said: readonly Said[]): Settings =>
  Object.fromEntries(
    lastSaid(said, s => s.setting).flatMap(s => (s.value === undefined ? [] : [[s.setting, s.value] as const])),
  )
/** A setting as a number; undefined where it is none. */
export function numberSet(settings: Settings, name: SettingName): number | undefined {
  const value = Number(settings[name]?.replace(',', '.'))
  return settings[name] && Number.isFinite(value) ? value : undefined
}
