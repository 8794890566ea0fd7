import { allJobs, expect, nothingWaits, off, onTheFloor, signIn, test } from './test/test.ts'
import type { Page } from '@playwright/test'

const jobOf = async (page: Page, serial: string) => (await allJobs(page)).find(j => j.unit.serial === serial)!

test('a gate holds while something is owed behind it, and is passed with a reason; then closed with debts by name', async ({
  page,
}) => {
  await signIn(page, 'Pia Sandel')
  const { id } = await jobOf(page, '0098-7712')
  await page.goto(`/jobs/${id}/return`)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('out-of-balance sensor')
  // straight to the step that refits the top panel: the sensor and its screws are still owed behind it
  await page.getByRole('button', { name: /Back, step 8,/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Refit the top panel.')
  const gate = page.getByRole('region', { name: 'Gate' })
  await expect(gate).toContainText('Gate: this step')
  const behind = gate.getByRole('list', { name: 'Still owed behind it' })
  await expect(behind).toContainText('out-of-balance sensor')
  await expect(behind).toContainText('sensor bracket')
  // The strong action leads to what is owed behind it, never over it.
  await page.getByRole('button', { name: /^First: / }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('out-of-balance sensor')
  await page.getByRole('button', { name: /Back, step 8,/ }).click()
  await page.getByRole('button', { name: 'Pass the gate' }).click()
  await expect(page.getByRole('alert')).toContainText('Say why')
  await page.getByLabel('Reason to pass the gate').fill('covered until the part comes')
  await page.getByRole('button', { name: 'Pass the gate' }).click()
  const parts = off(page, /part/)
  const before = await parts.textContent()
  await page.getByRole('button', { name: /^Fitted/ }).click()
  await expect(parts).not.toHaveText(before!)

  await page.getByRole('link', { name: 'Close', exact: true }).click()
  await page.getByRole('button', { name: 'Close with debts' }).click()
  await page.getByRole('button', { name: /^Close with \d+ owed/ }).click()
  await expect(page.getByRole('alert')).toContainText('no reason given')
  await page.getByLabel('Why it is closed with debts').fill('customer takes it as it is')
  await page.getByLabel(/^Why .* not proved$/).fill('it is not whole')
  await page.getByRole('button', { name: /^Close with \d+ owed/ }).click()
  await expect(page.getByRole('heading', { name: 'Closed with debts.' })).toBeVisible()
  await expect(page.getByRole('region', { name: 'Gates passed' })).toContainText('covered until the part comes')
  await nothingWaits(page)
  const card = await jobOf(page, '0098-7712')
  expect(card.summary.clean).toBe(false)
  expect(card.summary.owed.connector).toBeGreaterThan(0)
})

test('what was fitted by mistake is taken off again by a tap, and what is not refitted is told', async ({ page }) => {
  await signIn(page, 'Pia Sandel')
  const { id } = await jobOf(page, '2231-0388')
  await page.goto(`/jobs/${id}/return`)
  await page.getByRole('button', { name: /Back, step 6,/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('start all three')
  await expect(page.getByText('A2', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Fit fastener 2', exact: true }).click()
  await page.getByRole('button', { name: 'Fit fastener 2 done' }).click()
  await expect(page.getByRole('button', { name: 'Fit fastener 2', exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Other than refitted' }).click()
  await page.getByRole('button', { name: 'New one' }).click()
  await page.getByRole('button', { name: 'All 2' }).click()
  await expect(page.getByRole('button', { name: /^Next step/ })).toBeVisible()
  await page.getByRole('link', { name: 'Valley', exact: true }).click()
  await expect(page.getByRole('row', { name: /fasteners/ })).toContainText('1')
})

test('a viewer sees the machines and changes nothing', async ({ page }) => {
  await signIn(page, 'Guest at the counter')
  await expect(page.getByRole('link', { name: /A machine comes in/ })).toBeHidden()
  await (await onTheFloor(page, '5500-0126')).click()
  await expect(page.getByRole('button', { name: /^Step down/ })).toBeHidden()
  await page.keyboard.press('p')
  await page.getByRole('link', { name: 'Return', exact: true }).click()
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Other than refitted' })).toBeHidden()
  await page.getByRole('link', { name: 'Close', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Close clean' })).toBeHidden()
})
