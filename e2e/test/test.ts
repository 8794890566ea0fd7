import { randomUUID } from 'node:crypto'
import { expect, test as base, type BrowserContextOptions, type Locator, type Page } from '@playwright/test'
import type { DemoAccount } from '@dialytica/core/wire'
import { testServer, type TestServer } from './server.ts'

interface Fixtures {
  baseURL: string
  /** A page on a device of its own, put away when the test ends. */
  another: (device?: BrowserContextOptions) => Promise<Page>
}

/** Every worker has a server of its own with the demo loaded. */
export const test = base.extend<Fixtures, { server: TestServer }>({
  server: [
    async ({}, use) => {
      const server = await testServer()
      await use(server)
      await server.end()
    },
    { scope: 'worker', timeout: 600_000 },
  ],
  baseURL: async ({ server }, use) => use(server.url),
  another: async ({ browser, server }, use) => {
    const pages: Page[] = []
    await use(async device => {
      const context = await browser.newContext({
        baseURL: server.url,
        viewport: { width: 1280, height: 800 },
        ...device,
      })
      const page = await context.newPage()
      pages.push(page)
      return page
    })
    for (const page of pages) await page.context().close()
  },
})
export { expect }

/** Signs in with a demo account by one tap. */
export async function signIn(page: Page, name: string): Promise<void> {
  await page.goto('/sign-in')
  // A font that comes late moves what is under the pointer between its down and its up.
  await page.getByRole('button', { name }).waitFor()
  await page.evaluate(() => document.fonts.ready)
  await page.getByRole('button', { name }).click()
  await expect(page.getByRole('heading', { name: /stand/ })).toBeVisible()
}

/** The same without a page: for what begins elsewhere than on the floor. */
export async function comeIn(page: Page, name: string): Promise<void> {
  const accounts = (await (await page.request.get('/api/demo-accounts')).json()) as DemoAccount[]
  const { login, password } = accounts.find(a => a.name === name)!
  expect((await page.request.post('/api/session', { data: { login, password } })).ok()).toBe(true)
}

/** Closes the machine from its close-out; what was never tried of its proof says why. */
export async function closeMachine(page: Page, by: 'click' | 'tap' = 'click'): Promise<void> {
  const close = page.getByRole('button', { name: /^Close( clean|, not proved)$/ })
  await close.waitFor()
  const why = page.getByLabel(/^Why .* not proved$/)
  if (await why.isVisible()) await why.fill('the owner tries it')
  await close[by]()
}

/** The count beside a kind in the head: what is off the machine. */
export const off = (page: Page, words: string | RegExp) =>
  page.getByRole('banner').getByRole('listitem').filter({ hasText: words })

/** A job as the API tells it. */
interface Told {
  id: string
  changedAt: string
  closedAt: string | null
  unit: { serial: string }
  summary: { complaint: string; clean: boolean; steps: number; owed: Record<string, number> }
}
/** Every job of the shop, part by part as the server tells them. */
export async function allJobs(page: Page): Promise<Told[]> {
  const all: Told[] = []
  for (;;) {
    const last = all.at(-1)
    const before = last ? `?before=${last.changedAt}_${last.id}` : ''
    const some = (await (await page.request.get(`/api/jobs${before}`)).json()) as Told[]
    all.push(...some)
    if (some.length < 50) return all
  }
}
/** The way from the floor to the machine of a serial: looked for by it, since many stand there. */
export async function onTheFloor(page: Page, serial: string): Promise<Locator> {
  await page.getByRole('textbox', { name: 'Which machines' }).fill(serial)
  // What was pressed while the list is narrowed would move away from under the pointer.
  const machines = page.getByRole('list', { name: 'Machines that stand open' }).locator('> li')
  await expect(machines.filter({ hasNotText: serial })).toHaveCount(0)
  return page.getByRole('link', { name: new RegExp(`Go on with .* ${serial}`) })
}
/** Chooses a model of the shop, looked for by its code. */
export async function chooseModel(page: Page, code: string): Promise<void> {
  await page.goto('/models')
  await page.getByRole('textbox', { name: 'Which models' }).fill(code)
  await page
    .getByRole('button', { name: new RegExp(code) })
    .first()
    .click()
}

/** How wide a picture is, in pixels of its own: a broken one is complete as well, and has none. */
export const pixelsOf = (picture: Locator): Promise<number> =>
  picture
    .first()
    .evaluate(i => (i as HTMLImageElement).naturalWidth)
    .catch(() => 0)

