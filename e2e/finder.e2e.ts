import { beginDescent, expect, nothingWaits, onTheFloor, signIn, test } from './test/test.ts'

test('a screw that is left over is found: asked, covers taken off, looked for hole by hole, explained', async ({
  page,
}) => {
  await signIn(page, 'Jon Tarrow')
  await (await onTheFloor(page, '2231-0402')).click()
  await expect(page.getByRole('region', { name: 'What to prove' })).toBeVisible()
  await page.keyboard.press('f')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Finder: T20 × 16')
  await expect(page.getByText(/^Expected: .* in this order, .* by undoing step after step/)).toBeVisible()
  const steps = page.getByRole('list', { name: 'Where to look, in this order' })

  await test.step('the likeliest holes on the machine and on their photo', async () => {
    await expect(page.getByRole('img', { name: /Sought: \d+ % at drawer/ })).toBeVisible()
    await expect(steps).toContainText('hole 1 of three T20 × 16, drawer rail')
    await expect(steps).toContainText('all said back at once')
    await steps.getByRole('button', { name: 'Show hole 2 of three T20 × 16, drawer rail' }).click()
    await expect(page.getByRole('region', { name: 'Photo: hole 2 of three T20 × 16, drawer rail' })).toBeVisible()
  })
  await test.step('the top panel comes off first, and is owed again', async () => {
    await steps.getByRole('listitem').filter({ hasText: 'Open:' }).getByRole('button', { name: 'It is off' }).click()
    await expect(steps.getByRole('listitem').filter({ hasText: 'Open:' })).toHaveCount(0)
    await expect(page.getByRole('banner').getByRole('listitem').filter({ hasText: 'fastener' })).toContainText('2')
  })
  await test.step('a look in vain makes the others likelier', async () => {
    const first = steps.getByRole('listitem').filter({ hasText: 'hole 1 of three T20 × 16' })
    await first.getByRole('button', { name: /^Not here/ }).click()
    await expect(steps.getByRole('listitem').first()).toContainText('hole 2 of three T20 × 16')
    await steps.getByRole('button', { name: 'Here: hole 3 of three T20 × 16, drawer rail', exact: true }).click()
    await expect(page.getByRole('list', { name: 'Explained' })).toContainText(
      'T20 × 16: found in hole 3 of three T20 × 16, drawer rail',
    )
  })
  await test.step('another is asked for by eye, and explained in words', async () => {
    await page.getByLabel('What is known of it').fill('')
    await page.getByRole('button', { name: 'Look for it' }).click()
    await expect(page.getByRole('alert')).toContainText('Say what it is')
    await page
      .getByRole('list', { name: 'fasteners that came off' })
      .getByRole('button', { name: /cross member/ })
      .click()
    await page.getByRole('button', { name: 'Look for it' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('one like two T20 × 30')
    await page.getByLabel('Where it came from').fill('from the old drawer')
    await page.getByRole('button', { name: 'Explained' }).click()
    await expect(page.getByRole('list', { name: 'Explained' })).toContainText('from the old drawer')
  })
  await test.step('a swap asks for both', async () => {
    await page.getByRole('button', { name: 'Both', exact: true }).click()
    await page.getByLabel('What is known of it').fill('T20x30')
    await page.getByRole('button', { name: 'Look for it' }).click()
    await expect(page.getByRole('alert')).toContainText('Touch the group of which one is short')
    await page
      .getByRole('list', { name: 'One is short of' })
      .getByRole('button', { name: /drawer rail/ })
      .click()
    await page.getByRole('button', { name: 'Look for it' }).click()
    await expect(steps).toContainText('T20 × 30, cross member')
  })
  await nothingWaits(page)
})

test('the tray is weighed: groups weighed in, one missing named, and sought', async ({ page }) => {
  const path = await beginDescent(page, '2231-8705')
  const entry = page.getByRole('textbox', { name: 'Quick line' })
  for (const [i, line] of ['4x T20x18 rear panel @A1', '2x T20x12 top panel @A2'].entries()) {
    await entry.fill(line)
    await entry.press('Enter')
    await page.getByRole('button', { name: /^Step down/ }).click()
    await expect(page.getByRole('heading', { name: `Descent, step ${i + 2}`, exact: true })).toBeAttached()
  }
  await page.goto(`${path}/finder`)
  const weigh = page.getByRole('region', { name: 'Weigh the tray' })
  await weigh.getByRole('button', { name: 'Simulated scale' }).click()
  await expect(weigh).toContainText('at rest')
  await expect(weigh).toContainText('The tray weighs what it should.')
  const grams = weigh.getByLabel('Grams on the scale')
  await grams.fill('8')
  await weigh.getByRole('button', { name: /^4 × T20 × 18, A1/ }).click()
  await expect(weigh.getByRole('button', { name: /^4 × T20 × 18/ })).toBeHidden()
  await grams.fill('2.4')
  await weigh.getByRole('button', { name: /^2 × T20 × 12, A2/ }).click()
  await expect(weigh).toContainText('10.4 g should lie in it')
  await grams.fill('8.4')
  await grams.blur()
  await expect(weigh.getByRole('listitem').first()).toContainText('1 × T20 × 18, A1, missing')
  await weigh.getByRole('button', { name: /^Seek/ }).first().click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('one short of')
  await nothingWaits(page)
})
