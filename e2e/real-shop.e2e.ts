import type { Page } from '@playwright/test'
import { expect, nothingWaits, tapPhoto, test } from './test/test.ts'
import { shopPassword, testServer, type TestServer } from './test/server.ts'

// As it is on the devices of a shop, which keep the application.
test.use({ serviceWorkers: 'allow' })

/** A shop without the demo: its camera is that of the device, here Chromium's own moving test picture. */
let shop: TestServer
test.beforeAll(async () => {
  shop = await testServer({ demo: false })
})
test.afterAll(() => shop.end())

/** Opens the camera by `how`, waits for its picture, and releases it. */
async function photo(
  page: Page,
  how: () => Promise<void>,
  release = () => page.getByRole('button', { name: 'Take it' }).click(),
) {
  await how()
  const video = page.locator('video')
  await expect.poll(() => video.evaluate(v => (v as HTMLVideoElement).videoWidth)).toBeGreaterThan(0)
  await release()
  await expect(video).toBeHidden()
}
const strip = (page: Page) =>
  page.getByRole('group', { name: 'Photos of this step' }).getByRole('button', { name: /^Photo \d/ })
const named = (page: Page, name: string) => page.getByRole('button', { name, exact: true })

test.describe.configure({ mode: 'serial' })

test('the first evening of a shop: sign-in, empty floor, first machine, a whole step and the way back, all by its own camera', async ({
  browser,
}) => {
  const page = await (await browser.newContext({ baseURL: shop.url, viewport: { width: 1280, height: 800 } })).newPage()
  await page.addInitScript(() => {
    // Chromium's test camera gives the same picture again and again; a real one never does.
    Object.assign(globalThis, { ImageCapture: undefined })
    const toBlob = HTMLCanvasElement.prototype.toBlob
    HTMLCanvasElement.prototype.toBlob = function (done, ...more) {
      toBlob.call(this, b => done(b && new Blob([b, crypto.randomUUID()], { type: b.type })), ...more)
    }
  })
  const asked: string[] = []
  page.on('request', r => asked.push(r.url()))
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible()

  await page.getByLabel('Login').fill('lead')
  await page.getByLabel('Password').fill(shopPassword)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('heading', { name: 'No machine stands open.' })).toBeVisible()

  await page.getByRole('link', { name: /A machine comes in/ }).click()
  await expect(page.getByText('Simulated camera')).toHaveCount(0)
  await page.getByLabel(/Rating plate/).fill('QX-70 5501-0001')
  await page.getByLabel('Maker').fill('Corrane')
  await page.getByText('front loader', { exact: true }).click()
  await photo(page, () => page.getByRole('button', { name: /^Photo/ }).click())
  await expect(page.getByRole('img', { name: 'The rating plate' })).toBeVisible()

  await page.getByRole('button', { name: 'Open the machine' }).click()

  await expect(page.getByRole('heading', { name: 'Already so before we came' })).toBeVisible()
  await page.getByLabel('What was found').fill('screw of the hatch')
  await page.getByRole('button', { name: 'missing', exact: true }).click()
  await photo(page, () => named(page, 'Photo of it').click())
  const found = page.getByRole('region', { name: 'Already so before we came' })
  await expect(found.locator('img')).toHaveCount(1)
  await named(page, 'Keep it').click()
  await expect(found.getByRole('listitem')).toContainText('screw of the hatch')
  await page.getByRole('button', { name: 'Go down' }).click()
  // The intake has a button for a photo too: it is gone once the descent is there.
  await expect(page.getByRole('heading', { name: /^Descent, step/ })).toBeAttached()

  // Three photos: by button, by key, by pedal.
  await photo(page, () => page.getByRole('button', { name: /^Photo/ }).click())
  await expect(strip(page)).toHaveCount(1)
  await photo(
    page,
    () => page.keyboard.press('p'),
    () => page.keyboard.press('p'),
  )
  await expect(strip(page)).toHaveCount(2)
  await photo(
    page,
    () => page.keyboard.press('p'),
    () => page.keyboard.press('PageDown'),
  )
  await expect(strip(page)).toHaveCount(3)
  await tapPhoto(page, 0.4, 0.4)
  // A clearer one of the first takes its place and no other; a close-up of it is one more.
  await named(page, 'Photo 1').click()
  const before = await strip(page).nth(0).locator('img').getAttribute('src')
  await photo(page, () => named(page, 'Clearer').click())
  await expect(strip(page)).toHaveCount(3)
  await expect(strip(page).nth(0).locator('img')).not.toHaveAttribute('src', before!)
  await named(page, 'Close-up').click()
  const box = (await page.locator('[data-stage]').boundingBox())!
  await photo(page, async () => {
    await page.mouse.move(box.x + box.width * 0.2, box.y + box.height * 0.2)
    await page.mouse.down()
    await page.mouse.move(box.x + box.width * 0.6, box.y + box.height * 0.6, { steps: 4 })
    await page.mouse.up()
  })
  await expect(strip(page)).toHaveCount(4)
  // Who leaves the camera gets no photo, and the next one is of its own errand.
  await named(page, 'Photo 1').click()
  await named(page, 'Clearer').click()
  await expect(page.locator('video')).toBeVisible()

  await page.keyboard.press('Escape')
  await photo(page, () => page.keyboard.press('p'))
  await expect(strip(page)).toHaveCount(5)

  await page.getByRole('button', { name: /^Step down/ }).click()
  await expect(strip(page)).toHaveCount(0)

  await page.getByRole('link', { name: 'Return' }).click()
  await photo(page, () => page.getByRole('button', { name: 'Photo of now' }).click())
  await expect(page.getByRole('figure', { name: 'The photo of now' })).toBeVisible()

  await page.locator('[data-mark]').first().click()
  await nothingWaits(page)
  expect(asked.filter(url => /simulated-camera|letters/.test(url))).toEqual([])
})

