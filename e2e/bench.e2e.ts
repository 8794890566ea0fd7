import { randomUUID } from 'node:crypto'
import type { Locator, Page } from '@playwright/test'
import { poseOf, project } from '@dialytica/demo'
import { jobWith, step } from './test/told-job.ts'
import { closeMachine, expect, newJob, nothingWaits, onTheFloor, test } from './test/test.ts'

/** Types what each of the two has at a point. */
async function tell(page: Page, point: string, old: string, fresh: string): Promise<void> {
  for (const [side, value] of [
    ['old', old],
    ['new', fresh],
  ] as const) {
    const name = `${point}, ${side}`
    const row = page.getByRole('listitem', { name: point, exact: true })
    const box = row.getByRole('combobox', { name, exact: true })
    if (await box.count()) {
      await box.click()
      await page.getByRole('listbox', { name, exact: true }).getByRole('option', { name: value, exact: true }).click()
      await expect(row).toContainText(value)
    } else {
      const input = row.getByRole('textbox', { name, exact: true })
      await input.fill(value)
      await input.press('Tab')
      await expect(input).toHaveValue(value)
    }
  }
}
const tellAll = async (page: Page, points: Record<string, [string, string]>) => {
  for (const [point, [old, fresh]] of Object.entries(points)) await tell(page, point, old, fresh)
}
const verdict = (page: Page) => page.getByRole('status', { name: 'The verdict' })
const old = (page: Page) => page.getByRole('region', { name: 'The old part' })
const heading = (page: Page) => page.getByRole('heading', { level: 1 })
const same = (value: string): [string, string] => [value, value]

test('a pump with its plug on another side and two washers on the old one: the bin is refused, the washers go over, the lead goes another way, and the machine closes clean', async ({
  page,
}) => {
  const lead = {
    id: randomUUID(),
    kind: 'unroute',
    place: 'pump lead',
    route: { type: 'harness', waypoints: [{ by: 'retainer' }, { by: 'grommet', of: 'left foot' }] },
  }
  const pump = { id: randomUUID(), kind: 'replace-part', part: { name: 'drain pump' }, carryOver: [] }
  const path = await jobWith(page, '2231-9201', step('base', lead), step('base', pump))
  await page.goto(`${path}/bench`)
  await tellAll(page, {
    volts: ['230 V', '220-240'],
    hertz: same('50'),
    watts: ['34', '36 W'],
    fixing: same('3 screws'),
    ways: same('2'),
  })
  await expect(verdict(page)).toContainText('It fits.')
  await tell(page, 'plug side', 'left', 'right')
  await expect(verdict(page)).toContainText('Fits when adapted.')
  await page.getByRole('button', { name: 'Keep it: compared' }).click()

  // The old one: what is on it is asked for, and holds it.
  await old(page).getByRole('button', { name: 'bin' }).click()
  await expect(old(page)).toContainText('Look at the old part first')
  await old(page).getByRole('button', { name: 'two washers' }).click()
  await old(page).getByRole('button', { name: 'It goes over' }).click()
  await old(page).getByRole('button', { name: 'bin' }).click()
  await expect(old(page)).toContainText('still on the old one')
  await old(page).getByRole('button', { name: 'Moved over' }).click()
  await old(page).getByRole('button', { name: 'bin' }).click()
  await expect(old(page)).toContainText('Gone: bin')

  // The lead: its new way is a step of the return, the old one is scrapped by name.
  await page.getByRole('button', { name: 'Make it fit: plug side' }).click()
  const make = page.getByRole('form', { name: 'Make it fit: plug side' })
  await make.getByRole('button', { name: 'Put it into the return' }).click()
  await expect(make).toContainText('Say where its line goes now')
  await make.getByRole('button', { name: 'Add a point' }).click()
  await make.getByRole('textbox', { name: 'What point 1 is' }).fill('right foot')
  await make.getByRole('textbox', { name: 'What point 1 is' }).press('Tab')
  await make.getByRole('checkbox', { name: /harness, pump lead/ }).click()
  await make.getByRole('button', { name: 'Put it into the return' }).click()
  await expect(page.getByText(/In the return: lay its lead to the right.*Scrapped: harness, pump lead/)).toBeVisible()

  await page.getByRole('link', { name: 'Return', exact: true }).click()
  await expect(heading(page)).toContainText('drain pump')
  await page.getByRole('button', { name: /^Fitted.*Space/ }).click()
  await page.getByRole('button', { name: /^Next step/ }).click()
  await expect(heading(page)).toContainText('right foot')
  await page.getByRole('button', { name: /^(Fitted|Laid).*Space/ }).click()
  await expect(page.getByRole('button', { name: /^(Prove the machine|Close)/ })).toBeVisible()
  await page.getByRole('link', { name: 'Close', exact: true }).click()
  await closeMachine(page)
  await expect(page.getByText(/closed, not proved/i).first()).toBeVisible()
  await nothingWaits(page)

  // The next machine of this model is told.
  const next = await newJob(page, '2231-9202')
  await page.goto(`${next}/bench?part=drain%20pump`)
  await expect(page.getByRole('region', { name: 'From earlier machines of this model' })).toContainText(
    'lay its lead to the right',
  )
})

