import { choose, closeMachine, comeIn, expect, newJob, nothingWaits, test } from './test/test.ts'
import { randomUUID } from 'node:crypto'
import type { Page } from '@playwright/test'

/** Types one step after the other, each in its zone. */
async function record(page: Page, path: string, lines: readonly string[]): Promise<void> {
  await page.goto(`${path}/descent`)
  for (const [i, words] of lines.entries()) {
    await page.getByLabel('Quick line').fill(words)
    const heading = page.getByRole('heading', { name: `Descent, step ${i + 2}`, exact: true })
    // Where the machine is turned, what is asked first is seen to, one after the other, by the same button.
    await expect(async () => {
      if (!(await heading.count()))
        await page.getByRole('button', { name: /^(Step down|Seen to)/ }).click({ timeout: 2000 })
      await expect(heading).toBeAttached({ timeout: 2000 })
    }).toPass()
  }
}
const heading = (page: Page) => page.getByRole('heading', { level: 1 })
const strong = (page: Page) => page.getByRole('button', { name: /^(Fitted|Laid|Turned|Seen to|Next step)/ })
const gate = (page: Page) => page.getByRole('region', { name: 'Gate' })
/** The numbers of the return, in its order. */
const back = (page: Page) =>
  page
    .getByRole('button', { name: /^Back, step/ })
    .evaluateAll(all => all.map(b => Number(/step (\d+)/.exec(b.getAttribute('aria-label')!)![1])))

test('plug and tap said at the drive come on last, and not at all by the strong button while something is open', async ({
  page,
}) => {
  await comeIn(page, 'Jon Tarrow')
  const path = await newJob(page, '2231-8811')
  await record(page, path, [
    'outside: rear panel 4x T20',
    'outside: rear panel off',
    'drive: belt off',
    'drive: shut the tap',
    'drive: power off',
    'rear: drain hose off the pump',
  ])
  await page.getByRole('link', { name: 'Return', exact: true }).click()
  await expect.poll(() => back(page)).toEqual([6, 3, 2, 1, 4, 5])
  await expect(page.getByText('These cannot all hold')).toBeHidden()

  await test.step('who goes to the plug all the same is told what must be back first', async () => {
    await page.getByRole('button', { name: /^Back, step 5,/ }).click()
    await expect(heading(page)).toContainText('Plug the machine in')
    await expect(gate(page)).toContainText('brings power on')
    const first = page.getByRole('list', { name: 'Must be back first' })
    for (const thing of ['belt', 'rear panel', 'drain hose']) await expect(first).toContainText(thing)
    // The strong button leads to what is first, never over it.
    await page.getByRole('button', { name: /^First: drain hose/ }).click()
    await expect(heading(page)).toContainText('drain hose')
    await page.getByRole('button', { name: /^Back, step 5,/ }).click()
  })
  await test.step('done on another device all the same it is said, until the plug is out again', async () => {
    await page.getByLabel('Reason to pass the gate').fill('a lamp is needed')
    await page.getByRole('button', { name: 'Switch it on all the same' }).click()
    await page.getByRole('button', { name: /^Fitted/ }).click()
    const breach = page.getByRole('alert').filter({ hasText: 'Power is on. Still open' })
    await expect(breach).toContainText('rear panel')
    await breach.getByRole('button', { name: 'The plug is out' }).click()
    await expect(breach).toBeHidden()
    await expect.poll(() => back(page)).toEqual([6, 3, 2, 1, 4, 5])
  })
  await nothingWaits(page)
})

