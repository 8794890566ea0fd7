import { comeIn, expect, newJob, nothingWaits, onTheFloor, test } from './test/test.ts'

test('a job pauses with what it waits for, and coming back says how it stands and what comes first', async ({
  page,
}) => {
  await comeIn(page, 'Jon Tarrow')
  const path = await newJob(page, '2231-8101')
  await page.goto(`${path}/descent`)
  const lines = ['4x T20x12 rear panel @A1', 'off rear panel, opens rear', 'rear: plug P1 white 3w', 'rear: 2 towels']
  for (const [i, words] of lines.entries()) {
    await page.getByLabel('Quick line').fill(words)
    await page.getByRole('button', { name: /^Step down/ }).click()
    await expect(page.getByRole('heading', { name: `Descent, step ${i + 2}`, exact: true })).toBeAttached()
  }
  await test.step('it pauses', async () => {
    await page.getByRole('link', { name: 'Pause', exact: true }).click()
    await page.getByRole('button', { name: 'Pause this job' }).click()
    await page.getByRole('button', { name: 'Pause', exact: true }).click()
    await expect(page.getByRole('alert')).toContainText('Say what it waits for')
    await page.getByLabel('What it waits for').fill('drain pump')
    await page.getByRole('button', { name: '4 days' }).click()
    await page.getByRole('button', { name: 'Pause', exact: true }).click()
    await expect(page.getByRole('status').filter({ hasText: 'Waits for the drain pump, due' })).toBeVisible()
    await nothingWaits(page)
  })
  await test.step('from the floor the way back in is the page that says how it stands', async () => {
    await page.getByRole('link', { name: 'To the floor' }).click()
    const way = await onTheFloor(page, '2231-8101')
    await expect(page.getByText('Waits for the drain pump, due')).toBeVisible()
    await way.click()
    const lying = page.getByRole('region', { name: 'What is off, and where it lies' })
    await expect(lying).toContainText('cell A1')
    await expect(lying).toContainText('four T20 × 12')
    await expect(lying).toContainText('two towels')
    const first = page.getByRole('region', { name: 'What to do first' })
    await expect(first).toContainText('Hold the new drain pump against the old part')
    await expect(first.getByRole('list', { name: 'Done last' }).getByRole('listitem')).toHaveCount(3)
  })
  await test.step('going on ends the wait', async () => {
    await page.keyboard.press('PageDown')
    await expect(page.getByRole('heading', { name: 'Descent, step 5', exact: true })).toBeAttached()
    await page.getByRole('link', { name: 'Pause', exact: true }).click()
    await expect(page.getByText('Last touched today.')).toBeVisible()
    await expect(page.getByText('Waits for')).toHaveCount(0)
  })
  await nothingWaits(page)
})