test('a kit with two rings: the right one is named, and the other put aside', async ({ page }) => {
  const path = await jobWith(
    page,
    '2231-9203',
    step('base', {
      id: randomUUID(),
      kind: 'replace-part',
      part: { name: 'ring of the pump' },
      carryOver: [],
    } as never),
  )
  await page.goto(`${path}/bench`)
  await tell(page, 'bore', '34', '32 / 34')
  await tell(page, 'thickness', '3', '3')
  await expect(verdict(page)).toContainText('Fits when adapted.')
  await expect(page.getByRole('listitem', { name: 'bore', exact: true })).toContainText(
    'Take the one of 34 mm; put the other aside.',
  )
  await page.getByRole('button', { name: 'Make it fit: bore' }).click()
  await page.getByRole('button', { name: 'Put it into the return' }).click()
  await page.getByRole('link', { name: 'Return', exact: true }).click()
  await expect(heading(page)).toContainText('take the one of 34 mm')
  await nothingWaits(page)
})

test('brushes are skimmed until they slide, and exchanged one by one', async ({ page }) => {
  const brush = (name: string) => ({
    id: randomUUID(),
    kind: 'exchange',
    part: { name, orientation: 'slope to the left' },
  })
  const path = await jobWith(page, '2231-9204', step('drive', brush('left brush')), step('drive', brush('right brush')))
  await page.goto(`${path}/bench`)
  for (const name of ['left brush', 'right brush']) {
    await page.getByRole('navigation', { name: 'Parts on the bench' }).getByRole('button', { name }).click()
    await expect(page.getByRole('heading', { name: `The old ${name}` })).toBeVisible()
    await tellAll(page, { width: same('12.5'), thickness: ['5.0', '5.2'], 'wire at': same('top') })
    await expect(verdict(page)).toContainText('Fits when adapted.')
    await page.getByRole('button', { name: 'Make it fit: thickness' }).click()
    await page.getByRole('button', { name: 'Put it into the return' }).click()
    await expect(page.getByText(/In the return: skim the brush/)).toBeVisible()
  }
  await page.getByRole('link', { name: 'Return', exact: true }).click()
  for (const last of [false, true]) {
    await expect(heading(page)).toContainText('skim the brush on a flat sheet of abrasive')
    await page.getByRole('button', { name: /^Fitted.*Space/ }).click()
    if (!last) await page.getByRole('button', { name: /^Next step/ }).click()
  }
  await nothingWaits(page)
})

