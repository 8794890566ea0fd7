import { comeIn, expect, newJob, nothingWaits, takePhoto, tapPhoto, test } from './test/test.ts'

test('a group is numbered crosswise from its marks, goes by the pedal in that order, left-hand thread unmistakable', async ({
  page,
}) => {
  await comeIn(page, 'Jon Tarrow')
  const path = await newJob(page, '2231-8102')
  await page.goto(`${path}/descent`)
  await expect(page.getByRole('heading', { name: 'Descent, step 1', exact: true })).toBeAttached()
  await takePhoto(page)
  for (const [x, y] of [
    [0.3, 0.3],
    [0.7, 0.3],
    [0.7, 0.7],
    [0.3, 0.7],
  ] as const)
    await tapPhoto(page, x, y)
  await page.getByLabel('Quick line').fill('M6x20 left hand')
  await page.getByRole('button', { name: /^Step down/ }).click()
  await expect(page.getByRole('heading', { name: 'Descent, step 2', exact: true })).toBeAttached()

  await page.getByRole('link', { name: 'Return', exact: true }).click()
  await expect(page.getByText('As numbered, crosswise:')).toBeVisible()
  await expect(page.getByText('all by hand, then snug, in this order, then tight, in this order')).toBeVisible()
  await expect(page.getByText('Left-hand thread: tightens anticlockwise')).toBeVisible()
  await expect(page.locator('[data-stage] .pattern')).toHaveCount(1)
  const at = async (n: number) => {
    const box = (await page.locator('[data-stage]').boundingBox())!
    const mark = (await page
      .getByRole('button', { name: new RegExp(`^Fit fastener ${n}`) })
      .locator('.shape')
      .first()
      .boundingBox())!
    return [(mark.x + mark.width / 2 - box.x) / box.width, (mark.y + mark.height / 2 - box.y) / box.height].map(v =>
      Math.round(v * 10),
    )
  }
  const seen = [await at(1), await at(2), await at(3), await at(4)]
  expect(seen[0]).toEqual([3, 3])
  expect(seen[1]).toEqual([7, 7])
  for (const n of [1, 2, 3, 4]) {
    await page.keyboard.press('PageDown')
    await expect(page.getByRole('button', { name: `Fit fastener ${n} done` })).toBeVisible()
  }
  await expect(page.getByRole('banner')).toContainText('nothing off')
  await nothingWaits(page)
})

test('a part is aligned to the marks drawn before it came off: their photo lies on the stage, the mark drawn over it', async ({
  page,
}) => {
  await comeIn(page, 'Jon Tarrow')
  await page.goto(`${await newJob(page, '2231-8103')}/descent`)
  const down = async (n: number, glyph: string, words: string) => {
    await expect(page.getByRole('heading', { name: `Descent, step ${n}`, exact: true })).toBeAttached()
    await takePhoto(page)
    await page.keyboard.press(glyph)
    await tapPhoto(page, 0.3 + n / 10, 0.4)
    await page.getByLabel('Quick line').fill(words)
    await page.getByRole('button', { name: /^Step down/ }).click()
  }
  await down(1, 'm', 'draw mark line across shaft and pulley')
  await down(2, '6', 'off pulley')
  await expect(page.getByRole('heading', { name: 'Descent, step 3', exact: true })).toBeAttached()
  await page.getByRole('link', { name: 'Return', exact: true }).click()
  const marks = page.locator('[data-stage] [data-mark]')
  const own = await marks.first().getAttribute('data-mark')
  const align = page
    .getByRole('list', { name: 'Align to' })
    .getByRole('button', { name: /line across shaft and pulley/ })
  await align.click()
  await expect(align).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByRole('region', { name: 'The photo as it was' })).toContainText('line across shaft and pulley')
  await expect(marks).toHaveCount(1)
  await expect(marks).not.toHaveAttribute('data-mark', own!)
  await align.click()
  await expect(marks).toHaveAttribute('data-mark', own!)
})
