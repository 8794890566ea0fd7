import type { Page } from '@playwright/test'
import { closeMachine, allJobs, expect, nothingWaits, signIn, test } from './test/test.ts'

/** The demo machine whose return cannot be the plain mirror. */
async function openReturn(page: Page): Promise<string> {
  await signIn(page, 'Jon Tarrow')
  const jobs = await allJobs(page)
  const { id } = jobs.find(j => j.unit.serial === '5500-0134')!
  await page.goto(`/jobs/${id}/return`)
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  return id
}
async function toStep(page: Page, n: number): Promise<void> {
  // By its key: a tile may move under the pointer while the rest is planned anew.
  await page.getByRole('button', { name: new RegExp(`^Back, step ${n},`) }).press('Enter')
  await expect(page.getByRole('region', { name: 'What to do' })).toContainText(`back from ${n},`)
}
const heading = (page: Page) => page.getByRole('heading', { level: 1 })
/** Fits what is in hand until the step is done. */
async function fitAll(page: Page): Promise<void> {
  const strong = page.getByRole('button', { name: /^(Fitted|Next step|Prove the machine)/ })
  const rows = page.getByRole('list', { name: 'Moves of this step' })
  await expect(strong).toBeVisible()
  while (/^Fitted/.test((await strong.textContent())!)) {
    const before = (await rows.textContent())!
    await page.keyboard.press('PageDown')
    await expect(rows).not.toHaveText(before)
  }
}

test('the ten orders that a mirror would get wrong are planned, each with its reason', async ({ page }) => {
  await openReturn(page)
  const back = async () => {
    const tiles = await page
      .getByRole('button', { name: /^Back, step/ })
      .evaluateAll(all => all.map(t => t.getAttribute('aria-label')!))
    return tiles.map(t => Number(/step (\d+)/.exec(t)![1]))
  }
  // 7 the sensor on the motor before the motor; 5 the cable; 8 the clamp; 3 the bracket; 2 the strap; 1 pulley and ring; 4 the loom; 9 both ways in
  await expect
    .poll(back)
    .toEqual([26, 25, 24, 22, 23, 21, 19, 20, 18, 17, 16, 15, 14, 12, 13, 11, 10, 9, 7, 8, 6, 5, 4, 3, 2, 1])
  const says = async (step: number, ...words: string[]) => {
    await toStep(page, step)
    for (const w of words) await expect(page.getByRole('region', { name: 'What to do' })).toContainText(w)
  }
  await says(12, 'Refit the pulley', 'Moved up', 'join pulley and ring on the bench')
  await says(7, 'Moved up', 'it runs past the belt guard')
  await says(19, 'the clamp goes over the hose end first')
  await says(22, 'the new cable is drawn along the old one')
  await says(24, 'rubber bracket, from the old drain pump', 'two washers, from the old drain pump')
  await says(26, 'On the motor: refit the speed sensor')
  await says(25, 'Meanwhile, on the bench', 'speed sensor, on the motor')
})

test('at a gate, what lies behind it is held against its photo of then before it is hidden', async ({ page }) => {
  await openReturn(page)
  await toStep(page, 6)
  const behind = page.getByRole('group', { name: 'Behind it, as it was' })
  const rear = behind.getByRole('button', { name: 'rear' })
  await rear.click()
  await expect(rear).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByText(/Behind it, as it was, step \d+/)).toBeVisible()
  await page.keyboard.press('p')
  await expect(rear.getByLabel('photographed as it is now')).toBeVisible()
  await page.keyboard.press('b')
  // The loom still hangs beside the machine, and the pulley is off.
  await expect(page.getByRole('status').filter({ hasText: 'places differ: look at them' })).toBeVisible()
})

