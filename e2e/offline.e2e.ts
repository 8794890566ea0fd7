import { mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium, type BrowserContext, type Page } from '@playwright/test'
import { expect, marksKept, newJob, nothingWaits, off, signIn, strip, tapPhoto, test } from './test/test.ts'

// As it is on the devices of a shop, which keep the application.
test.use({ serviceWorkers: 'allow' })

const step = (page: Page, n: number) =>
  expect(page.getByRole('heading', { name: `Descent, step ${n}`, exact: true })).toBeAttached()
/** The application is on this device, and what is opened from now on is answered from it. */
async function atHand(page: Page): Promise<void> {
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  await page.reload()
  await expect.poll(() => page.evaluate(() => Boolean(navigator.serviceWorker.controller))).toBe(true)
}
/** A browser with a profile of its own on disk, to be closed and opened again. */
async function device(baseURL: string) {
  const folder = await mkdtemp(join(tmpdir(), 'dialytica-browser-'))
  const { launchOptions, viewport } = test.info().project.use
  let context: BrowserContext
  const open = async () => {
    context = await chromium.launchPersistentContext(folder, { ...launchOptions, baseURL, viewport: viewport ?? null })
    return context.pages()[0] ?? (await context.newPage())
  }
  return {
    open,
    close: () => context.close(),
    async end() {
      await context.close()
      await rm(folder, { recursive: true, force: true })
    },
  }
}

test('intake to the last step of the descent: no server from its first step on, the browser closed twice, 40 steps and 40 photos, then all goes up', async ({
  server,
}) => {
  const bench = await device(server.url)
  let page = await bench.open()
  await signIn(page, 'Jon Tarrow')
  await page.getByRole('link', { name: /A machine comes in/ }).click()
  await page.getByLabel('Rating plate').fill('FL-84 2231-4040')
  await page.getByRole('button', { name: 'Open the machine' }).click()
  await expect(page.getByRole('heading', { name: 'Make it safe' })).toBeVisible()
  for (let i = 0; i < 3; i++) {
    await page.keyboard.press('PageDown')
    await expect(page.getByText('done', { exact: true })).toHaveCount(i + 1)
  }
  await page.getByRole('button', { name: 'Go down' }).click()
  await step(page, 2)
  await nothingWaits(page)
  await atHand(page)
  await step(page, 2)
  const path = new URL(page.url()).pathname
  const id = path.split('/')[2]!
  await server.kill()

  /** One photo, one tap, one key. */
  async function goDown(n: number): Promise<void> {
    await page.keyboard.press('p')
    await tapPhoto(page, 0.2 + (n % 7) / 12, 0.3 + (n % 5) / 12)
    await page.keyboard.press('PageDown')
    await step(page, n + 1)
  }
  const reopen = async (n: number) => {
    await bench.close()
    page = await bench.open()
    await page.goto(path)
    await step(page, n)
  }
  for (let n = 2; n <= 15; n++) await goDown(n)
  await expect(strip(page)).toContainText(/\d+ acts and 14 photos wait on this device, [\d.]+ MB/)

  await test.step('closed in the middle of a step and opened again without a server', async () => {
    await page.keyboard.press('p')
    await tapPhoto(page, 0.5, 0.5)
    await marksKept(page, id, 1)
    await reopen(16)
    await expect(page.getByRole('button', { name: /^Marked fastener/ })).toBeVisible()
    await expect(off(page, '14 fasteners')).toBeVisible()
    await page.keyboard.press('PageDown')
    await step(page, 17)
  })
  for (let n = 17; n <= 28; n++) await goDown(n)
  await marksKept(page, id, 0)
  await reopen(29)
  for (let n = 29; n <= 41; n++) await goDown(n)
  await expect(strip(page)).toContainText(/40 photos wait/)

  await server.start()
  await nothingWaits(page)
  await expect(strip(page)).toBeHidden()

  const log = (await (await page.request.get(`/api/jobs/${id}/events`)).json()) as {
    id: string
    seq: number
    at: string
    kind: string
    body: { step?: { id: string; photos: { hash: string }[]; moves: { kind: string }[] } }
  }[]
  const steps = log.filter(e => e.kind === 'step-recorded')
  expect(steps).toHaveLength(41)
  expect(new Set(log.map(e => e.id)).size).toBe(log.length)
  expect(log.map(e => e.seq)).toEqual(log.map((_, i) => i + 1))
  const recorded = steps.map(e => e.at)
  expect(recorded).toEqual([...recorded].sort())
  const hashes = steps.flatMap(e => e.body.step!.photos.map(p => p.hash))
  expect(new Set(hashes).size).toBe(40)
  for (const hash of hashes) expect((await page.request.get(`/api/photos/${hash}/thumb`)).status()).toBe(200)
  await expect(off(page, '40 fasteners')).toBeVisible()
  await bench.end()
})

test('two devices on one job while one of them has no server: both see all of it afterwards', async ({ server }) => {
  const [one, two] = [await device(server.url), await device(server.url)]
  const [jon, pia] = [await one.open(), await two.open()]
  await signIn(jon, 'Jon Tarrow')
  await signIn(pia, 'Pia Sandel')
  const path = await newJob(jon, '2231-4141')
  for (const page of [jon, pia]) {
    await page.goto(`${path}/descent`)
    await step(page, 1)
  }
  await atHand(jon)
  await step(jon, 1)
  await jon.context().setOffline(true)
  await jon.reload()
  await step(jon, 1)
  const line = async (page: Page, words: string, next: number) => {
    await page.getByLabel('Quick line').fill(words)
    await page.getByRole('button', { name: /^Step down/ }).click()
    await step(page, next)
  }
  await line(jon, 'power off', 2)
  await line(pia, '2x T20x12 lid @A1', 2)
  await line(jon, 'top: plug P1 white 3w red/blue/green', 3)
  await line(pia, 'off top panel', 3)
  await expect(strip(jon)).toContainText(/2 acts wait on this device/)
  await jon.reload()
  await step(jon, 3)

  await jon.context().setOffline(false)
  await nothingWaits(jon)
  for (const page of [jon, pia]) {
    await step(page, 5)
    await expect(off(page, '2 fasteners')).toBeVisible()
    await expect(off(page, '1 connector')).toBeVisible()
    await expect(off(page, '1 isolation')).toBeVisible()
  }
  const names = (page: Page) =>
    page.getByRole('button', { name: /^Down, step/ }).evaluateAll(all => all.map(b => b.getAttribute('aria-label')))
  expect(await names(jon)).toEqual(await names(pia))
  await one.end()
  await two.end()
})
