import { randomUUID } from 'node:crypto'
import type { Locator, Page } from '@playwright/test'
import { expect, nothingWaits, test } from './test/test.ts'
import { jobWith, step } from './test/told-job.ts'

/** One way to do a whole comparison: what presses a control, and what writes into a field. */
interface Hand {
  press: (at: Locator) => Promise<void>
  write: (at: Locator, words: string) => Promise<void>
  pick: (at: Locator, words: string) => Promise<void>
}

/** Steps on with the tabulator until a control has the focus; of a list that opens, its frame has it. */
async function reach(page: Page, at: Locator): Promise<void> {
  await expect(at).toBeVisible()
  for (let i = 0; i < 160; i++) {
    if (await at.evaluate(e => (e.closest('.n-select') ?? e).contains(document.activeElement))) return
    await page.keyboard.press('Tab')
  }
  throw new Error(`not reached by the tabulator: ${at}`)
}
const keys = (page: Page): Hand => ({
  async press(at) {
    await reach(page, at)
    await page.keyboard.press('Enter')
  },
  async write(at, words) {
    await reach(page, at)
    await page.keyboard.press('Control+a')
    await page.keyboard.type(words)
    await page.keyboard.press('Tab')
  },
  async pick(at, words) {
    await reach(page, at)
    await page.keyboard.press('Enter')
    await page.keyboard.type(words)
    await expect(at).toHaveValue(words)
    await page.keyboard.press('Enter')
    await expect(at).toHaveAttribute('aria-expanded', 'false')
  },
})
const touch = (page: Page): Hand => ({
  press: at => at.tap(),
  async write(at, words) {
    await at.tap()
    await at.fill(words)
    await at.blur()
  },
  async pick(at, words) {
    const name = (await at.getAttribute('aria-label')) ?? ''
    await at.tap()
    await page.getByRole('listbox', { name }).getByRole('option', { name: words, exact: true }).tap()
  },
})

/** A pump with its plug on another side and a washer on the old one: compared, moved over, made to fit, the old one binned, the return told. */
async function compare(page: Page, serial: string, { press, write, pick }: Hand): Promise<void> {
  const lead = {
    id: randomUUID(),
    kind: 'unroute',
    place: 'pump lead',
    route: { type: 'harness', waypoints: [{ by: 'retainer' }] },
  }
  const pump = { id: randomUUID(), kind: 'replace-part', part: { name: 'drain pump' }, carryOver: [] }
  const path = await jobWith(page, serial, step('base', lead), step('base', pump))
  await page.goto(`${path}/descent`)
  await press(page.getByRole('link', { name: 'Bench', exact: true }))
  const row = (point: string) => page.getByRole('listitem', { name: point, exact: true })
  await write(row('volts').getByRole('textbox', { name: 'volts, old' }), '230')
  await write(row('volts').getByRole('textbox', { name: 'volts, new' }), '220-240')
  // One press on what is not said yet says that both have the same.
  for (const point of ['hertz', 'watts', 'ways']) {
    await write(row(point).getByRole('textbox', { name: `${point}, old` }), '50')
    await write(row(point).getByRole('textbox', { name: `${point}, new` }), '50')
    await expect(row(point)).toContainText('the same')
  }
  await press(row('fixing').getByRole('button'))
  await expect(row('fixing')).toContainText('the same')
  await pick(row('plug side').getByRole('combobox', { name: 'plug side, old' }), 'left')
  await pick(row('plug side').getByRole('combobox', { name: 'plug side, new' }), 'right')
  await expect(page.getByRole('status', { name: 'The verdict' })).toContainText('Fits when adapted.')
  await press(page.getByRole('button', { name: 'Keep it: compared' }))

  const old = page.getByRole('region', { name: 'The old part' })
  await press(old.getByRole('button', { name: 'two washers' }))
  await press(old.getByRole('button', { name: 'It goes over' }))
  await press(old.getByRole('button', { name: 'bin' }))
  await expect(old).toContainText('still on the old one')
  await press(old.getByRole('button', { name: 'Moved over' }))
  await press(old.getByRole('button', { name: 'bin' }))
  await expect(old).toContainText('Gone: bin')

  await press(page.getByRole('button', { name: 'Make it fit: plug side' }))
  const make = page.getByRole('form', { name: 'Make it fit: plug side' })
  await press(make.getByRole('button', { name: 'Add a point' }))
  await write(make.getByRole('textbox', { name: 'What point 1 is' }), 'right foot')
  await press(make.getByRole('button', { name: 'Put it into the return' }))
  await expect(page.getByText(/In the return: lay its lead to the right/)).toBeVisible()

  await press(page.getByRole('button', { name: 'In pieces' }))
  await write(page.getByRole('textbox', { name: 'What was made' }), 'wooden block')
  await press(page.getByRole('button', { name: 'Keep it', exact: true }))
  await expect(page.getByRole('region', { name: 'Tools made for it' })).toContainText('wooden block')
  await nothingWaits(page)
}

test('old against new by keyboard alone', async ({ page }) => {
  await compare(page, '2231-9211', keys(page))
})

test.describe('by touch on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })
  test('old against new by touch', async ({ page }) => {
    await compare(page, '2231-9212', touch(page))
  })
})
