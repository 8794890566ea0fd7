import type { Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import sharp from 'sharp'
import { expect, signIn, test } from './test/test.ts'

const file = (page: Page, name: RegExp) =>
  page
    .getByRole('main')
    .locator('.pick', { has: page.getByRole('button', { name }) })
    .locator('input[type=file]')
const aFile = /^A recording/
const look = (page: Page) => page.getByRole('region', { name: 'What taking it in will do' })
const open = async (page: Page) => {
  await page.getByRole('link', { name: 'Models' }).click()
  await page.getByRole('link', { name: 'Take in from outside' }).click()
  await expect(page.getByRole('heading', { name: 'Take in from outside' })).toBeVisible()
}
const example = JSON.parse(
  readFileSync(fileURLToPath(new URL('../docs/example-job.json', import.meta.url)), 'utf8'),
) as Record<string, unknown>
const json = (value: object) => ({
  name: 'a job.json',
  mimeType: 'application/json',
  buffer: Buffer.from(JSON.stringify(value)),
})

test('a job of another shop is looked at, taken in, found among the models, and taken back; what is not right says why', async ({
  page,
}) => {
  await signIn(page, 'Jon Tarrow')
  await open(page)
  await file(page, aFile).setInputFiles(json({ ...example, version: 9 }))
  await expect(page.getByText('this file is of a later version')).toBeVisible()
  await file(page, aFile).setInputFiles(json(example))
  await expect(look(page)).toContainText('26 steps')
  await expect(look(page)).toContainText('Nothing is changed yet.')
  await look(page).getByRole('button', { name: 'Take in one job' }).click()
  await expect(page.getByText('one job taken in.')).toBeVisible()
  await page.getByRole('link', { name: 'Open it' }).click()
  await expect(page).toHaveURL(/\/jobs\/.*\/valley/)
  const job = page.url().split('/').at(-2)!
  await page.goBack()
  await test.step('once more it is known', async () => {
    await file(page, aFile).setInputFiles(json(example))
    await expect(look(page)).toContainText('here already, left out')
    await expect(look(page).getByRole('button', { name: 'All of it is here already' })).toBeDisabled()
    await look(page).getByRole('button', { name: 'Leave it' }).click()
    await expect(look(page)).toBeHidden()
  })
  const lately = page.getByRole('region', { name: 'Taken in lately' })
  await lately.getByRole('button', { name: 'Take back' }).first().click()
  await expect(lately).toContainText('taken back')
  expect((await page.request.get(`/api/jobs/${job}`)).status()).toBe(404)
})

test('the book of a model leaves as a zip and comes home: all of it is known', async ({ page }) => {
  await signIn(page, 'Mara Okwell')
  const models = (await (await page.request.get('/api/models')).json()) as { id: string; code: string }[]
  await page.goto(`/models/${models.find(m => m.code === 'FL-84')!.id}/book`)
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Book with its recordings (zip)' }).click(),
  ])
  expect(download.suggestedFilename()).toBe('book-FL-84.zip')
  await open(page)
  await file(page, aFile).setInputFiles({
    name: 'book.zip',
    mimeType: 'application/zip',
    buffer: readFileSync(await download.path()),
  })
  await expect(look(page)).toContainText('A book of Corrane FL-84')
  await expect(look(page)).toContainText('left out where it was recorded: serial, place, names')
  await expect(look(page).getByRole('button', { name: 'All of it is here already' })).toBeDisabled()
})

const sheet = `Pos;Where;Work;Pieces;Bolt;mm
1;rear;screws of the cover;6;T20;14
2;rear;cover off;;;
3;base;unplug pump, blue 2 way;;;
4;base;gribble;;;`

test('a table of somebody else: its columns are told by hand, and it becomes a recording', async ({ page }) => {
  await signIn(page, 'Jon Tarrow')
  await open(page)
  await file(page, aFile).setInputFiles({ name: 'my sheet.csv', mimeType: 'text/csv', buffer: Buffer.from(sheet) })
  const table = page.getByRole('region', { name: 'How the table is read' })
  const column = async (name: string, role: string) => {
    await table.getByRole('combobox', { name: `Column ${name}` }).click()
    await page
      .getByRole('listbox', { name: `Column ${name}` })
      .getByRole('option', { name: role, exact: true })
      .click()
  }
  await expect(table.getByRole('status')).toContainText('3 of 4 rows are understood')
  await column('Work', 'left out')
  await expect(table.getByRole('status')).toContainText('1 of 4 rows')
  await column('Work', 'what is done')
  await expect(table.getByRole('status')).toContainText('3 of 4 rows are understood')
  await expect(table).toContainText('take out six T20 × 14')
  await expect(table).toContainText('not understood: gribble')
  await page.getByRole('textbox', { name: 'Serial' }).fill('9305-0001')
  await page.getByRole('button', { name: 'Look at 4 steps' }).click()
  await expect(look(page)).toContainText('4 steps, 3 acts')
  await expect(look(page)).toContainText('comes in closed')
  await look(page).getByRole('button', { name: 'Take in one job' }).click()
  await page.getByRole('link', { name: 'Open it' }).click()
  await expect(page.getByText('9305-0001')).toBeVisible()
})

test.describe('by touch on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })
  test('photos of the phone become steps in the order of their time', async ({ page }) => {
    await signIn(page, 'Jon Tarrow')
    await page.goto('/take-in')
    const shot = async (name: string, background: string, at: string) => ({
      name,
      mimeType: 'image/jpeg',
      buffer: await sharp({ create: { width: 120, height: 90, channels: 3, background } })
        .jpeg()
        .withExif({ IFD2: { DateTimeOriginal: at } })
        .toBuffer(),
    })
    const photos = await Promise.all([
      shot('b.jpg', '#844', '2026:01:05 08:10:00'),
      shot('a.jpg', '#484', '2026:01:05 08:00:00'),
      shot('c.jpg', '#448', '2026:01:05 08:10:08'),
    ])
    await file(page, /^Photos/).setInputFiles(photos)
    const steps = page.getByRole('region', { name: 'Steps of the photos' })
    await expect(steps.getByRole('listitem')).toHaveCount(2)
    await expect(steps.getByRole('listitem').nth(1).locator('img')).toHaveCount(2)
    await page.getByRole('textbox', { name: 'Serial' }).fill('9305-0002')
    await page.getByRole('button', { name: 'Look at 2 steps' }).tap()
    await expect(look(page)).toContainText('2 steps, 0 acts, 3 photos')
    await look(page).getByRole('button', { name: 'Take in one job' }).tap()
    await expect(page.getByText('one job taken in.')).toBeVisible()
  })
})