test('a route is laid point by point, checks are one tap each, a step left half done is found again', async ({
  page,
}) => {
  await openReturn(page)
  await toStep(page, 7)
  const points = page.getByRole('list', { name: 'Waypoints' })
  await expect(points.locator('[aria-current=step]')).toContainText('in the retainer at the motor')
  await page.keyboard.press('PageDown')
  await page.keyboard.press('PageDown')
  await expect(points.locator('[aria-current=step]')).toContainText('in the tie at the tub rim')
  const spin = page.getByRole('button', { name: 'Turned by hand: nothing rubs: harness, motor loom' })
  await spin.click()
  await expect(spin).toHaveAttribute('aria-pressed', 'true')
  await spin.click()
  await expect(spin).toHaveAttribute('aria-pressed', 'false')
  await spin.click()
  await toStep(page, 24)
  await page.getByRole('link', { name: '4 of harness, motor loom' }).click()
  await expect(heading(page)).toContainText('Motor loom')
  await page.getByRole('button', { name: 'Photo of now' }).click()
  await expect(page.getByRole('figure', { name: 'The photo of now' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Only then' })).toBeVisible()
})

test('a gate stops a forgotten ground strap, what was fitted is opened again, what nobody recorded is owed; then a clean close', async ({
  page,
}) => {
  const id = await openReturn(page)
  await test.step('everything behind the rear panel but the strap', async () => {
    for (const n of [26, 25, 24, 19, 20, 18, 17, 16, 14, 12, 13, 11, 10, 9, 7, 8]) {
      await toStep(page, n)
      await fitAll(page)
    }
  })
  await test.step('some steps ahead it is said that it goes out of reach', async () => {
    await toStep(page, 21)
    const gate = page.getByRole('region', { name: 'Gate' })
    await expect(gate.getByRole('status')).toContainText(
      'Nearly out of reach: one T20 × 10 with toothed washer, ground strap',
    )
  })
  await test.step('the gate holds, with its photo', async () => {
    await toStep(page, 6)
    const behind = page.getByRole('list', { name: 'Still owed behind it' })
    await expect(behind.getByRole('listitem')).toHaveCount(1)
    await expect(behind).toContainText('ground strap, behind the pulley')
    await expect(behind.getByRole('img').or(behind.locator('img'))).toBeVisible()
    // The pedal leads to what is owed behind it, never over it; so does the name in the gate.
    await page.keyboard.press('PageDown')
    await expect(heading(page)).toContainText('Ground strap')
    await toStep(page, 6)
    await behind.getByRole('link').click()
    await expect(heading(page)).toContainText('Ground strap')
  })
  await test.step('the strap cannot be reached: the pulley comes off again, and the rest is planned anew', async () => {
    await toStep(page, 12)
    await page.getByRole('button', { name: /^Open \d+ steps again, back to this one/ }).click()
    await page.getByRole('button', { name: /^Open \d+ steps again, back to this one/ }).click()
    await expect(page.getByRole('alert')).toContainText('Say why')
    await page.getByLabel('Why it is opened again').fill('the strap was forgotten')
    await page.getByRole('button', { name: /^Open \d+ steps again, back to this one/ }).click()
    await expect(page.getByRole('list', { name: 'Moves of this step' })).toContainText('0/1')
    for (const n of [15, 12, 13, 11, 10, 9, 7, 8]) {
      await toStep(page, n)
      await fitAll(page)
    }
    await toStep(page, 6)
    const gate = page.getByRole('region', { name: 'Gate' })
    await expect(gate).toContainText('Nothing is left behind it')
    await gate.getByRole('button', { name: 'two towels' }).click()
    await gate.getByRole('button', { name: 'T20 driver' }).click()
    await fitAll(page)
  })
  await test.step('a plug that nobody recorded is found: it is behind the panel that is on', async () => {
    await page.getByRole('button', { name: 'Not in the record' }).click()
    await page.getByLabel(/^What belongs here/).fill('rear: plug brown 2w')
    await page.getByRole('button', { name: 'Owe it' }).click()
    const shut = page.getByRole('note').filter({ hasText: 'Closed in' })
    await expect(shut).toContainText('brown plug')
    await shut.getByRole('link', { name: 'Open that again' }).click()
    await expect(heading(page)).toHaveText('Refit the rear panel.')
  })
  await test.step('it is opened again, and the rest goes back in the order of the plan, to a clean close', async () => {
    await page.getByRole('button', { name: 'Open this step again' }).click()
    await page.getByLabel('Why it is opened again').fill('a plug behind it')
    await page.getByRole('button', { name: 'Open this step again' }).click()
    await expect(page.getByRole('list', { name: 'Moves of this step' })).toContainText('0/1')
    const banner = page.getByRole('banner')
    while (!(await banner.textContent())!.includes('nothing off')) {
      await page.goto(`/jobs/${id}/return`)
      await expect(heading(page)).toBeVisible()
      await expect(banner).toContainText('off the')
      await fitAll(page)
    }
    await page.getByRole('link', { name: 'Close', exact: true }).click()
    await closeMachine(page)
    await expect(page.getByRole('heading', { name: 'Closed, not proved.' })).toBeVisible()
  })
  await nothingWaits(page)
  const events = (await (await page.request.get(`/api/jobs/${id}/events`)).json()) as {
    kind: string
    body: { counted?: string[]; owed?: string[] }
  }[]
  const passed = events.filter(e => e.kind === 'gate-passed')
  expect(passed.length).toBeGreaterThanOrEqual(2)
  expect(passed[0]!.body).toMatchObject({ owed: [], counted: expect.arrayContaining(['two towels', 'T20 driver']) })
})
