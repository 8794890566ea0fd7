import type { Page } from '@playwright/test'
import { beginDescent, expect, nothingWaits, off, takePhoto, tapPhoto, test } from './test/test.ts'

const step = (page: Page, n: number) =>
  expect(page.getByRole('heading', { name: `Descent, step ${n}`, exact: true })).toBeAttached()
const line = (page: Page) => page.getByLabel('Quick line')
async function told(page: Page, words: string, next: number): Promise<void> {
  await line(page).fill(words)
  await page.getByRole('button', { name: /^Step down/ }).click()
  await step(page, next)
}
const moves = (page: Page) => page.getByRole('list', { name: 'Moves of this step' })

test('a line of text is read as it is typed, corrected by a tap, completed from the words of the job', async ({
  page,
}) => {
  await beginDescent(page, '2231-5001')
  await line(page).fill('4x T20x18 pump bracket @D1; plug P1 white 3w')
  const said = page.getByRole('group', { name: 'What the line says' })
  for (const words of ['T20: drive', 'x18: long', '@D1: cell', 'P1: label'])
    await expect(said.getByRole('button', { name: new RegExp(words) })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Cell D1: 4 T20 × 18/ })).toBeVisible()
  await said.getByRole('button', { name: /x18: long/ }).click()
  await expect(page.getByRole('group', { name: 'Other readings of x18' })).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'x18', exact: true }).click()
  await page.getByRole('button', { name: /^Step down/ }).click()
  await step(page, 2)
  await expect(off(page, '4 fasteners')).toBeVisible()
  await line(page).fill('2x T15 pump b')
  await page.getByRole('button', { name: /^pump bracket …/ }).click()
  await expect(line(page)).toHaveValue(/pump bracket\s*$/)
  await line(page).press('Enter')
  await expect(moves(page)).toContainText('two T15, pump bracket')
  await page.keyboard.press('Escape')
  await page.keyboard.press('u')
  await expect(moves(page)).toBeHidden()
  await nothingWaits(page)
})

test('what is not sure in the line is read otherwise by one tap, or by a key', async ({ page }) => {
  await beginDescent(page, '2231-5006')
  const said = page.getByRole('group', { name: 'What the line says' })
  const owes = page.getByRole('list', { name: /^This step owes/ })
  await line(page).fill('front panel two t20 top, three bottom, lifted off')
  const instead = said.getByRole('button', { name: /three: or / })
  await expect(instead).toBeVisible()
  await expect(owes.getByText('5 fasteners')).toBeAttached()
  await instead.click()
  await expect(line(page)).toHaveValue(/kind=[a-z-]+ three/)
  await expect(owes.getByText('2 fasteners')).toBeAttached()

  await line(page).fill('front panel two t20 top, three bottom, lifted off')
  await expect(owes.getByText('5 fasteners')).toBeAttached()
  await instead.focus()
  await page.keyboard.press('Enter')
  await expect(line(page)).toHaveValue(/kind=[a-z-]+ three/)
  await page.getByRole('button', { name: /^Step down/ }).click()
  await step(page, 2)
  await nothingWaits(page)
})

test('a look-alike speaks up before it lies beside its like, and one tap puts it apart; plugs ask for a label', async ({
  page,
}) => {
  await beginDescent(page, '2231-5002')
  await told(page, 'tub: 4x T20x16 tub front @A1', 2)
  await line(page).fill('4x T20x18 pump bracket @A2')
  const tray = page.getByRole('region', { name: 'Tray' })
  await expect(tray.getByRole('note')).toContainText(
    'T20 × 18 looks like T20 × 16 in A1. 2 mm more reach the tub wall.',
  )
  await expect(tray.getByRole('button', { name: /Cell A1.*looks like what is in hand/ })).toBeVisible()
  const [, cell] = (await tray.getByRole('note').textContent())!.match(/Put it into ([A-Z]\d) instead/)!
  await tray.getByRole('button', { name: new RegExp(`^Cell ${cell}`) }).click()
  await expect(moves(page)).toContainText('four T20 × 18')
  await expect(tray.getByRole('note')).not.toContainText('instead')
  await page.getByRole('button', { name: /^Step down/ }).click()
  await step(page, 3)
  await told(page, 'plug white 2w', 4)
  await line(page).fill('plug white 2w')
  await expect(page.getByRole('note').filter({ hasText: 'Label one, or photograph both' })).toBeVisible()
  await page.getByRole('button', { name: /Size of the tray/ }).click()
  await page.getByRole('button', { name: '12×8' }).click()
  await expect(tray.getByRole('button', { name: /^Cell L8/ })).toBeVisible()
  await nothingWaits(page)
})

