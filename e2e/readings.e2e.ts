import type { Page } from '@playwright/test'
import { beginDescent, choose, expect, nothingWaits, test } from './test/test.ts'

/** The form for a reading of a kind, opened by its key. */
async function measure(page: Page, kind: string) {
  await page.getByRole('button', { name: 'Note it (E)' }).click()
  const form = page.getByRole('form', { name: 'Note it' })
  await choose(page, 'What kind of thing', kind)
  return {
    form,
    read: (state: string, said: string) => form.getByLabel(`Read ${state}`).fill(said),
    verdict: form.getByRole('status'),
  }
}

test('a lock is read open and closed, at the board and at the part: what each says, and on the close-out what all of it says', async ({
  page,
}) => {
  const path = await beginDescent(page, '2231-8901')
  const board = await measure(page, 'Switch or lock contact')
  await expect(board.form).toContainText('Plug out, the connector off the board')
  await board.read('closed', 'about 3')
  await board.form.getByRole('button', { name: 'Keep it' }).click()
  await expect(board.form.getByRole('alert')).toContainText('Type a figure and its unit')
  await board.form.getByLabel('Which one').fill("door lock, at the board's end")
  await board.read('closed', '0.6')
  await expect(board.verdict).toContainText('cannot tell. It closes. Read it open too')
  await board.read('open', '4k7')
  await expect(board.verdict).toContainText('bad. Something else lies across it')
  await board.form.getByRole('button', { name: 'Keep it' }).click()
  await expect(board.form).toBeHidden()

  const part = await measure(page, 'Switch or lock contact')
  await part.form.getByLabel('Which one').fill('door lock, at the part')
  await part.read('closed', '0.4')
  await part.read('open', 'OL')
  await expect(part.verdict).toContainText('good. It closes and it opens')
  await part.form.getByRole('button', { name: 'Keep it' }).click()

  const element = await measure(page, 'Heating element')
  await element.form.getByLabel('watts on its plate').fill('1950')
  await element.read('across', '27.0')
  await expect(element.verdict).toContainText('good. It is as its plate says')
  await expect(element.verdict).toContainText('230² / 1950 = 27.1 Ω')
  await expect(element.form.getByRole('img', { name: /^expected 24.8 to 30.1 Ω, measured 26/ })).toBeVisible()
  await element.form.getByRole('button', { name: 'Keep it' }).click()

  await page.goto(`${path}/close`)
  const readings = page.getByRole('region', { name: 'Readings' })
  await expect(readings.getByRole('row', { name: /at the board's end/ })).toContainText(
    'bad. Something else lies across it',
  )
  await expect(readings.getByRole('row', { name: /^door lock, at the part/ })).toContainText(
    'closed 0.4 Ω, open OL: good',
  )
  await nothingWaits(page)
})

test('brushes below their limit are to be renewed, with the years that they had left before', async ({ page }) => {
  await beginDescent(page, '2231-8902')
  const { form, read, verdict } = await measure(page, 'Brushes')
  await form.getByLabel('shortest length').fill('12')
  await form.getByLabel('length when new').fill('36')
  await form.getByLabel('years in use').fill('8')
  const meter = form.getByRole('group', { name: 'Meter, one' })
  await meter.getByRole('button', { name: 'Simulated meter' }).click()
  await meter.getByRole('button', { name: 'Take it, one' }).click()
  await expect(form.getByLabel('Read one')).toHaveValue(/^2[34]\.\d+ mm$/)
  await read('one', '25')
  await read('the other', '24')
  await expect(verdict).toContainText('Above their limit: about 8 years are left')
  await read('the other', '10.5')
  await expect(verdict).toContainText('bad. Below its limit: renew both')
  await form.getByRole('button', { name: 'Keep it' }).click()
  await expect(form).toBeHidden()
  await nothingWaits(page)
})

test('a sensor between two fingers: the fall is drawn in the fan that a finger makes, and a dead one is told', async ({
  page,
}) => {
  await beginDescent(page, '2231-8904')
  const finger = await measure(page, 'Sensor between the fingers')
  await finger.read('cold', '5k9')
  await expect(finger.verdict).toContainText('cannot tell. Read it cold, then warmed')
  await finger.read('warmed for a minute', '5k9')
  await expect(finger.verdict).toContainText('bad. It does not fall as it is warmed')
  await finger.read('warmed for a minute', '4k1')
  await expect(finger.verdict).toContainText('good. It reacts')
  await expect(
    finger.form.getByRole('img', { name: 'The fall that a finger makes in a minute: read 5.9 k, then 4.1 k Ω' }),
  ).toBeVisible()
  await finger.form.getByRole('button', { name: 'Keep it' }).click()
  await expect(finger.form).toBeHidden()
  await nothingWaits(page)
})
