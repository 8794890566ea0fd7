import { expect, nothingWaits, off, onTheFloor, test } from './test/test.ts'
import type { Page } from '@playwright/test'

/** Presses keys one after the other. */
async function keys(page: Page, ...names: string[]): Promise<void> {
  for (const name of names) await page.keyboard.press(name)
}
/** Moves the focus on with Tab until it is on something of that name. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let i = 0; i < 120; i++) {
    await page.keyboard.press('Tab')
    const at = await page.evaluate(() => {
      const e = document.activeElement
      const label = (e as HTMLInputElement | null)?.labels?.[0]?.textContent
      return e?.getAttribute('aria-label') ?? label ?? e?.textContent ?? ''
    })
    if (name.test(at.trim())) return
  }
  throw new Error(`Tab does not come to ${name}`)
}
const step = (page: Page, n: number) =>
  expect(page.getByRole('heading', { name: `Descent, step ${n}`, exact: true })).toBeAttached()
async function photo(page: Page): Promise<void> {
  await page.keyboard.press('p')
  await expect(page.locator('[data-stage]')).toBeFocused()
}

/** The return begins with this, in each of the languages. */
const first = { english: 'Stand the machine upright.', loud: '[STAND THE MACHINE UPRIGHT.]' }
const job = async (page: Page, words: keyof typeof first) => {
  await page.addInitScript(language => localStorage.setItem('words', language), words)
  await page.goto('/sign-in')
  await expect(page.getByRole('button', { name: 'Pia Sandel' })).toBeVisible()
  await tabTo(page, /Pia Sandel/)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: /stand/i })).toBeVisible()
  await page.keyboard.press('n')
  await expect(page.getByRole('heading', { name: 'A machine comes in' })).toBeVisible()
  await tabTo(page, /Rating plate/)
  await page.keyboard.type('TL-60 0098-8001')
  await tabTo(page, /Where it stands/)
  await page.keyboard.type('bay 5')
  await tabTo(page, /does or does not/)
  await page.keyboard.type('Does not spin')
  await page.keyboard.press('Enter')
  await tabTo(page, /^Go down/)
  await page.keyboard.press('Enter')
  await step(page, 1)

  await photo(page)
  await keys(page, '9', 'Enter', 'PageDown')
  await step(page, 2)
  await photo(page)
  await keys(page, '1', 'Shift+ArrowLeft', 'Enter', 'Shift+ArrowRight', 'Enter', '+', 'u', 'Space')
  await step(page, 3)
  await expect(off(page, '2 fasteners')).toBeVisible()
  // the zone by keys, then a cover told by Tab and Enter
  await keys(page, 'z', 'ArrowRight', 'z')
  await expect(page.getByText('Choose the zone', { exact: false })).toBeHidden()
  await photo(page)
  await keys(page, '6', 'Enter')
  await tabTo(page, /^part *part$/)
  await page.keyboard.press('Enter')
  await tabTo(page, /^console$/)
  await page.keyboard.press('Enter')
  await keys(page, 'PageDown')
  await step(page, 4)
  for (const [n, key] of ['2', '3', '4', '5', '7', '8'].entries()) {
    await photo(page)
    await keys(page, key, 'ArrowUp', 'ArrowLeft', 'Enter', 'PageDown')
    await step(page, 5 + n)
  }
  await keys(page, '0')
  // The right pedal first ticks off what is to be seen to before the machine is turned: the hose that is open.
  await expect(page.getByRole('button', { name: /^Seen to: / })).toBeVisible()
  await keys(page, 'PageDown')
  await expect(page.getByRole('button', { name: /^Step down/ })).toBeVisible()
  await keys(page, 'PageDown')
  await step(page, 11)
  await expect(off(page, '1 turn of the machine')).toBeVisible()
  // back through the record with the left pedal, forth with the right one
  await keys(page, 'PageUp', 'PageUp')
  await step(page, 9)
  await keys(page, 'PageDown', 'PageDown')
  await step(page, 11)

  await tabTo(page, /^Return$/)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(first[words])
  // The hose is open: it is seen to once more before the machine is turned again.
  await expect(page.getByRole('button', { name: /^Seen to/ })).toBeVisible()
  await page.keyboard.press('PageDown')
  await expect(page.getByRole('button', { name: /^Turned/ })).toBeVisible()
  await page.keyboard.press('PageDown')
  await expect(page.getByRole('button', { name: /^Next step/ })).toBeVisible()
  await page.keyboard.press('u')
  await expect(page.getByRole('button', { name: /^(Fitted|Seen to|Turned( Space)?$)/ })).toBeVisible()
  const strong = page.getByRole('button', { name: /^(Fitted|Seen to|Turned( Space)?$|Next step|Prove the machine)/ })
  for (let i = 0; i < 60; i++) {
    const now = async () => [await strong.textContent(), await page.getByRole('heading', { level: 1 }).textContent()]
    const before = await now()
    if (/Prove the machine/.test(before[0]!)) break
    await page.keyboard.press('PageDown')
    await expect.poll(now).not.toEqual(before)
  }
  await expect(page.getByRole('banner')).toContainText('nothing off')
  await page.keyboard.press('PageDown')
  await expect(page.getByRole('region', { name: 'What to prove' })).toBeVisible()
  await page.keyboard.press('d')
  await expect(page.getByRole('heading', { name: 'Nothing is owed.' })).toBeVisible()
  await tabTo(page, /not proved$/)
  await page.keyboard.type('the owner tries it')
  await tabTo(page, /^Close, not proved$/)
  await page.keyboard.press('Enter')
  await expect(page.getByText('Closed, not proved')).toBeVisible()
  await nothingWaits(page)
}
test('the same job by keyboard and pedals only', ({ page }) => job(page, 'english'))
test('the same job with every sentence in brackets and capitals: no screen and no rule reads words back', ({ page }) =>
  job(page, 'loud'))

test('all keys are shown by ?', async ({ page }) => {
  await page.goto('/sign-in')
  await page.getByRole('button', { name: 'Pia Sandel' }).click()
  await (await onTheFloor(page, '5500-0126')).click()
  await expect(page.getByRole('heading', { name: /Descent, step/ })).toBeAttached()
  await page.keyboard.press('?')
  await expect(page.getByRole('complementary', { name: 'Keys and pedals' })).toContainText('done, or next')
  // What is promised everywhere is bound everywhere.
  await page.keyboard.press('f')
  await expect(page.getByRole('heading', { name: 'Finder' })).toBeVisible()
  await page.keyboard.press('d')
  await expect(page.getByRole('heading', { name: /owed/ })).toBeVisible()
})
