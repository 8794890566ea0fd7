import { readFile } from 'node:fs/promises'
import { cellCode, moveCode } from '@dialytica/core/labels'
import { comeIn, expect, newJob, nothingWaits, test } from './test/test.ts'

test('labels are seen as they print, saved as SVG, fetched as PDF; a scanner that types leads back to their items', async ({
  page,
}) => {
  await comeIn(page, 'Jon Tarrow')
  const path = await newJob(page, '2231-7001')
  const job = path.split('/')[2]!
  await page.goto(`${path}/descent`)
  const told = async (words: string, next: number) => {
    await page.getByLabel('Quick line').fill(words)
    await page.getByRole('button', { name: /^Step down/ }).click()
    await expect(page.getByRole('heading', { name: `Descent, step ${next}`, exact: true })).toBeAttached()
  }
  await told('4x T20x18 pump @B3', 2)
  await told('plug P1 white 3w pump', 3)

  await page.getByRole('link', { name: 'Labels' }).click()
  const sheet = page.getByRole('img', { name: /^Sheet 1 of 1: 20 labels/ })
  await expect(sheet).toContainText('four T20 × 18')
  await page.getByRole('button', { name: /^connectors/ }).click()
  await expect(page.getByRole('img', { name: /21 labels/ })).toContainText('P1')
  await page.getByRole('button', { name: 'Tape 12 mm' }).click()
  await expect(page.getByRole('img', { name: /^Sheet 1 of 21/ })).toBeVisible()
  await page.getByRole('button', { name: 'Letter, 3 × 10' }).click()
  await page.getByRole('button', { name: 'One place more' }).click()
  const saved = page.waitForEvent('download')
  await page.getByRole('button', { name: 'SVG' }).click()
  expect(await readFile((await (await saved).path())!, 'utf8')).toContain('width="215.9mm" height="279.4mm"')
  const pdf = await page.request.get((await page.getByRole('link', { name: 'PDF to print' }).getAttribute('href'))!)
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')

  const scan = async (code: string) => {
    await page.keyboard.type(code)
    await page.keyboard.press('Enter')
  }
  const scanned = page.getByRole('status').filter({ hasText: 'Scanned' })
  await test.step('a plug: its step; a cell: what lies in it', async () => {
    const log = (await (await page.request.get(`/api${path}/events`)).json()) as {
      body: { step?: { id: string; moves: { id: string }[] } }
    }[]
    const plug = log.at(-1)!.body.step!
    await scan(moveCode(job, plug.moves[0]!.id))
    await expect(page).toHaveURL(new RegExp(`return\\?step=${plug.id}`))
    await expect(scanned).toContainText('P1')
    await scan(cellCode(job, 'B3'))
    await expect(scanned).toContainText('B3: four T20 × 18')
    await expect(page.getByRole('heading', { level: 1 })).toContainText('T20 × 18')
    await scan(cellCode(job, 'C1'))
    await expect(scanned).toContainText('Nothing lies in C1')
    await scan(cellCode('ffffffff-0000-4000-8000-000000000000', 'A1'))
    await expect(scanned).toContainText('another machine')
  })
  await test.step('on the way down a cell takes what is in hand, from the keys and from the line', async () => {
    await page.getByRole('link', { name: 'Descent', exact: true }).click()
    await page.keyboard.press('1')
    await expect(page.getByRole('list', { name: 'Moves of this step' })).toContainText('one screw')
    await scan(cellCode(job, 'D2'))
    await expect(scanned).toContainText('Into D2')
    await expect(page.getByRole('button', { name: /^Cell D2: 1/ })).toBeVisible()
    await page.getByLabel('Quick line').focus()
    await page.keyboard.type('T20 ')
    await scan(cellCode(job, 'E1'))
    await expect(page.getByLabel('Quick line')).toHaveValue('')
    await expect(page.getByRole('button', { name: /^Cell E1: 1 T20/ })).toBeVisible()
  })
  await nothingWaits(page)
})