test('a turn told in one breath with its block is asked about before it is taken back, by key and by touch', async ({
  page,
  another,
}) => {
  await comeIn(page, 'Jon Tarrow')
  const machine = async (serial: string) => {
    const path = await newJob(page, serial)
    await record(page, path, [
      'outside: power off',
      'top: upper counterweight 3x 13mm',
      'outside: tip back onto block',
      'base: sump hose off',
    ])
    await nothingWaits(page)
    return path
  }
  /** What was seen to before it was tipped is asked about again, one after the other, and only then it is turned. */
  const isAsked = async (on: Page, path: string, press: () => Promise<unknown>) => {
    await on.goto(`${path}/return`)
    await on.getByRole('button', { name: /^Back, step 3,/ }).click()
    await expect(heading(on)).toContainText('Take away one block. Stand the machine upright.')
    const needs = on.getByRole('group', { name: 'Before it is turned' })
    await expect(needs).toContainText('nothing holds it')
    await expect(needs).toContainText('one block')
    const asked = await needs.getByRole('button').count()
    await press()
    await expect(needs.getByRole('button')).toHaveCount(asked - 1)
    await expect(on.getByRole('button', { name: /^Next step/ })).toBeHidden()
  }
  const [first, second] = [await machine('2231-8812'), await machine('2231-8813')]
  await isAsked(page, first, () =>
    page.getByRole('group', { name: 'Before it is turned' }).getByRole('button').first().press('Enter'),
  )
  const phone = await another({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })
  await comeIn(phone, 'Jon Tarrow')
  await isAsked(phone, second, () =>
    phone.getByRole('group', { name: 'Before it is turned' }).getByRole('button').first().tap(),
  )
})

test('a zone that jars is asked about when it is recorded; a wrong one is seen at the gate', async ({ page }) => {
  await comeIn(page, 'Jon Tarrow')
  const path = await newJob(page, '2231-8814')
  await record(page, path, ['outside: power off', 'outside: rear panel off'])
  await page.getByLabel('Quick line').fill('front: drive motor off')
  await page.keyboard.press('Enter')
  const asked = page.getByRole('group', { name: 'Where is it?' })
  await expect(asked).toContainText('The drive motor is usually in: drive. This step says: front.')
  await asked.getByRole('button', { name: 'front is right' }).click()
  await expect(asked).toBeHidden()
  await page.getByRole('button', { name: /^Step down/ }).click()
  await expect(page.getByRole('heading', { name: 'Descent, step 4', exact: true })).toBeAttached()

  await page.getByRole('link', { name: 'Return', exact: true }).click()
  await page.getByRole('button', { name: /^Back, step 2,/ }).click()
  await expect(heading(page)).toContainText('Refit the rear panel')
  await expect(page.getByRole('group', { name: 'Before it is closed' })).toContainText('drive motor')
  await expect(strong(page)).toContainText('Seen to: drive motor')
  await nothingWaits(page)
})

test('the record says what was done: not here, the old one or the new one, not proved', async ({ page }) => {
  await comeIn(page, 'Jon Tarrow')
  const path = await newJob(page, '2231-8815')
  await page.goto(`${path}/intake`)
  await page.getByRole('button', { name: 'Close the hot tap' }).click()
  await page.getByRole('button', { name: 'Not here' }).click()
  await record(page, path, ['outside: power off', 'base: drain pump off'])
  await nothingWaits(page)
  await test.step('a new pump was held against the old one: which of them goes on is asked once', async () => {
    const job = path.split('/').at(-1)!
    const { id: actor } = (await (await page.request.get('/api/session')).json()) as { id: string }
    const compared = { kind: 'part-compared', body: { part: 'drain pump', same: true } }
    const event = { ...compared, id: randomUUID(), job, actor, device: 'another', at: new Date().toISOString() }
    const told = await page.request.post(`/api/jobs/${job}/events`, { data: { events: [event] } })
    expect(told.ok()).toBe(true)
    await page.getByRole('link', { name: 'Return', exact: true }).click()
    await expect(heading(page)).toContainText('drain pump')
    const asked = page.getByRole('group', { name: 'Which one goes on?' })
    await expect(async () => {
      await strong(page).click()
      await expect(asked).toBeVisible({ timeout: 2000 })
    }).toPass()
    await asked.getByRole('button', { name: 'The old one' }).click()
    await page.getByRole('button', { name: /^Next step/ }).click()
    await expect(heading(page)).toContainText('Plug the machine in')
    await strong(page).click()
    await expect(page.getByRole('button', { name: /^Prove the machine/ })).toBeVisible()
  })
  await page.getByRole('link', { name: 'Close', exact: true }).click()
  await page.getByRole('button', { name: 'Close, not proved' }).click()
  await expect(page.getByRole('alert')).toContainText('Say why that is not proved')
  await closeMachine(page)
  await expect(page.getByRole('heading', { name: 'Closed, not proved.' })).toBeVisible()
  await expect(page.getByRole('region', { name: 'Proof' })).toContainText('not done')
  await nothingWaits(page)
})

