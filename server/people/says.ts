import Bowser from 'bowser'

/** What a device says it is, for who looks for theirs in a list: `Firefox on Android`; empty where it says nothing that is known. */
export function says(agent: string | undefined): string {
  if (!agent) return ''
  const { browser, os } = Bowser.parse(agent)
  return [browser.name, os.name].filter(Boolean).join(' on ').slice(0, 120)
}
