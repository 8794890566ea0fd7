import {
  closeMachine,
  allJobs,
  choose,
  expect,
  nothingWaits,
  off,
  seeToAll,
  signIn,
  strip,
  tapPhoto,
  test,
} from './test/test.ts'
import { moveKinds } from '@dialytica/core/moves'
import type { Page } from '@playwright/test'

// As it is on the devices of a shop, which keep the application.
test.use({ serviceWorkers: 'allow' })

const bar = (page: Page) => page.getByRole('group', { name: 'What a tap marks' })
const pick = (page: Page, kind: string) => bar(page).getByRole('button', { name: kind, exact: true }).click()
const photo = async (page: Page) => {
  await page.getByRole('button', { name: /^Photo/ }).click()
  await expect(page.locator('[data-stage] img')).toBeVisible()
}
const stepDown = (page: Page) => page.getByRole('button', { name: /^Step down/ }).click()
const stepNumber = (page: Page, n: number) =>
  expect(page.getByRole('heading', { name: `Descent, step ${n}`, exact: true })).toBeAttached()
/** Tells one field of the move in hand by one of its choices. */
async function tell(page: Page, field: string, choice: string): Promise<void> {
  const fields = page.getByRole('group', { name: 'What is known of it' })
  const tile = fields.getByRole('button', { name: new RegExp(`${field}$`) })
  if (!(await tile.isVisible())) await fields.getByRole('button', { name: /more$/ }).click()
  await tile.click()
  await fields.getByRole('button', { name: choice, exact: true }).click()
  const back = fields.getByRole('button', { name: `Done with ${field}` })
  if (await back.isVisible()) await back.click()
}
/** Does what the strong action says, piece by piece, until a step of that name is in hand. */
async function goUntil(page: Page, name: RegExp): Promise<void> {
  const strong = page.getByRole('button', { name: /^(Fitted|Seen to|Turned( Space)?$|Next step)/ })
  const now = async () => [await strong.textContent(), await page.getByRole('heading', { level: 1 }).textContent()]
  for (let i = 0; i < 80; i++) {
    const before = await now()
    if (name.test(before[1]!)) return
    await strong.click()
    await expect.poll(now).not.toEqual(before)
  }
  throw new Error(`the return does not come to ${name}`)
}
async function zone(page: Page, name: string): Promise<void> {
  await page.getByRole('button', { name: /Choose the zone/ }).click()
  await page.getByRole('radiogroup', { name: 'Zone of the machine' }).getByText(name, { exact: true }).click()
  await page.getByRole('button', { name: `Here: ${name}` }).click()
}

