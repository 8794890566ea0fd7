import { readFile } from 'node:fs/promises'
import { expect, test } from './test/test.ts'
import { jobWith, off, screws, step } from './test/told-job.ts'

test('a job leaves in open formats: tables, the order as a graph, the Valley, and the way back as one page that opens without a network', async ({
  page,
}) => {
  const path = await jobWith(
    page,
    '9303-0010',
    step('outside', screws('rear panel', 8, { cell: 'B3', fastener: { drive: 'torx', size: 'T20', length: 12 } })),
    step('outside', off('rear panel', ['rear'])),
    step('drive', off('drive belt')),
  )
  await page.goto(`${path}/close`)
  await page.getByText('Take it out').click()
  const taken = async (words: string) => {
    const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: words }).click()])
    return readFile(await file.path(), 'utf8')
  }
  expect(await taken('Fasteners (CSV)')).toContain('1,outside,rear panel,8,torx,T20')
  expect((await taken('Steps (CSV)')).trim().split('\r\n')).toHaveLength(4)
  expect(await taken('Order (DOT)')).toContain('digraph return {')
  const parsed = (text: string, tag: string) =>
    page.evaluate(
      ([xml, name]) => {
        const read = new DOMParser().parseFromString(xml!, 'application/xml')
        return { faults: read.getElementsByTagName('parsererror').length, of: read.getElementsByTagName(name!).length }
      },
      [text, tag],
    )
  expect(await parsed(await taken('Order (GraphML)'), 'node')).toEqual({ faults: 0, of: 3 })
  expect((await parsed(await taken('Valley (SVG)'), 'path')).faults).toBe(0)

  // On any phone, without a network.
  const html = await taken('The way back, one page (HTML)')
  const phone = await page
    .context()
    .browser()!
    .newContext({ offline: true, viewport: { width: 390, height: 844 } })
  const there = await phone.newPage()
  await there.setContent(html)
  await expect(there.getByRole('checkbox')).toHaveCount(3)
  await expect(there.getByText('from B3')).toBeVisible()
  await there.getByRole('checkbox').first().check()
  await phone.close()
})
