import { closeMachine, beginDescent, choose, comeIn, expect, newJob, nothingWaits, signIn, test } from './test/test.ts'
import type { Page } from '@playwright/test'

const next = (page: Page) => page.getByRole('region', { name: 'The next look' })

/** The complaint is told at the intake, in the customer's words, and has gone up. */
async function complain(page: Page, words: string) {
  const up = page.waitForResponse(r => r.request().method() === 'POST' && r.url().endsWith('/events') && r.ok())
  await page.getByLabel('Complaint').fill(words)
  await page.getByLabel('Seen when tried').focus()
  await up
}
/** Takes a look that is not the next one by its name. */
async function takeLook(page: Page, name: string) {
  await choose(page, 'Take another look', name)
  await expect(next(page)).toContainText(name.slice(1))
}

test('from a complaint to its cause: read into findings and corrected, looked at, taken back, seen, closed with it', async ({
  page,
}) => {
  await comeIn(page, 'Jon Tarrow')
  const path = await newJob(page, '2231-9101')
  await page.goto(`${path}/intake`)
  await complain(page, 'It hums and does not pump the water out')
  await page.keyboard.press('Escape')
  await page.getByRole('link', { name: /Find the cause/ }).click()
  const what = page.getByRole('group', { name: 'What it does' })
  await expect(what.getByRole('button', { name: '✓ does not drain' })).toBeVisible()
  await expect(page.getByRole('button', { name: /^impeller jammed, \d+ %, base/ })).toBeVisible()

  await what.getByRole('button', { name: '✓ pump hums' }).click()
  await expect(what.getByRole('button', { name: '– pump hums' })).toBeVisible()
  await what.getByRole('button', { name: '– pump hums' }).click()
  await expect(what.getByRole('button', { name: '✓ pump hums' })).toBeVisible()

  await takeLook(page, 'open the filter')
  await expect(next(page)).toContainText('filter blocked')
  await next(page).getByRole('button', { name: 'As it should be' }).click()
  const done = page.getByRole('list', { name: 'Done so far' })
  await expect(done).toContainText('open the filter: as it should be')
  await done.getByRole('button', { name: 'Take back: open the filter: as it should be' }).click()
  await expect(done).toBeHidden()

  await takeLook(page, 'open the filter')
  await page.getByRole('heading', { name: 'Open the filter.' }).click()
  await page.keyboard.press('x')
  await expect(page.getByRole('status').filter({ hasText: 'Seen: filter blocked' })).toBeVisible()
  await page.getByRole('button', { name: 'Seen: filter blocked is it' }).click()
  await expect(page.getByRole('heading', { name: 'The cause: filter blocked.' })).toBeVisible()

  await page.goto(`${path}/close`)
  await expect(page.getByLabel('What was wrong')).toHaveValue('filter blocked')
  await closeMachine(page)
  await expect(page.getByRole('heading', { name: 'Closed, not proved.' })).toBeVisible()
  await nothingWaits(page)
  const solved = (await (await page.request.get('/api/solved')).json()) as {
    job: string
    cause: string
    told: string[]
  }[]
  expect(solved.find(s => path.includes(s.job))).toMatchObject({
    cause: 'filter blocked',
    told: expect.arrayContaining(['does not drain', 'pump hums']) as string[],
  })
})

test('a check lies on the way of a descent: it is offered where its place is open, and what it shows leads', async ({
  page,
}) => {
  await comeIn(page, 'Jon Tarrow')
  const path = await newJob(page, '2231-9102')
  await page.goto(`${path}/intake`)
  await complain(page, 'The drum does not turn. You hear the motor running.')
  await page.getByRole('button', { name: 'Go down' }).click()
  await expect(page).toHaveURL(/descent/)
  await page.getByLabel('Quick line').fill('off rear panel')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: /^Step down/ }).click()
  const way = page.getByRole('complementary', { name: 'A check on the way' })
  await expect(way).toContainText('look at the belt')
  await way.getByRole('button', { name: 'It is off, torn or shiny' }).click()
  await expect(way).not.toContainText('look at the belt')
  await page.keyboard.press('Escape')
  await page.goto(`${path}/triage`)
  await expect(page.getByRole('list', { name: 'Done so far' })).toContainText('look at the belt: not as it should be')
  await expect(page.getByRole('button', { name: /^belt off or torn, (8|9)\d %/ })).toBeVisible()
})