/** Every kind of move is in this job. */
test('a whole job by the interface alone: plate, descent, reload, a dead server, return, refused close, clean close', async ({
  page,
  server,
}) => {
  await signIn(page, 'Jon Tarrow')
  await page.getByRole('link', { name: /A machine comes in/ }).click()
  await page.getByRole('button', { name: 'Scan' }).click()
  await expect(page.getByLabel('Rating plate')).not.toHaveValue('')
  await page.getByLabel('Rating plate').fill('FL-84 2231-0999')
  await expect(page.getByText('a new unit')).toBeVisible()
  await page.getByLabel('Where it stands').fill('bay 4')
  await page.getByLabel('What it does or does not do').fill('Drips at the drawer')
  await page.getByRole('button', { name: 'Open the machine' }).click()
  await page.getByRole('button', { name: 'Go down' }).click()
  await stepNumber(page, 1)
  await expect(page.getByText('Power is not isolated')).toBeVisible()

  // 1: isolation, marked on the photo
  await photo(page)
  await pick(page, 'isolation')
  await tapPhoto(page, 0.87, 0.74)
  await stepDown(page)
  await stepNumber(page, 2)
  await expect(page.getByText('Power is not isolated')).toBeHidden()
  // 2: a temporary
  await photo(page)
  await pick(page, 'temporary')
  await tapPhoto(page, 0.4, 0.92)
  await stepDown(page)
  // 3: fasteners, told by size, length and look
  await photo(page)
  await pick(page, 'fastener')
  await tapPhoto(page, 0.28, 0.2)
  await tapPhoto(page, 0.72, 0.2)
  await tell(page, 'drive', 'T20')
  await tell(page, 'look', 'stainless')
  await expect(page.getByRole('button', { name: /two T20 stainless/ })).toBeVisible()
  await stepDown(page)
  await expect(off(page, '2 fasteners')).toBeVisible()
  // 4: a cover that opens its zone
  await photo(page)
  await pick(page, 'part')
  await tapPhoto(page, 0.5, 0.13)
  await tell(page, 'part', 'top panel')
  await stepDown(page)
  await stepNumber(page, 5)

  await test.step('a reload in the middle of a step loses nothing', async () => {
    await zone(page, 'drawer')
    await photo(page)
    await pick(page, 'connector')
    await tapPhoto(page, 0.41, 0.15)
    await expect(page.getByRole('list', { name: 'Moves of this step' })).toContainText('plug')
    await page.reload()
    await stepNumber(page, 5)
    await expect(page.getByRole('list', { name: 'Moves of this step' })).toContainText('plug')
    await expect(page.getByRole('button', { name: 'Marked connector' })).toBeVisible()
    await tell(page, 'label', 'P1')
    await stepDown(page)
    await stepNumber(page, 6)
  })

  await test.step('the server dies; the work goes on and says what waits', async () => {
    await nothingWaits(page)
    await server.kill()
    // 6: clips
    await photo(page)
    await pick(page, 'clip')
    await tapPhoto(page, 0.31, 0.25)
    await tapPhoto(page, 0.31, 0.4)
    await stepDown(page)
    // 7: a line past three points
    await photo(page)
    await pick(page, 'line')
    for (const [x, y] of [
      [0.75, 0.18],
      [0.67, 0.21],
      [0.58, 0.19],
    ] as const)
      await tapPhoto(page, x, y)
    await stepDown(page)
    await expect(strip(page)).toContainText('The server does not answer')
    await expect(strip(page)).toContainText(/wait/)
    await expect(off(page, '3 lines')).toBeVisible()
    // 8: a hose joint, still without a server
    await photo(page)
    await pick(page, 'hose joint')
    await tapPhoto(page, 0.12, 0.64)
    await stepDown(page)
    await server.start()
    await nothingWaits(page)
    await expect(strip(page)).toBeHidden()
  })

  // 9: a parked part, 10: a cut tie, 11: a slackened nut
  await photo(page)
  await pick(page, 'part')
  await tapPhoto(page, 0.17, 0.35)
  await choose(page, 'Kind of act', 'Park')
  await stepDown(page)
  await photo(page)
  await pick(page, 'consumable')
  await tapPhoto(page, 0.62, 0.2)
  await stepDown(page)
  await photo(page)
  await pick(page, 'fastener')
  await tapPhoto(page, 0.89, 0.31)
  await choose(page, 'Kind of act', 'Slacken')
  await stepDown(page)
  // 12: the other kinds, without a photo: belt, pressed part, two kinds of mark, drain, replacement
  await zone(page, 'drive')
  for (const [kind, act] of [
    ['line', 'Slip belt'],
    ['part', 'Pull off'],
    ['mark', 'Draw mark'],
    ['mark', 'Attend'],
    ['isolation', 'Drain'],
    ['part', 'Replace'],
    ['part', 'Exchange'],
    ['part', 'Fit new'],
    ['part', 'Fold back'],
    ['part', 'Make fit'],
    ['posture', 'Pull out'],
  ] as const) {
    await pick(page, kind)
    await choose(page, 'Kind of act', act)
  }
  await expect(page.getByRole('list', { name: 'Moves of this step' }).getByRole('listitem')).toHaveCount(11)
  await stepDown(page)
  // 13: a turn of the machine
  await zone(page, 'outside')
  await pick(page, 'posture')
  await tell(page, 'stands', 'on its back')
  await expect(page.getByRole('button', { name: /^Seen to: / })).toBeVisible()
  await seeToAll(page)
  await stepDown(page)
  await stepNumber(page, 14)
  await expect(page.getByText('on its back', { exact: false }).first()).toBeVisible()
  await page.reload()
  await stepNumber(page, 14)

  await test.step('clean close is refused while things are owed, and says what and where', async () => {
    await page.getByRole('link', { name: 'Close', exact: true }).click()
    await page.getByRole('button', { name: 'Close clean' }).click()
    await expect(page.getByRole('alert')).toContainText('Something is still owed')
    await expect(page.getByRole('list', { name: 'What is owed' }).getByRole('listitem')).toHaveCount(19)
  })

  await test.step('the return, each piece tapped, last step first', async () => {
    await page.getByRole('link', { name: 'Return', exact: true }).click()
    await expect(page.getByRole('heading', { name: 'Stand the machine upright.' })).toBeVisible()
    await seeToAll(page)
    await page.getByRole('button', { name: /^(Fitted|Turned( Space)?$)/ }).click()
    await page.getByRole('button', { name: /^Next step/ }).click()
    await goUntil(page, /Tighten the slack/)
    await page.getByRole('button', { name: /Fit fastener/ }).click()
    await expect(page.getByRole('button', { name: /Fit fastener 1 done/ })).toBeVisible()
    await page.getByRole('button', { name: /^Next step/ }).click()
    // the rest but one screw, by the one strong action
    await goUntil(page, /T20/)
    await expect(page.getByText('A1', { exact: true })).toBeVisible()
    await page.getByRole('button', { name: /Fit fastener 1/ }).click()
    await page.getByRole('button', { name: 'Back one step' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText(/top panel/i)
  })

  await test.step('one screw owed: refused by name; then it is found and the machine closes clean', async () => {
    const done = async (words: RegExp) => {
      await page.getByRole('link', { name: 'Close', exact: true }).click()
      await page.getByRole('list', { name: 'What is owed' }).getByRole('link', { name: words }).click()
      await page.getByRole('button', { name: /^(Fitted|Turned( Space)?$)/ }).click()
      await expect(page.getByRole('button', { name: /^(Next step|Prove the machine)/ })).toBeVisible()
    }
    await done(/one towel/)
    // Power is not offered while a screw of a cover is out; who insists says why.
    await page.getByRole('link', { name: 'Close', exact: true }).click()
    await page.getByRole('list', { name: 'What is owed' }).getByRole('link', { name: /power/ }).click()
    await expect(page.getByRole('list', { name: 'Must be back first' })).toContainText('T20')
    await expect(page.getByRole('button', { name: /^First: .*T20/ })).toBeVisible()
    await page.getByLabel('Reason to pass the gate').fill('only the screw of the lid is out')
    await page.getByRole('button', { name: 'Switch it on all the same' }).click()
    await page.getByRole('button', { name: /^Fitted/ }).click()
    await expect(page.getByRole('alert').filter({ hasText: 'Power is on' })).toContainText('T20')
    await page.getByRole('link', { name: 'Close', exact: true }).click()
    await expect(page.getByRole('heading', { name: '1 still owed.' })).toBeVisible()
    await page.getByRole('button', { name: 'Close clean' }).click()
    const owed = page.getByRole('list', { name: 'What is owed' }).getByRole('listitem')
    await expect(owed).toHaveCount(1)
    await expect(owed).toContainText('T20 stainless')
    await expect(owed).toContainText('cell A1')
    await expect(owed).toContainText('from step 3')
    await owed.getByRole('link').click()
    await page.getByRole('button', { name: /Fit fastener 2/ }).click()
    await expect(page.getByRole('banner')).toContainText('nothing off')
    await page.getByRole('link', { name: 'Close', exact: true }).click()
    await expect(page.getByRole('heading', { name: 'Nothing is owed.' })).toBeVisible()
    await closeMachine(page)
    await expect(page.getByText('Closed, not proved')).toBeVisible()
    await nothingWaits(page)
  })

  const jobs = await allJobs(page)
  const mine = jobs.find(j => j.unit.serial === '2231-0999')!
  expect(mine.summary).toMatchObject({ clean: true, steps: 13 })
  const log = (await (await page.request.get(`/api/jobs/${mine.id}/events`)).json()) as {
    kind: string
    body: { step?: { moves?: { kind: string }[]; photos: { hash: string }[] } }
  }[]
  const kinds = new Set(log.flatMap(e => e.body.step?.moves?.map(m => m.kind) ?? []))
  expect([...kinds].sort()).toEqual(Object.keys(moveKinds).sort())
  const hashes = log.flatMap(e => (e.kind === 'step-recorded' ? e.body.step!.photos.map(p => p.hash) : []))
  expect(hashes).toHaveLength(11)
  for (const hash of hashes) expect((await page.request.get(`/api/photos/${hash}/stage`)).status()).toBe(200)
})
