import { type Locator, type Page } from '@playwright/test'
import { beginDescent, expect, nothingWaits, test } from './test/test.ts'

const differs = (page: Page) => page.getByRole('status').filter({ hasText: /differ/ })

/** A machine with one plug open, and the return at it. */
async function withOpenPlug(page: Page, serial: string): Promise<string> {
  const path = await beginDescent(page, serial)
  await page.getByRole('button', { name: /Choose the zone/ }).click()
  await page.getByRole('radiogroup').getByText('top', { exact: true }).click()
  await page.getByRole('button', { name: 'Here: top' }).click()
  await page.getByRole('button', { name: /^Photo/ }).click()
  await page.getByRole('button', { name: 'connector', exact: true }).click()
  const stage = page.locator('[data-stage]')
  await expect(stage.locator('img')).not.toHaveJSProperty('naturalWidth', 0)
  const box = (await stage.boundingBox())!
  await stage.click({ position: { x: box.width * 0.41, y: box.height * 0.15 } })
  await page.getByRole('button', { name: /^Step down/ }).click()
  await expect(page.getByRole('heading', { name: 'Descent, step 2' })).toBeAttached()
  await page.getByRole('link', { name: 'Return', exact: true }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('plug')
  return path
}

test('a plug that is still open is outlined when now is laid over then, and nothing once it is pushed home', async ({
  page,
}) => {
  await withOpenPlug(page, '2231-8801')
  await test.step('the marks of then are carried over to the photo of now', async () => {
    await page.getByRole('button', { name: /^Photo of now/ }).click()
    const now = page.getByRole('figure', { name: 'The photo of now' })
    await expect(now.locator('[data-mark]')).toHaveCount(1)
  })
  await test.step('laid over, the open plug is counted; it can be wiped by the keys', async () => {
    await page.keyboard.press('b')
    await expect(differs(page)).toContainText(/places? differs?: look at/)
    await page.getByRole('button', { name: 'Wipe' }).click()
    const wipe = page.getByRole('slider', { name: 'Wipe' })
    await wipe.focus()
    await page.keyboard.press('ArrowLeft')
    await expect(wipe).toHaveValue('49')
  })
  await test.step('pushed home and photographed again, nothing differs', async () => {
    await page.keyboard.press('b')
    await page.getByRole('button', { name: /^Fitted/ }).click()
    await expect(page.getByRole('button', { name: /^Prove the machine/ })).toBeVisible()
    await page.getByRole('button', { name: /^Photo of now/ }).click()
    await page.getByRole('button', { name: /^Lay over/ }).click()
    await expect(differs(page)).toContainText('Nothing differs that shows')
  })
  await nothingWaits(page)
})

test.describe('by touch', () => {
  test.use({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
    deviceScaleFactor: 1,
  })

  test('four places tapped on both photos lay them over each other; two that were exchanged are asked for again', async ({
    page,
  }) => {
    const path = await withOpenPlug(page, '2231-8802')
    await page.getByRole('button', { name: /^Photo of now/ }).tap()
    await page.getByRole('button', { name: /^Lay over/ }).tap()
    await expect(differs(page)).toBeVisible()
    await page.getByRole('button', { name: 'Tap four marks' }).tap()
    const photo = (of: string) => page.getByRole('figure', { name: `The photo of ${of}` }).locator('[data-stage]')
    const tap = async (stage: Locator, [x, y]: readonly [number, number]) => {
      // The trial waits until the photo lies still.
      await stage.tap({ trial: true })
      const box = (await stage.boundingBox())!
      await page.touchscreen.tap(box.x + box.width * x, box.y + box.height * y)
    }
    const corners = [
      [0.1, 0.1],
      [0.9, 0.1],
      [0.9, 0.9],
      [0.1, 0.9],
    ] as const
    const give = async (nows: readonly (readonly [number, number])[]) => {
      for (const [i, then] of corners.entries()) {
        await expect(page.getByText(`Tap place ${i + 1} of 4 on the photo of then`)).toBeVisible()
        await tap(photo('then'), then)
        await expect(page.getByText(`Tap ${i + 1} on the photo of now.`)).toBeVisible()
        await tap(photo('now'), nows[i]!)
      }
    }
    await give([corners[1], corners[0], corners[2], corners[3]])
    await expect(page.getByRole('alert')).toContainText('two were exchanged')
    await give(corners)
    await expect(differs(page)).toContainText(/differs?: look at/)
    await nothingWaits(page)
    const job = path.split('/')[2]!
    const log = await (await page.request.get(`/api/jobs/${job}/events`)).text()
    expect(log).toContain('photos-matched')
  })
})
