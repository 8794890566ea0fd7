import { chromium } from '@playwright/test'
import { join } from 'node:path'
import { parseArgs } from 'node:util'
import { flags } from './chromium-flags.mjs'
import { chromiumPath } from './machine.mjs'
import { root } from './paths.mjs'

/** Takes a PNG of each main view from the demo data of a running application. `npm start` first. */
const { values } = parseArgs({
  options: { only: { type: 'string' }, to: { type: 'string' }, size: { type: 'string' }, theme: { type: 'string' } },
})
const base = `http://127.0.0.1:${process.env.PORT ?? 7340}`
const [width, height] = (values.size ?? '1280x800').split('x').map(Number)

const browser = await chromium.launch({ executablePath: chromiumPath(), args: flags })
const context = await browser.newContext({ viewport: { width, height } })
const page = await context.newPage()
const theme = values.theme
if (theme) await page.addInitScript(name => localStorage.setItem('theme', name), theme)

const jobs = async () => (await context.request.get(`${base}/api/jobs`)).json()
const job = async complaint => (await jobs()).find(j => j.summary.complaint.includes(complaint)).id
const settled = () => page.waitForFunction(() => [...document.images].every(i => i.complete && i.naturalWidth))

/** Each view by its name: how to come to it. */
const views = {
  async 'sign-in'() {
    await context.clearCookies()
    await page.goto(`${base}/sign-in`)
    await page.getByRole('button', { name: 'Jon Tarrow' }).waitFor()
  },
  async floor() {
    await page.goto(base)
    await page.getByRole('list', { name: 'Machines that stand open' }).getByRole('listitem').first().waitFor()
  },
  async intake() {
    await page.goto(`${base}/jobs/${await job('hums at the lid')}/intake`)
    await page.getByText('hinge cover').waitFor()
  },
  async cause() {
    await page.goto(`${base}/jobs/${await job('Water stays')}/triage`)
    await page.getByRole('button', { name: /open the filter/ }).click()
    await page.getByRole('heading', { name: 'Open the filter.' }).waitFor()
  },
  async 'way-in'() {
    const all = await (await context.request.get(`${base}/api/models`)).json()
    const model = all.find(m => m.code === 'FL-84').id
    await page.goto(`${base}/models/${model}/way-in?part=drain%20pump`)
    await page.getByRole('article').nth(1).waitFor()
    await page.getByText('T20 driver').click()
  },
  async descent() {
    await page.goto(`${base}/jobs/${await job('Trips the breaker')}/descent`)
    await page.getByRole('button', { name: 'Photo', exact: false }).first().click()
    const stage = page.locator('[data-stage]')
    await stage.waitFor()
    const box = await stage.boundingBox()
    const tap = (x, y) => page.mouse.click(box.x + box.width * x, box.y + box.height * y)
    // where the things of this scene are on the average photo
    const at = (x, y) => tap(0.5 + (x - 0.5) * 1.09, 0.5 + (y - 0.5) * 1.09)
    await page.keyboard.press('4')
    const spots = [
      [0.745, 0.19],
      [0.63, 0.215],
      [0.53, 0.14],
    ].map(([x, y]) => [box.x + box.width * x, box.y + box.height * y])
    await page.mouse.move(...spots[0])
    await page.mouse.down()
    for (const spot of spots.slice(1)) await page.mouse.move(...spot, { steps: 8 })
    await page.mouse.up()
    await page.keyboard.press('3')
    await at(0.83, 0.69)
    await page.keyboard.press('1')
    await at(0.887, 0.31)
    await page.keyboard.press('/')
    await page.keyboard.type('8 mm x14')
    await page.keyboard.press('Enter')
    await page.keyboard.press('Escape')
  },
  async narration() {
    await page.goto(`${base}/jobs/${await job('Trips the breaker')}/narration`)
    const spoken = join(root, 'scripts', 'narrations', 'spoken', 'ines.vtt')
    await page.locator('input[type=file]').setInputFiles(spoken)
    await page.getByRole('button', { name: /^Step 3 at/ }).click()
    await page.getByRole('heading', { name: /^Draft 3 of/ }).waitFor()
  },
  async book() {
    const models = await (await context.request.get(`${base}/api/models`)).json()
    await page.goto(`${base}/models/${models.find(m => m.code === 'FL-84').id}/book`)
    await page.locator('.node').nth(6).click()
    await settled()
  },
  async search() {
    await page.goto(`${base}/search?words=drain%20pump`)
    await page.getByText('drain pump').first().waitFor()
    await page.locator('.row').nth(4).waitFor()
    await settled()
  },
  async 'take-in'() {
    await page.goto(`${base}/take-in`)
    await page
      .locator('input[type=file]')
      .first()
      .setInputFiles(join(root, 'docs', 'example-job.json'))
    await page.getByRole('button', { name: /^Take in one/ }).waitFor()
  },
  async bench() {
    await page.goto(`${base}/jobs/${await job('smell of hot varnish')}/bench`)
    await page.getByRole('status', { name: 'The verdict' }).waitFor()
  },
  async return() {
    await page.goto(`${base}/jobs/${await job('Bangs in the spin')}/return`)
    await page.locator('[data-mark]').first().waitFor()
    await page.getByRole('button', { name: /^Back, step 6,/ }).click()
    await page.getByText('As numbered').waitFor()
  },
  async 'then-and-now'() {
    await page.goto(`${base}/jobs/${await job('smell of hot varnish')}/return`)
    await page.getByRole('button', { name: /^Back, step 7,/ }).click()
    await page.getByRole('button', { name: /Photo of now/ }).click()
    await page.getByRole('button', { name: /Lay over/ }).click()
    await page.getByRole('button', { name: 'Wipe' }).click()
    await page.getByText('differ: look at them').waitFor()
  },
  async gate() {
    await page.goto(`${base}/jobs/${await job('smell of hot varnish')}/return`)
    await page.getByRole('button', { name: /^Back, step 6,/ }).click()
    await page.getByText('Gate: this step').waitFor()
  },
  async things() {
    await page.goto(`${base}/jobs/${await job('Bangs in the spin')}/things`)
    await page.getByText('Runs over it').waitFor()
    await page.locator('[data-mark]').first().waitFor()
  },
  async proof() {
    await page.goto(`${base}/jobs/${await job('pump hums')}/proof`)
    await page.getByRole('button', { name: 'pour and look' }).click()
    await page.getByRole('timer').waitFor()
    await page.locator('[data-mark]').first().waitFor()
  },
  async finder() {
    await page.goto(`${base}/jobs/${await job('Walks in the spin')}/finder`)
    await page.getByRole('list', { name: 'Where to look, in this order' }).waitFor()
  },
  async valley() {
    await page.goto(`${base}/jobs/${await job('Auto-dosing')}/valley`)
    await page
      .getByRole('button', { name: /Back, steps? / })
      .first()
      .waitFor()
  },
  async close() {
    await page.goto(`${base}/jobs/${await job('Auto-dosing')}/close`)
    await page.getByRole('heading', { name: 'Closed clean.' }).waitFor()
  },
  async people() {
    await context.request.post(`${base}/api/session`, { data: { login: 'mara', password: 'take-it-apart' } })
    await page.goto(`${base}/people`)
    const people = page.getByRole('region', { name: 'People' })
    await people.getByText('Pia Sandel').waitFor()
    const row = people.getByRole('listitem').filter({ hasText: 'Ivo Brandt' })
    if (await row.count())
      for (const name of ['New code', 'New code, yes']) await row.getByRole('button', { name, exact: true }).click()
    else {
      const form = page.getByRole('form', { name: 'Add somebody' })
      await form.getByLabel('Name').fill('Ivo Brandt')
      await form.getByLabel('Login').fill('ivo')
      await form.getByRole('button', { name: /^Add/ }).click()
    }
    await page.getByRole('img', { name: /^Code for/ }).waitFor()
  },
}

if (values.only !== 'sign-in')
  await context.request.post(`${base}/api/session`, { data: { login: 'jon', password: 'take-it-apart' } })
const wanted = values.only ? values.only.split(',') : Object.keys(views).filter(v => v !== 'sign-in')
for (const name of wanted) {
  // Each picture begins with nothing in hand.
  await page.goto(`${base}/icon.svg`)
  await page.evaluate(async () => {
    for (const kept of await caches.keys()) await caches.delete(kept)
    await new Promise(done => (indexedDB.deleteDatabase('dialytica').onsuccess = done))
  })
  await views[name]()
  await settled()
  await page.waitForTimeout(300)
  const file = values.to ?? join(root, 'docs', 'screenshots', `${name}.png`)
  await page.screenshot({ path: values.to ? `${values.to}/${name}.png` : file })
  console.log(`${name}.png`)
}
await browser.close()
