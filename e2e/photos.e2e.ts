import sharp from 'sharp'
import { comeIn, expect, newJob, nothingWaits, signIn, tapPhoto, test } from './test/test.ts'
import type { Page } from '@playwright/test'

// As it is on the devices of a shop, which keep the application.
test.use({ serviceWorkers: 'allow' })

async function open(page: Page, serial: string): Promise<string> {
  await comeIn(page, 'Jon Tarrow')
  const path = await newJob(page, serial)
  await page.goto(`${path}/descent`)
  await expect(page.getByRole('button', { name: /^Step down/ })).toBeVisible()
  return path
}

test('a file and the camera of the device serve as well as the simulated one', async ({ page }) => {
  const path = await open(page, '2231-3333')
  const bytes = await sharp({ create: { width: 900, height: 600, channels: 3, background: '#7a8a90' } })
    .jpeg()
    .toBuffer()
  await page.locator('input[type=file]').setInputFiles({ name: 'bracket.jpg', mimeType: 'image/jpeg', buffer: bytes })
  await tapPhoto(page, 0.5, 0.5)
  await page.getByRole('button', { name: /^Step down/ }).click()
  await expect(page.getByText('Simulated camera: it draws the demo machine.')).toBeVisible()
  await page.getByRole('button', { name: 'Device camera' }).click()
  const video = page.locator('video')
  await expect.poll(() => video.evaluate(v => (v as HTMLVideoElement).videoWidth)).toBeGreaterThan(0)
  await page.getByRole('button', { name: 'Take it' }).click()
  await tapPhoto(page, 0.4, 0.4)
  await page.getByRole('button', { name: /^Step down/ }).click()
  await nothingWaits(page)
  const card = (await (await page.request.get(`/api${path}`)).json()) as { summary: { photo: { hash: string } } }
  const { hash } = card.summary.photo
  expect((await page.request.get(`/api/photos/${hash}/thumb`)).status()).toBe(200)
})

test('a file that is no picture is refused with what to do, and nothing else is lost', async ({ page }) => {
  await open(page, '2231-3334')
  await page.getByRole('button', { name: 'clip', exact: true }).click()
  await expect(page.getByRole('list', { name: 'Moves of this step' })).toContainText('one clip')
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'notes.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('not a picture') })
  await expect(page.getByRole('alert')).toContainText('choose a JPEG')
  await expect(page.getByRole('list', { name: 'Moves of this step' })).toContainText('one clip')
})

test('an address that is not there, and a job of nobody, say what to do', async ({ page }) => {
  await signIn(page, 'Jon Tarrow')
  await page.goto('/jobs/00000000-0000-4000-8000-000000000000/descent')
  await expect(page.getByRole('heading', { name: 'This job cannot be opened.' })).toBeVisible()
  await page.getByRole('link', { name: 'To the floor' }).click()
  await expect(page.getByRole('heading', { name: /stand/ })).toBeVisible()
  await page.goto('/nowhere')
  await expect(page.getByRole('heading', { name: /stand/ })).toBeVisible()
})

test('who signs out is asked again; a wrong password says so', async ({ page }) => {
  await signIn(page, 'Mara Okwell')
  await page.getByRole('button', { name: 'Sign out' }).click()
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible()
  await page.goto('/models')
  await expect(page).toHaveURL(/sign-in\?to=/)
  await page.getByLabel('Login').fill('mara')
  await page.getByLabel('Password').fill('wrong')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('alert')).toContainText('Check both')
  await page.getByLabel('Password').fill('take-it-apart')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('heading', { name: 'Models' })).toBeVisible()
})