test('a plate is put right: seen in its fields before anything opens, corrected later, with what was first read', async ({
  page,
}) => {
  await comeIn(page, 'Jon Tarrow')
  await page.goto('/come-in')
  await page.getByLabel('Rating plate').fill('KW 2750 11/348221')
  await expect(page.getByLabel('Model', { exact: true })).toHaveValue('KW 2750')
  await expect(page.getByLabel('Serial number', { exact: true })).toHaveValue('11/348221')
  await page.getByLabel('Maker').fill('Kelwin')
  await page.getByText('top loader', { exact: true }).click()
  await page.getByRole('button', { name: 'Open the machine' }).click()
  await expect(page).toHaveURL(/\/intake$/)
  const plate = page.getByRole('region', { name: 'The plate' })
  await expect(plate).toContainText('Kelwin KW 2750')
  await plate.getByRole('button', { name: 'Correct the plate' }).click()
  await plate.getByLabel('Model').fill('KW 2760')
  await plate.getByText('front loader', { exact: true }).click()
  await plate.getByRole('button', { name: 'It is this machine' }).click()
  await expect(plate).toContainText('Kelwin KW 2760')
  await expect(plate).toContainText('front loader')
  await expect(plate).toContainText('first taken for Kelwin KW 2750 11/348221')
  await nothingWaits(page)
  await page.reload()
  await expect(plate).toContainText('Kelwin KW 2760')
})

test('a misread model is made one with the right one after ten jobs: machines, jobs and book go over, and its plate means the other', async ({
  page,
  another,
}) => {
  await comeIn(page, 'Jon Tarrow')
  const post = (path: string, data: object) => page.request.post(`/api/${path}`, { data })
  const me = ((await (await page.request.get('/api/session')).json()) as { id: string }).id
  const [wrong, right] = [randomUUID(), randomUUID()]
  const model = { maker: 'Kelwin', family: 'front-loader', notes: '' }
  await post('models', { ...model, id: wrong, code: 'KWX' })
  await post('models', { ...model, id: right, code: 'KWX 2760' })
  for (let i = 0; i < 10; i++) {
    const [unit, job] = [randomUUID(), randomUUID()]
    await post('units', { id: unit, modelId: wrong, serial: `44-90${i}`, stands: '' })
    const event = (kind: string, body: object, s: number) => ({
      ...{ id: randomUUID(), job, actor: me, device: 'x', kind, body },
      at: `2026-03-0${(i % 9) + 1}T08:0${i % 10}:${s}.000Z`,
    })
    const opened = { unit, family: 'front-loader', complaint: 'does not drain', plate: 'KWX' }
    const step = {
      ...{ id: randomUUID(), zone: 'outside', photos: [], marks: [] },
      moves: [{ id: randomUUID(), way: 'down', kind: 'remove-part', part: { name: 'rear panel' } }],
    }
    const events = [
      event('job-opened', opened, 10),
      event('step-recorded', { step }, 20),
      event('job-closed', { clean: false, note: 'the owner took it back' }, 30),
    ]
    expect((await post(`jobs/${job}/events`, { events })).ok()).toBe(true)
  }

  const lead = await another()
  await comeIn(lead, 'Mara Okwell')
  await lead.goto(`/models?model=${wrong}`)
  await expect(lead.getByRole('heading', { name: 'Kelwin KWX', exact: true })).toBeVisible()
  await lead.getByRole('button', { name: 'It is another model' }).click()
  await choose(lead, 'The model that it is', 'Kelwin KWX 2760')
  await lead.getByRole('button', { name: 'Make them one' }).click()
  await expect(lead.getByRole('heading', { name: 'Kelwin KWX 2760' })).toBeVisible()
  await expect(lead.getByText('On a plate also: KWX')).toBeVisible()
  await expect(
    lead.getByRole('list', { name: 'Units' }).getByRole('listitem').filter({ hasText: '44-90' }),
  ).toHaveCount(10)
  await lead.getByRole('link', { name: 'Its book' }).click()
  await expect(lead.getByText('From 10 closed jobs.')).toBeVisible()

  await page.goto('/come-in')
  await page.getByLabel('Rating plate').fill('KWX 44-905')
  await expect(page.getByText('Kelwin KWX 2760').first()).toBeVisible()
})
