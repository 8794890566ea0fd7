import { chooseModel, expect, onTheFloor, signIn, test } from './test/test.ts'

test('the floor is narrowed by words and by how machines can go on; what was closed lately is asked for; models by their code, units with their jobs', async ({
  page,
}) => {
  await signIn(page, 'Mara Okwell')
  const open = page.getByRole('list', { name: 'Machines that stand open' })
  await expect(await onTheFloor(page, '5500-0126')).toBeVisible()
  await expect(open.getByRole('article')).toHaveCount(1)
  const words = page.getByRole('textbox', { name: 'Which machines' })
  await words.fill('no such plate')
  await expect(page.getByText('No machine that stands open is one of these.')).toBeVisible()
  await words.fill('')
  await expect(open.getByRole('article').nth(3)).toBeVisible()

  await page.getByRole('button', { name: /^Late or due today/ }).press('Enter')
  await expect(page.getByRole('button', { name: /^Late or due today/ })).toHaveAttribute('aria-pressed', 'true')
  await expect(open.getByRole('article').filter({ hasNotText: /late|Due today/ })).toHaveCount(0)
  expect(await open.getByRole('article').count()).toBeGreaterThan(0)
  await page.getByRole('button', { name: 'Closed lately' }).click()
  await expect(open).toBeHidden()
  const closed = page.getByRole('region', { name: 'Closed lately' }).getByRole('link')
  expect(await closed.count()).toBeGreaterThan(3)
  await page.getByRole('button', { name: 'Closed lately' }).click()
  await expect(open).toBeVisible()

  await chooseModel(page, 'FL-84')
  await expect(page.getByRole('heading', { level: 2 })).toContainText('FL-84')
  const units = page.getByRole('list', { name: 'Units' })
  await expect(units).toContainText('2231-0417')
  await expect(units).toContainText('off, open')
})
