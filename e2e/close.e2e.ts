import { execFile } from 'node:child_process'
import { mkdtemp, readdir, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { promisify } from 'node:util'
import sharp from 'sharp'
import { closeMachine, comeIn, expect, newJob, nothingWaits, test } from './test/test.ts'

const run = promisify(execFile)

test('a clean close: balance, time, sign-off, its record sheet as PDF, and the machine that comes back', async ({
  page,
}) => {
  await comeIn(page, 'Jon Tarrow')
  const path = await newJob(page, '2231-8201')
  await page.goto(`${path}/descent`)
  const lines = ['power off', '4x T20x12 rear panel @A1', 'off rear panel, opens rear', 'rear: plug P1 white 3w']
  for (const [i, words] of lines.entries()) {
    await page.getByLabel('Quick line').fill(words)
    await page.getByRole('button', { name: /^Step down/ }).click()
    await expect(page.getByRole('heading', { name: `Descent, step ${i + 2}`, exact: true })).toBeAttached()
  }
  await test.step('back, with a check, a photo of now, and tools counted out at the gate', async () => {
    await page.getByRole('link', { name: 'Return', exact: true }).click()
    await page.getByRole('button', { name: /^Tugged: it holds/ }).click()
    await page.getByRole('button', { name: 'Photo of now' }).click()
    await expect(page.getByRole('figure', { name: 'The photo of now' })).toBeVisible()
    const strong = page.getByRole('button', { name: /^(Fitted|Next step|Prove the machine)/ })
    const all = page.getByRole('banner')
    while (!(await all.textContent())!.includes('nothing off')) {
      const before = (await page.getByRole('main').textContent())!
      await page.keyboard.press('Shift+Space')
      await expect(page.getByRole('main')).not.toHaveText(before)
      if (/^Next step/.test((await strong.textContent())!)) await strong.click()
    }
  })
  await test.step('signed off and closed', async () => {
    await page.getByRole('link', { name: 'Close', exact: true }).click()
    await expect(page.getByRole('heading', { name: 'Nothing is owed.' })).toBeVisible()
    await page.getByLabel('What to tell the customer').fill('Plug was loose; it is locked now')
    await page.getByLabel('Signed off by').fill('M. Okwell')
    await closeMachine(page)
    await expect(page.getByRole('heading', { name: 'Closed, not proved.' })).toBeVisible()
    await expect(page.getByText('Signed off: M. Okwell.')).toBeVisible()
    await expect(page.getByRole('region', { name: 'Gates passed' })).toContainText('rear: clean')
    await expect(page.getByRole('region', { name: 'Time' })).toContainText(/1 of \d+ checks by hand/)
    await expect(page.getByRole('row', { name: /fasteners/ })).toContainText('4')
    await nothingWaits(page)
  })
  await test.step('the record sheet is a PDF with what happened, drawn in ink', async () => {
    const address = await page.getByRole('link', { name: 'Record sheet (PDF)' }).getAttribute('href')
    const reply = await page.request.get(address!)
    expect(reply.headers()['content-type']).toContain('application/pdf')
    const folder = await mkdtemp(join(tmpdir(), 'dialytica-record-'))
    const file = join(folder, 'record.pdf')
    await writeFile(file, await reply.body())
    const { stdout } = await run('pdftotext', ['-layout', file, '-'])
    for (const words of [
      '2231-8201',
      'Closed, not proved',
      'M. Okwell',
      'Plug was loose',
      'fasteners',
      'As it was left',
    ])
      expect(stdout).toContain(words)
    await run('pdftoppm', ['-r', '40', '-png', file, join(folder, 'page')])
    for (const name of (await readdir(folder)).filter(f => f.endsWith('.png'))) {
      const { data } = await sharp(join(folder, name)).removeAlpha().raw().toBuffer({ resolveWithObject: true })
      expect(data.filter((v, i) => i % 3 === 0 && v < 90).length, name).toBeGreaterThan(100)
      // Black and white: red and blue are the same everywhere.
      const colours = data.filter((v, i) => i % 3 === 0 && Math.abs(v - data[i + 2]!) > 12)
      expect(colours.length, name).toBe(0)
    }
  })
  await test.step('the job as JSON is known when it comes in again, and refused where it is bent', async () => {
    const address = await page.getByRole('link', { name: 'Job as JSON' }).getAttribute('href')
    const here = page.url()
    const record = await (await page.request.get(address!)).text()
    await page.goto('/take-in')
    const file = { name: 'job.json', mimeType: 'application/json' }
    const input = page.locator('input[type=file]').first()
    await input.setInputFiles({ ...file, buffer: Buffer.from(record.replace('"front-loader"', '"dryer"')) })
    await expect(page.getByRole('alert')).toContainText('must be one of front-loader, top-loader')
    await input.setInputFiles({ ...file, buffer: Buffer.from(record) })
    const look = page.getByRole('region', { name: 'What taking it in will do' })
    await expect(look).toContainText('4 steps')
    await expect(look).toContainText('here already')
    await page.goto(here)
  })
  await test.step('it comes back: a new job, joined to the first', async () => {
    await page.getByRole('button', { name: 'It came back: open a call-back' }).click()
    await page.getByLabel('What it does now').fill('Plug came loose again')
    await page.getByRole('button', { name: 'Open the call-back' }).click()
    await expect(page).toHaveURL(/\/intake$/)
    await page.getByRole('link', { name: 'Close', exact: true }).click()
    await page.getByRole('link', { name: 'the job before' }).click()
    await expect(page.getByRole('heading', { name: 'Closed, not proved.' })).toBeVisible()
    await nothingWaits(page)
  })
})