test('a part that does not fit goes back, the job waits for the right one, and the floor says what can go on', async ({
  page,
}) => {
  const pump = { id: randomUUID(), kind: 'replace-part', part: { name: 'drain pump' }, carryOver: [] }
  const path = await jobWith(page, '2231-9205', step('base', pump))
  await page.goto(`${path}/bench`)
  const who = page.getByRole('region', { name: 'Who has it' })
  for (const [supplier, price, days] of [
    ['Harbour Parts', '48', '2'],
    ['Northside Spares', '39', '6'],
  ] as const) {
    await who.getByRole('button', { name: 'Somebody has it' }).click()
    await who.getByRole('textbox', { name: 'Who has it' }).fill(supplier)
    await who.getByRole('textbox', { name: 'Price' }).fill(price)
    await who.getByRole('textbox', { name: 'Days until it is here' }).fill(days)
    await who.getByRole('textbox', { name: 'Days until it is here' }).press('Tab')
    await who.getByRole('button', { name: 'Keep it' }).click()
  }
  await expect(who.getByRole('listitem').first()).toContainText('Northside Spares: asked, cheapest')
  const harbour = who.getByRole('listitem').filter({ hasText: 'Harbour' })
  await harbour.getByRole('button', { name: 'Order it' }).click()
  await expect(page.getByRole('link', { name: 'Waits', exact: true })).toBeVisible()
  await harbour.getByRole('button', { name: 'It is here' }).click()
  await expect(page.getByRole('link', { name: 'Pause', exact: true })).toBeVisible()

  await tell(page, 'watts', '34', '20')
  await expect(verdict(page)).toContainText('Send it back.')
  await expect(verdict(page)).toContainText('leave the bag closed')
  // No word makes that harmless.
  const watts = page.getByRole('listitem', { name: 'watts', exact: true })
  await watts.getByRole('button', { name: /watts does not fit/ }).click()
  await watts.getByRole('button', { name: 'differs, does no harm' }).click()
  await expect(page.getByText('Less than the old part had is never harmless here')).toBeVisible()
  await page.getByRole('button', { name: 'Keep it: it goes back' }).click()
  await harbour.getByRole('button', { name: 'Send it back' }).click()
  await expect(harbour).toContainText('sent back')
  await nothingWaits(page)

  await page.getByRole('link', { name: 'To the floor' }).click()
  await onTheFloor(page, '2231-9205')
  const card = page.getByRole('listitem').filter({ hasText: '2231-9205' })
  await expect(card).toContainText('Not before')
  await expect(card).toContainText('Waits for the drain pump, the right one from Harbour Parts')
  await expect(page.getByText(/of them can go on today/)).toBeVisible()
})

/** Waits until a stage has all its pictures and stands where it stood for a while, counted in pictures of the screen. */
const atRest = (stage: Locator) =>
  stage.evaluate(async element => {
    await Promise.all([...element.querySelectorAll('img')].map(img => img.decode()))
    const place = () => JSON.stringify(element.getBoundingClientRect())
    for (let [same, last] = [0, place()]; same < 6;) {
      await new Promise(requestAnimationFrame)
      const now = place()
      same = now === last ? same + 1 : 0
      last = now
    }
  })

