import { expect, nothingWaits, signIn, test } from './test/test.ts'

test('a screw that is left over is found: asked, covers taken off, looked for hole by hole, explained', async ({
  page,
}) => {
  await signIn(page, 'Jon Tarrow')
  await page.getByRole('link', { name: /Go on with FL-84 2231-0402/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Refit the upper counterweight.')
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