test('a reading answers a check: an open heating element leads, without a word more', async ({ page }) => {
  const path = await beginDescent(page, '2231-9103')
  await page.goto(`${path}/intake`)
  await complain(page, 'It washes cold. It never gets warm any more.')
  await page.goto(`${path}/triage`)
  await page.getByRole('button', { name: 'Note it (E)' }).click()
  const form = page.getByRole('form', { name: 'Note it' })
  await choose(page, 'What kind of thing', 'Heating element')
  await form.getByLabel('watts on its plate').fill('1950')
  await form.getByLabel('Read across').fill('OL')
  await form.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByRole('list', { name: 'Done so far' })).toContainText(
    'read the element across: not as it should be, by a reading',
  )
  await expect(page.getByRole('button', { name: /^element open, (8|9)\d %/ })).toBeVisible()
})

test('a code that nobody knew is said once for the model: its circuit gives the order, and the next job knows it', async ({
  page,
}) => {
  await comeIn(page, 'Jon Tarrow')
  const path = await newJob(page, '2231-9104')
  await page.goto(`${path}/intake`)
  await complain(page, 'Water stays in it.')
  await page.getByLabel('Code it shows').fill('Q7')
  await page.getByLabel('Year of make').focus()
  await page.getByRole('link', { name: 'Find the cause' }).click()
  const code = page.getByRole('region', { name: 'What the code says' })
  await expect(code).toContainText('nobody has said')
  await code.getByRole('button', { name: 'Say it' }).click()
  await code.getByLabel('What it says').fill('does not empty in time')
  await choose(page, 'The circuit', 'water out')
  await code.getByRole('button', { name: 'Keep it for this model' }).click()
  await expect(code).toContainText('does not empty in time (water out circuit)')
  await expect(code.getByRole('list', { name: 'Along the circuit' }).getByRole('listitem').first()).toContainText(
    'look at the plug of the pump',
  )
  await code.getByRole('button', { name: 'open the filter' }).click()
  await expect(next(page)).toContainText('Open the filter.')
  await nothingWaits(page)

  await page.goto(`${path}/descent`)
  await page.getByLabel('Quick line').fill('plug white 2w red/blue at the drain pump')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: /^Step down/ }).click()
  await expect(page.getByRole('heading', { name: 'Descent, step 2', exact: true })).toBeAttached()
  await page.goto(`${path}/triage`)
  await expect(code.getByRole('link', { name: /white.*drain pump.*step 1/ })).toBeVisible()

  const other = await newJob(page, '2231-9105')
  await page.goto(`${other}/intake`)
  await complain(page, 'Water stays in it.')
  await page.getByLabel('Code it shows').fill('q-7')
  await page.getByLabel('Year of make').focus()
  await page.getByRole('link', { name: 'Find the cause' }).click()
  await expect(code).toContainText('does not empty in time')
})

test('not worth it: the bars say so, and the machine ends for scrap with the parts that are kept', async ({ page }) => {
  await comeIn(page, 'Jon Tarrow')
  const path = await newJob(page, '2231-9106')
  await page.goto(`${path}/intake`)
  await complain(page, 'It bangs and shakes in the spin, something hits the case and it roars.')
  await page.getByRole('link', { name: 'Worth it?' }).click()
  await expect(page.getByText('with spider broken, drum spider')).toBeVisible()
  const age = page.getByRole('textbox', { name: 'age', exact: true })
  await age.fill('16')
  await age.press('Tab')
  await page.getByRole('radio', { name: 'rusty' }).check({ force: true })
  await expect(page.getByRole('heading', { name: 'It is not worth it.' })).toBeVisible()
  await expect(page.getByRole('img', { name: /^Repair \d+ a year, .* a new one \d+ a year/ })).toBeVisible()
  await page.getByRole('button', { name: 'Keep it in the record' }).click()
  await page.getByRole('button', { name: 'Stop here' }).click()
  await page.getByRole('checkbox', { name: /^drain pump/ }).click()
  await page.getByRole('button', { name: 'Close it for scrap' }).click()
  await expect(page).toHaveURL(/close/)
  await expect(page.getByText('Not worth it; it goes for scrap. Worth keeping: drain pump.')).toBeVisible()
  await nothingWaits(page)
})

test('what to fetch is ticked on one device and seen on another', async ({ page, another }) => {
  await comeIn(page, 'Jon Tarrow')
  const path = await newJob(page, '2231-9107')
  await page.goto(`${path}/intake`)
  await complain(page, 'It squeals when it starts to spin and there is a smell of rubber, clothes are wet after.')
  await page.goto(`${path}/fetch`)
  const parts = page.getByRole('region', { name: 'Parts' })
  await parts.getByRole('checkbox', { name: /^belt/ }).click()
  await nothingWaits(page)
  const phone = await another()
  await signIn(phone, 'Jon Tarrow')
  await phone.goto(`${path}/fetch`)
  await expect(phone.getByRole('region', { name: 'Parts' }).getByRole('checkbox', { name: /^belt/ })).toBeChecked()
})