test('two photos at one scale by a card: the pitch of the holes is measured on both, taken as a point, and one is laid over the other', async ({
  page,
}) => {
  const pump = { id: randomUUID(), kind: 'replace-part', part: { name: 'drain pump' }, carryOver: [] }
  const path = await jobWith(page, '2231-9206', step('base', pump))
  await page.goto(`${path}/bench`)
  await page.getByRole('button', { name: 'Side by side' }).click()
  // The simulated camera takes its angle from the clock: it stands still, at an angle that has the whole card well within the photo.
  const now = Math.floor(Date.now() / 9973) * 9973 + 100
  await page.clock.setFixedTime(now)
  const photo = (side: string) => page.getByRole('region', { name: `Photo of the ${side} one` })
  const turned = (degrees: number, [x, y]: readonly [number, number], [cx, cy]: readonly [number, number]) => {
    const [c, s] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)]
    return [cx + c * x - s * y, cy + s * x + c * y] as const
  }
  const tap = async (side: string, taken: number, [x, y]: readonly [number, number], marks: number) => {
    const at = project(poseOf(taken * 10_007 + (now % 9973)), x * 7, y * 7)!
    const stage = photo(side).locator('[data-stage]')
    await atRest(stage)
    const box = (await stage.boundingBox())!
    await stage.click({ position: { x: box.width * at.x, y: box.height * at.y } })
    await expect(photo(side).locator('[data-mark]')).toHaveCount(marks)
  }
  const sides = [
    ['old', 0, 2, -5],
    ['new', 1, -3, 8],
  ] as const
  for (const [side] of sides) {
    await page.getByRole('button', { name: `Photograph the ${side} one` }).click()
    await expect(page.getByRole('button', { name: `The ${side} one again` })).toBeVisible()
    await expect(photo(side).locator('img').first()).not.toHaveJSProperty('naturalWidth', 0)
  }
  await expect(page.getByRole('button', { name: 'Measure', exact: true })).toBeVisible()
  for (const [side, taken, card] of sides) {
    const corners = [
      [-27, -42.8],
      [27, -42.8],
      [27, 42.8],
      [-27, 42.8],
    ] as const
    for (const [i, corner] of corners.entries()) await tap(side, taken, turned(card, corner, [48, 62]), (i + 1) % 4)
  }
  await expect(page.getByText('Tap the two ends of a length on each')).toBeVisible()
  for (const [side, taken, , part] of sides)
    for (const [i, x] of [-26, 26].entries()) await tap(side, taken, turned(part, [x, -19], [146, 62]), i + 1)
  await expect(page.getByText(/old 5[12]\.\d ± 0\.\d mm/)).toBeVisible()
  await expect(page.getByText('no difference that shows')).toBeVisible()
  await page.getByRole('button', { name: 'Lay over' }).click()
  await page.getByRole('button', { name: 'Wipe' }).click()
  await expect(page.getByText('new to the left, old to the right')).toBeVisible()
  await page.getByRole('combobox', { name: 'Take it as' }).click()
  await page.getByRole('option', { name: 'hole pitch', exact: true }).click()
  await page.getByRole('button', { name: 'Point by point' }).click()
  await expect(page.getByRole('listitem', { name: 'hole pitch', exact: true })).toContainText('the same')
  await nothingWaits(page)
})

test('a pump in pieces: its steps are recorded on the bench, its balls counted, its wear judged, and it is one part again', async ({
  page,
}) => {
  const pump = { id: randomUUID(), kind: 'remove-part', part: { name: 'drain pump' } }
  const path = await jobWith(page, '2231-9207', step('base', pump))
  await page.goto(`${path}/bench`)
  await page.getByRole('button', { name: 'In pieces' }).click()
  await page.getByRole('button', { name: 'Take it apart' }).click()
  await expect(page.getByText('On the bench: drain pump.')).toBeVisible()
  for (const [i, words] of ['off pump head', '12x steel ball @B1'].entries()) {
    await page.getByLabel('Quick line').fill(words)
    await page.getByRole('button', { name: /^Step down/ }).click()
    await expect(heading(page)).toHaveText(`Descent, step ${i + 3}`)
  }
  await page.getByRole('link', { name: 'Its pieces' }).click()
  await page.getByRole('button', { name: 'In pieces' }).click()
  const axis = page.getByRole('list', { name: 'Its pieces, as they came off' })
  await expect(axis).toContainText('0/12')
  await page.getByRole('button', { name: 'Measure wear' }).click()
  await page.getByRole('textbox', { name: /limit/ }).fill('2')
  await page.getByRole('textbox', { name: /size when new/ }).fill('5')
  await page.getByRole('textbox', { name: /size when new/ }).press('Tab')
  await page.getByRole('textbox', { name: /at the worst place/ }).fill('1.6 mm')
  await page.getByRole('textbox', { name: /at the worst place/ }).press('Tab')
  await expect(page.getByText('Worn past its limit: renew it')).toBeVisible()
  await page.getByRole('button', { name: /^Keep/ }).first().click()
  await expect(page.getByRole('region', { name: 'Wear' })).toContainText('1.6 mm')
  await page.getByRole('textbox', { name: 'What was made' }).fill('wooden block with a hole')
  await page.getByRole('region', { name: 'Tools made for it' }).getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByRole('region', { name: 'Tools made for it' })).toContainText('wooden block with a hole')
  for (let left = 2; left > 0; left--) await axis.getByRole('button', { name: 'Back on' }).first().click()
  await expect(page.getByText('It is one part again.')).toBeVisible()
  await nothingWaits(page)
})