test('a file, several files and a folder serve as well; a camera that may not be used says what to do', async ({
  browser,
}) => {
  const context = await browser.newContext({ baseURL: shop.url })
  const page = await context.newPage()
  await page.request.post('/api/session', { data: { login: 'lead', password: shopPassword } })
  await page.goto('/')
  await page.getByRole('link', { name: /^Go on with/ }).click()
  await page.getByRole('link', { name: 'Descent' }).click()
  await expect(page.getByRole('button', { name: /^Step down/ })).toBeVisible()
  // The browser's own private folder stands in for the card of a camera.
  await page.evaluate(async () => {
    const root = await navigator.storage.getDirectory()
    const folder = await root.getDirectoryHandle('card', { create: true })
    const put = async (name: string, colour: string) => {
      const canvas = Object.assign(document.createElement('canvas'), { width: 640, height: 400 })
      const pen = canvas.getContext('2d')!
      pen.fillStyle = colour
      pen.fillRect(0, 0, 640, 400)
      const blob = await new Promise<Blob>(done => canvas.toBlob(b => done(b!), 'image/jpeg'))
      const file = await (await folder.getFileHandle(name, { create: true })).createWritable()
      await file.write(blob)
      await file.close()
    }
    await put('older.jpg', '#345')
    Object.assign(globalThis, { showDirectoryPicker: async () => folder, put })
  })
  await page.keyboard.press('p')
  await page.getByRole('button', { name: 'Folder' }).click()
  await expect(page.getByRole('button', { name: 'Take older.jpg' })).toBeVisible()
  await page.evaluate(() =>
    (globalThis as unknown as { put(n: string, c: string): Promise<void> }).put('newer.jpg', '#543'),
  )
  await page.getByRole('button', { name: 'Take newer.jpg' }).click()
  await expect(strip(page)).toHaveCount(1)

  await page.evaluate(() => {
    navigator.mediaDevices.getUserMedia = () => Promise.reject(new DOMException('no', 'NotAllowedError'))
  })
  await page.keyboard.press('p')
  await expect(page.getByRole('alert')).toContainText('allow it at the address')
  const bytes = await page.evaluate(async () => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 320, height: 200 })
    canvas.getContext('2d')!.fillRect(0, 0, 160, 200)
    return canvas.toDataURL('image/jpeg').split(',')[1]!
  })
  const file = (name: string, extra: number) => ({
    name,
    mimeType: 'image/jpeg',
    buffer: Buffer.concat([Buffer.from(bytes, 'base64'), Buffer.from([extra])]),
  })
  await page
    .getByRole('dialog')
    .locator('input[type=file][accept]')
    .setInputFiles([file('a.jpg', 1), file('b.jpg', 2)])
  await expect(strip(page)).toHaveCount(3)
  await context.close()
})