test('a route is drawn, its points passed over and behind; wheel and keys enlarge, a mark is dragged', async ({
  page,
}) => {
  await beginDescent(page, '2231-5003')
  await takePhoto(page)
  await tapPhoto(page, 0.15, 0.3)
  await tapPhoto(page, 0.4, 0.5)
  const stage = page.locator('[data-stage]')
  let box = (await stage.boundingBox())!
  const at = (x: number, y: number) => [box.x + box.width * x, box.y + box.height * y] as const
  await page.keyboard.press('4')
  await page.mouse.move(...at(0.2, 0.7))
  await page.mouse.down()
  await page.mouse.move(...at(0.405, 0.505), { steps: 10 })
  await page.mouse.move(...at(0.8, 0.75), { steps: 10 })
  await page.mouse.up()
  await expect(moves(page).getByRole('listitem')).toHaveCount(2)
  await expect(page.getByRole('button', { name: /Past|3 points/ }).first()).toBeVisible()
  const knots = page.locator('[data-mark] [data-knot] .knot-number')
  await expect(knots).toHaveText(['1', '2', '3'])

  await test.step('the middle point lies on the screw that was marked there', async () => {
    const middle = (await page.locator('[data-mark] [data-knot="1"] .knot').boundingBox())!
    expect(Math.abs(middle.x + middle.width / 2 - at(0.4, 0.5)[0])).toBeLessThan(2)
  })
  await page.locator('[data-mark] [data-knot="2"] .knot').click()
  await page.getByRole('group', { name: 'This mark' }).getByRole('button', { name: 'behind' }).click()
  await expect(page.locator('.label.pass')).toContainText('behind it')
  await page.getByRole('group', { name: 'This mark' }).getByRole('button', { name: 'Done' }).click()
  await line(page).fill('slack two fingers, clear of rotor')
  await line(page).press('Enter')
  await expect(page.locator('[data-mark] .label').filter({ hasText: 'clear of rotor' })).toBeVisible()

  await page.mouse.move(...at(0.5, 0.5))
  await page.mouse.wheel(0, -400)
  await expect(page.getByRole('button', { name: 'Whole photo' })).toBeVisible()
  await expect.poll(async () => (await stage.boundingBox())!.width).toBeGreaterThan(box.width * 1.5)
  await page.getByRole('button', { name: 'Whole photo' }).click()
  await expect.poll(async () => (await stage.boundingBox())!.width).toBeCloseTo(box.width, 0)

  box = (await stage.boundingBox())!
  const screw = page.getByRole('button', { name: /^Marked fastener/ }).first()
  const from = (await screw.boundingBox())!
  const [fx, fy] = at(0.15, 0.3)
  await page.mouse.move(fx, fy)
  await page.mouse.down()
  await page.mouse.move(fx + 60, fy, { steps: 5 })
  await page.mouse.up()
  await expect.poll(async () => Math.round((await screw.boundingBox())!.x - from.x)).toBeGreaterThan(40)
  await expect(moves(page)).toContainText('two screws')
  await page.getByRole('button', { name: /^Step down/ }).click()
  await step(page, 2)
  await nothingWaits(page)
})

test('an earlier step is amended, a forgotten one put before it, two change places, one is struck with its reason', async ({
  page,
}) => {
  const path = await beginDescent(page, '2231-5004')
  await told(page, '2x T20x12 lid @A1', 2)
  await told(page, 'off top panel', 3)
  await told(page, 'top: plug P1', 4)
  const tile = (n: number) => page.getByRole('button', { name: new RegExp(`^Down, step ${n},`) })
  const acts = page.getByRole('group', { name: 'This step' })

  await tile(1).click()
  await acts.getByRole('button', { name: 'Amend' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Step 1 is written anew' })).toBeVisible()
  await moves(page).getByRole('button').click()
  await page
    .getByRole('group', { name: 'What is known of it' })
    .getByRole('button', { name: /counted/ })
    .click()
  await page.getByRole('button', { name: 'One more' }).click()
  await page.getByRole('button', { name: /^Amend/ }).click()
  await expect(off(page, '3 fasteners')).toBeVisible()
  await step(page, 4)

  await tile(1).click()
  await acts.getByRole('button', { name: 'Step before it' }).click()
  await told(page, 'power off', 5)
  await expect(tile(1)).toHaveAttribute('aria-label', /plug|Pull/)
  await tile(4).click()
  await acts.getByRole('button', { name: 'One place earlier' }).click()
  await expect(tile(3)).toHaveAttribute('aria-label', /P1/)
  await acts.getByRole('button', { name: 'Strike' }).click()
  await acts.getByRole('button', { name: /^Strike step/ }).click()
  await expect(page.getByRole('alert')).toContainText('Say why')
  await page.getByLabel('Why it is struck').fill('not unplugged after all')
  await acts.getByRole('button', { name: /^Strike step/ }).click()
  await expect(off(page, '1 connector')).toBeHidden()
  await step(page, 4)
  await nothingWaits(page)
  const log = (await (await page.request.get(`/api${path}/events`)).json()) as { kind: string }[]
  expect(log.map(e => e.kind).slice(4)).toEqual([
    'step-amended',
    'step-recorded',
    'step-reordered',
    'step-reordered',
    'step-struck',
  ])
})

test('what is worth filling in is a quiet list, what saves most first, each one tap away', async ({ page }) => {
  await beginDescent(page, '2231-5005')
  await told(page, 'rear: plug white 3w', 2)
  await told(page, 'plug white 3w', 3)
  await told(page, 'off pump', 4)
  const worth = page.getByRole('region', { name: 'Worth filling in' })
  await expect(worth.getByRole('button').first()).toContainText('Wire colours')
  await worth
    .getByRole('button', { name: /Wire colours/ })
    .first()
    .click()
  await expect(page.getByRole('status').filter({ hasText: 'is written anew' })).toBeVisible()
  const fields = page.getByRole('group', { name: 'What is known of it' })
  for (const colour of ['red', 'blue', 'green']) await fields.getByRole('button', { name: colour, exact: true }).click()
  await page.getByRole('button', { name: /^Amend/ }).click()
  await step(page, 4)
  await worth.getByRole('button', { name: /more$/ }).click()
  await expect(worth).toContainText('Which way the pump faces')
  await expect(worth.getByRole('button', { name: /Wire colours/ })).toHaveCount(1)
  await nothingWaits(page)
})
