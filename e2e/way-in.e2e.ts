import { randomUUID } from 'node:crypto'
import { devices } from '@playwright/test'
import { choose, chooseModel, comeIn, expect, newJob, signIn, test } from './test/test.ts'
import { off, screws, step, tellIn } from './test/told-job.ts'

const turn = (to: string) => ({ id: randomUUID(), kind: 'turn-machine', from: 'upright', to })
/** What was done last, and closed. */
const closed = [
  { kind: 'phase-changed', body: { phase: 'return' } },
  { kind: 'job-closed', body: { clean: false, note: 'told for the way in' } },
]

test('the ways in stand side by side, the shorter one first: from the recordings of the model, with turns, people, tools and what must not stand in', async ({
  page,
  another,
}) => {
  await signIn(page, 'Mara Okwell')
  const model = `WI-${randomUUID().slice(0, 6)}`
  const begins = { kind: 'phase-changed', body: { phase: 'descent' } }
  const low = await newJob(page, '9303-0001', model)
  await tellIn(page, low, [
    begins,
    step('outside', screws('kick plate', 3)),
    step('outside', off('kick plate', ['base'])),
    step('outside', turn('on its front')),
    step('base', screws('drain pump', 3)),
    step('base', off('drain pump')),
    ...closed,
  ])
  const rear = await newJob(page, '9303-0002', model)
  await tellIn(page, rear, [
    begins,
    step('outside', screws('rear panel', 8)),
    step('outside', off('rear panel', ['rear', 'base'])),
    step('base', screws('drain pump', 3)),
    step('base', off('drain pump')),
    ...closed,
  ])

  // Another person, the next machine; by keys alone to the part.
  const jon = await another()
  await comeIn(jon, 'Jon Tarrow')
  const path = await newJob(jon, '9303-0003', model)
  await jon.goto(`${path}/triage`)
  await expect(jon.getByRole('heading', { name: 'What it can be' })).toBeVisible()
  await jon.keyboard.press('i')
  await expect(jon).toHaveURL(/way-in/)
  await choose(jon, 'To a part', 'drain pump')
  const plans = jon.getByRole('article')
  await expect(plans.first()).toContainText('by the rear panel')
  await expect(plans.first()).toContainText('one person.')
  await expect(plans.first()).toContainText('Pull the plug')
  const low2 = plans.filter({ hasText: 'by the kick plate' })
  await expect(low2).toContainText('two people, turned once')
  await expect(low2).toContainText('Turn it: on its front, two people')
  await plans.first().getByText('T20 driver').click()
  await expect(plans.first()).toContainText('Not one size smaller: it turns and strips the star.')

  // What is off already shortens the way from here.
  await tellIn(jon, path, [
    begins,
    step('outside', screws('rear panel', 8)),
    step('outside', off('rear panel', ['rear', 'base'])),
  ])
  await jon.reload()
  await expect(plans).toHaveCount(1)
  await expect(plans).toContainText('straight to the drain pump')
  await expect(plans).not.toContainText('Take off the rear panel')
})

test('by touch on a phone: a model without a recording, to a place of the machine, said to be general', async ({
  browser,
}) => {
  const phone = await browser.newContext({ ...devices['Pixel 5'] })
  const page = await phone.newPage()
  await signIn(page, 'Mara Okwell')
  await newJob(page, '9303-0004', `WN-${randomUUID().slice(0, 6)}`)
  await chooseModel(page, 'WN-')
  await page.getByRole('link', { name: 'Ways in' }).tap()
  await page.getByText('base', { exact: true }).tap()
  const plans = page.getByRole('article')
  await expect(plans).toHaveCount(2)
  await expect(plans.first()).toContainText('by the kick plate')
  await expect(plans.first()).toContainText('No recording of this model: by what its family usually has.')
  await phone.close()
})
