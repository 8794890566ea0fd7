import { devices } from '@playwright/test'
import { expect, nothingWaits, signIn, test } from './test/test.ts'

test.use({
  ...devices['Pixel 7'],
  viewport: { width: 390, height: 844 },
  hasTouch: true,
  isMobile: true,
  deviceScaleFactor: 1,
})

test('the main steps by touch on a phone', async ({ page }) => {
  await signIn(page, 'Jon Tarrow')
  await page.getByRole('link', { name: /A machine comes in/ }).tap()
  await page.getByLabel('Rating plate').fill('FL-70 5500-7001')
  await page.getByRole('button', { name: 'Open the machine' }).tap()
  await page.getByRole('button', { name: 'Go down' }).tap()
  await expect(page.getByRole('heading', { name: 'Descent, step 1' })).toBeAttached()

  // one photo and three taps are a complete step
  await page.getByRole('button', { name: /^Photo/ }).tap()
  const stage = page.locator('[data-stage]')
  const box = (await stage.boundingBox())!
  for (const [x, y] of [
    [0.28, 0.2],
    [0.72, 0.2],
  ] as const)
    await page.touchscreen.tap(box.x + box.width * x, box.y + box.height * y)
  await page.getByRole('button', { name: /^Step down/ }).tap()
  await expect(page.getByRole('heading', { name: 'Descent, step 2' })).toBeAttached()
  await expect(page.getByRole('banner')).toContainText('2')

  await page.getByRole('button', { name: /Choose the zone/ }).tap()
  await page.getByRole('radiogroup').getByText('top', { exact: true }).tap()
  await page.getByRole('button', { name: 'Here: top' }).tap()
  await page.getByRole('button', { name: /^Photo/ }).tap()
  await page.getByRole('button', { name: 'connector', exact: true }).tap()
  const again = (await stage.boundingBox())!
  await page.touchscreen.tap(again.x + again.width * 0.41, again.y + again.height * 0.15)
  await page.getByRole('button', { name: /^Step down/ }).tap()
  await expect(page.getByRole('heading', { name: 'Descent, step 3' })).toBeAttached()

  await page.getByRole('link', { name: 'Return', exact: true }).tap()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('plug')
  await page.getByRole('button', { name: /Fit connector/ }).tap()
  await page.getByRole('button', { name: /^Next step/ }).tap()
  await page.getByRole('button', { name: 'All 2' }).tap()
  await page.getByRole('button', { name: /^Close the machine/ }).tap()
  await page.getByRole('button', { name: 'Close clean' }).tap()
  await expect(page.getByText('Closed clean')).toBeVisible()
  await nothingWaits(page)
})

test('nothing is cut off at the side on a phone, and what is touched in work is 48 pixels high', async ({ page }) => {
  await signIn(page, 'Jon Tarrow')
  const jobs = (await (await page.request.get('/api/jobs')).json()) as { id: string; closedAt: string | null }[]
  for (const path of [
    '/',
    '/come-in',
    '/models',
    ...['intake', 'descent', 'return', 'valley', 'close'].map(v => `/jobs/${jobs.find(j => !j.closedAt)!.id}/${v}`),
  ]) {
    await page.goto(path)
    await expect(page.locator('h1').first()).toBeAttached()
    const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)
    expect(over, path).toBeLessThanOrEqual(0)
    if (!/descent|return/.test(path)) continue
    const small = await page
      .locator('main button:visible, main select:visible')
      .evaluateAll(all => all.filter(b => b.getBoundingClientRect().height < 47.5).map(b => b.textContent))
    expect(small, path).toEqual([])
  }
})
