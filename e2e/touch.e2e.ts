import { devices } from '@playwright/test'
import { closeMachine, allJobs, comeIn, expect, newJob, nothingWaits, signIn, test } from './test/test.ts'

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
  await page.getByRole('button', { name: /^Prove the machine/ }).tap()
  await page.getByRole('link', { name: 'Close', exact: true }).tap()
  await closeMachine(page, 'tap')
  await expect(page.getByText('Closed, not proved')).toBeVisible()
  await nothingWaits(page)
})

test('nothing is cut off at the side on a phone, and what is touched in work is 48 pixels high', async ({ page }) => {
  await signIn(page, 'Mara Okwell')
  const jobs = await allJobs(page)
  const [model] = (await (await page.request.get('/api/models')).json()) as { id: string }[]
  for (const path of [
    '/',
    '/come-in',
    '/models',
    '/search?words=pump',
    '/take-in',
    '/me',
    '/people',
    ...['book', 'beside', 'way-in'].map(v => `/models/${model!.id}/${v}`),
    ...[
      'intake',
      'descent',
      'return',
      'proof',
      'rituals',
      'things',
      'valley',
      'close',
      'standing',
      'finder',
      'narration',
      'words',
    ].map(v => `/jobs/${jobs.find(j => !j.closedAt)!.id}/${v}`),
  ]) {
    await page.goto(path)
    await expect(page.locator('h1').first()).toBeAttached()
    const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)
    expect(over, path).toBeLessThanOrEqual(0)
    const cut = await page
      .locator('.n-button:visible')
      .evaluateAll(all => all.filter(b => b.scrollWidth > b.clientWidth + 1).map(b => b.textContent))
    expect(cut, path).toEqual([])
    for (const way of await page.getByRole('navigation', { name: 'Phases of the job' }).getByRole('link').all())
      expect(await way.evaluate(a => a.scrollWidth - a.clientWidth), `${path}, ${await way.textContent()}`).toBe(0)
    if (!/descent|return|proof/.test(path)) continue
    const small = await page
      .locator('main button:visible, main select:visible')
      .evaluateAll(all => all.filter(b => b.getBoundingClientRect().height < 47.5).map(b => b.textContent))
    expect(small, path).toEqual([])
  }
})

test('two fingers enlarge the photo and one shifts it; marks stay where they were put', async ({ page }) => {
  await comeIn(page, 'Jon Tarrow')
  await page.goto(`${await newJob(page, '2231-6001')}/descent`)
  await page.getByRole('button', { name: /^Photo/ }).tap()
  const stage = page.locator('[data-stage]')
  await expect(stage.locator('img')).not.toHaveJSProperty('naturalWidth', 0)
  const box = (await stage.boundingBox())!
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  await page.touchscreen.tap(x, y)
  const fingers = await page.context().newCDPSession(page)
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', ...points: [number, number][]) =>
    fingers.send('Input.dispatchTouchEvent', { type, touchPoints: points.map(([x, y], id) => ({ x, y, id })) })
  await touch('touchStart', [x - 30, y], [x + 30, y])
  for (const far of [40, 60, 80, 100]) await touch('touchMove', [x - far, y], [x + far, y])
  await touch('touchEnd')
  await expect(page.getByRole('button', { name: 'Whole photo' })).toBeVisible()
  await expect.poll(async () => (await stage.boundingBox())!.width).toBeGreaterThan(box.width * 2)
  const before = (await stage.boundingBox())!
  await touch('touchStart', [x, y - 70])
  for (const far of [20, 40, 60]) await touch('touchMove', [x - far, y - 70])
  await touch('touchEnd')
  await expect.poll(async () => (await stage.boundingBox())!.x).toBeLessThan(before.x - 20)
  await expect(page.getByRole('button', { name: /^Marked fastener/ })).toHaveCount(1)
  await page.getByRole('button', { name: 'Whole photo' }).click()
  await expect(page.getByRole('button', { name: 'Whole photo' })).toBeHidden()
  const mark = (await page.locator('[data-mark] .shape').first().boundingBox())!
  expect(Math.abs(mark.x + mark.width / 2 - x)).toBeLessThan(3)
})
