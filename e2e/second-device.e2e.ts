import { devices } from '@playwright/test'
import { expect, newJob, nothingWaits, off, pixelsOf, signIn, tapPhoto, test } from './test/test.ts'

const phone = { ...devices['Pixel 7'], viewport: { width: 390, height: 844 }, deviceScaleFactor: 1 }
const step = (n: number) => ({ name: `Descent, step ${n}`, exact: true })

test('a phone joins by the code on the screen, is its camera, and what one marks shows on the other', async ({
  page: desk,
  another,
}) => {
  await signIn(desk, 'Jon Tarrow')
  const path = await newJob(desk, '2231-3001')
  await desk.goto(`${path}/descent`)
  await desk.getByRole('button', { name: /Phone as camera/ }).click()
  await expect(desk.getByRole('img', { name: 'Code for the second device' })).toBeVisible()
  const link = (await desk.getByRole('region', { name: 'A second device' }).getByRole('link').textContent())!

  const hand = await another(phone)
  await hand.goto(link)
  await expect(hand.getByRole('heading', step(1))).toBeAttached()
  await desk.getByRole('button', { name: 'Back to the step' }).click()

  await test.step('the photo that the phone takes lands on the desk', async () => {
    await hand.getByRole('button', { name: /^Photo/ }).tap()
    // Judged by its pixels: a broken picture is complete as well.
    await expect.poll(() => pixelsOf(desk.locator('[data-stage] img'))).toBeGreaterThan(300)
    await nothingWaits(hand)
  })
  await test.step('a photo that the desk takes lands on the phone, before its step is recorded', async () => {
    await desk
      .getByRole('button', { name: /^(Photo|Another photo)/ })
      .first()
      .click()
    await expect(hand.getByRole('button', { name: /^Photo \d/ })).toHaveCount(2)
    await hand.getByRole('button', { name: 'Photo 2', exact: true }).tap()
    await expect.poll(() => pixelsOf(hand.locator('[data-stage] img'))).toBeGreaterThan(300)
    await hand.getByRole('button', { name: 'Photo 1', exact: true }).tap()
    await desk.getByRole('button', { name: 'Photo 1', exact: true }).click()
  })
  await test.step('a mark from the desk shows on the phone, and the other way round; the count is of both', async () => {
    await tapPhoto(desk, 0.3, 0.3)
    await expect(hand.getByRole('button', { name: /^Marked fastener/ })).toHaveCount(1)
    const box = (await hand.locator('[data-stage]').boundingBox())!
    await hand.touchscreen.tap(box.x + box.width * 0.7, box.y + box.height * 0.3)
    await expect(desk.getByRole('button', { name: /^Marked fastener/ })).toHaveCount(2)
    await expect(desk.getByRole('list', { name: 'Moves of this step' })).toContainText('two')
  })
  await test.step('what one takes back stays with the other', async () => {
    await desk.keyboard.press('u')
    await expect(hand.getByRole('button', { name: /^Marked fastener/ })).toHaveCount(1)
    await tapPhoto(desk, 0.5, 0.6)
    await expect(hand.getByRole('button', { name: /^Marked fastener/ })).toHaveCount(2)
  })
  await test.step('either may record; both go on to the next step', async () => {
    await hand.getByRole('button', { name: /^Step down/ }).tap()
    for (const page of [desk, hand]) await expect(page.getByRole('heading', step(2))).toBeAttached()
    await expect(off(desk, '2 fasteners')).toBeVisible()
    await desk.getByLabel('Quick line').fill('top: plug P1 white 3w')
    await desk.getByLabel('Quick line').press('Enter')
    await expect(hand.getByRole('list', { name: 'Moves of this step' })).toContainText('P1')
    await desk.getByRole('button', { name: /^Step down/ }).click()
    for (const page of [desk, hand]) await expect(page.getByRole('heading', step(3))).toBeAttached()
  })
  await test.step('the phone stays in this job, and comes back to it after it was closed', async () => {
    await hand.goto('/')
    await expect(hand.getByRole('heading', step(3))).toBeAttached()
    await desk.getByLabel('Quick line').fill('2x clip drawer')
    await desk.getByLabel('Quick line').press('Enter')
    await expect(hand.getByRole('list', { name: 'Moves of this step' })).toContainText('clip')
    expect((await hand.request.get('/api/jobs')).status()).toBe(403)
  })
  await nothingWaits(desk)
  await nothingWaits(hand)
  const log = (await (await desk.request.get(`/api${path}/events`)).json()) as { kind: string }[]
  expect(log.map(e => e.kind)).toEqual(['job-opened', 'step-recorded', 'step-recorded'])
})

test('a code that is over or changed lets nobody in, and says what to do', async ({ page }) => {
  await page.goto('/join/AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA')
  await expect(page.getByRole('alert')).toContainText('new code on the first device')
  await page.getByRole('link', { name: 'Sign in instead' }).click()
  await expect(page.getByRole('button', { name: 'Jon Tarrow' })).toBeVisible()
})