/** The strip that says what waits on this device. */
export const strip = (page: Page) => page.getByRole('status', { name: 'What waits on this device' })

/** Ticks off by the strong action what has to be seen to before the machine is turned, one after the other. */
export async function seeToAll(page: Page): Promise<void> {
  const strong = page.getByRole('button', { name: /^(Seen to: |Step down|Turned( Space)?$|So it stands)/ })
  for (let words = await strong.textContent(); words?.startsWith('Seen to'); words = await strong.textContent()) {
    const before = words
    await strong.click()
    await expect.poll(() => strong.textContent()).not.toBe(before)
  }
}

/** Chooses from a list that opens. */
export async function choose(page: Page, label: string, option: string): Promise<void> {
  await page.getByRole('combobox', { name: label }).click()
  await page.getByRole('option', { name: option, exact: true }).click()
}

/** Takes a photo by key; it is the one on the stage from now on. */
export async function takePhoto(page: Page): Promise<void> {
  await page.keyboard.press('p')
  await expect(page.locator('[data-stage]')).toBeFocused()
}

/** Taps the photo at shares of its width and height. */
export async function tapPhoto(page: Page, x: number, y: number): Promise<void> {
  const stage = page.locator('[data-stage]')
  await expect(stage.locator('img')).toHaveJSProperty('complete', true)
  const box = (await stage.boundingBox())!
  await stage.click({ position: { x: box.width * x, y: box.height * y } })
}

/** All that a store of this device's database holds. */
const heldHere = <T>(page: Page, store: string) =>
  page.evaluate(
    name =>
      new Promise<unknown[]>((done, fail) => {
        const open = indexedDB.open('dialytica')
        open.onerror = () => fail(open.error)
        open.onsuccess = () => {
          const all = open.result.transaction([name]).objectStore(name).getAll()
          all.onsuccess = () => {
            open.result.close()
            done(all.result)
          }
        }
      }),
    store,
  ) as Promise<T[]>

/** True when nothing waits on this device any more. */
export const nothingWaits = (page: Page) =>
  expect
    .poll(async () => (await heldHere(page, 'events')).length + (await heldHere(page, 'shots')).length, {
      timeout: 120_000,
    })
    .toBe(0)

/** True when this device keeps the step in hand of a job with so many marks: a browser that ends now does not lose them. */
export const marksKept = (page: Page, job: string, marks: number) =>
  expect
    .poll(async () => {
      const drafts = await heldHere<{ job: string; step: { marks: unknown[] } }>(page, 'drafts')
      return drafts.find(draft => draft.job === job)?.step.marks.length
    })
    .toBe(marks)

/** Opens a job of its own on a new front loader, of a model of its own where one is named, as the person who is signed in; returns the path of the job. */
export async function newJob(page: Page, serial: string, named?: string): Promise<string> {
  const get = async <T>(path: string) => (await (await page.request.get(path)).json()) as T
  const me = await get<{ id: string }>('/api/session')
  const models = await get<{ id: string; family: string; code: string }[]>('/api/models')
  const model =
    models.find(m => (named ? m.code === named : m.code.startsWith('FL-'))) ??
    ((await (
      await page.request.post('/api/models', {
        data: { id: randomUUID(), maker: 'Corrane', code: named, family: 'front-loader', notes: '' },
      })
    ).json()) as { id: string; family: string })
  const [unit, job] = [randomUUID(), randomUUID()]
  const made = await page.request.post('/api/units', { data: { id: unit, modelId: model.id, serial, stands: '' } })
  expect(made.ok(), await made.text()).toBe(true)
  const opening = {
    id: randomUUID(),
    job,
    kind: 'job-opened',
    at: new Date().toISOString(),
    actor: me.id,
    device: 'test',
    body: { unit, family: model.family, complaint: '', plate: serial },
  }
  const reply = await page.request.post(`/api/jobs/${job}/events`, { data: { events: [opening] } })
  expect(((await reply.json()) as { refused: unknown[] }).refused).toEqual([])
  return `/jobs/${job}`
}

/** Signs in and opens the descent of a machine of its own; returns the path of the job. */
export async function beginDescent(page: Page, serial: string): Promise<string> {
  await comeIn(page, 'Jon Tarrow')
  const path = await newJob(page, serial)
  await page.goto(`${path}/descent`)
  await expect(page.getByRole('heading', { name: 'Descent, step 1', exact: true })).toBeAttached()
  return path
}
