import { randomUUID } from 'node:crypto'
import type { Page } from '@playwright/test'
import { chooseModel, comeIn, expect, newJob, nothingWaits, signIn, test } from './test/test.ts'
import { off, screws, step, tellIn } from './test/told-job.ts'

/** A job by one hand on a model of its own, closed with what it learnt: an order with its reason, what was joined first, the ground strap seen on the way back, a corroded screw, a note. */
async function learntJob(page: Page, model: string, serial: string, learns: boolean): Promise<void> {
  const path = await newJob(page, serial, model)
  const bound = screws('control board', 4, learns ? { condition: 'corroded' } : {})
  const board = off('control board')
  const cover = step('outside', screws('top panel', 2), off('top panel', ['top']))
  const [fixing, away] = [step('top', bound), step('top', board)]
  const learnt = [
    { kind: 'note-added', body: { step: cover.body.step.id, text: 'the front edge is sharp' } },
    {
      kind: 'constraint-added',
      body: { first: away.body.step.id, then: fixing.body.step.id, reason: 'its lower screw is covered by the loom' },
    },
    { kind: 'liaison-told', body: { how: 'rides on', move: bound.id, part: board.id } },
  ]
  await tellIn(page, path, [
    { kind: 'phase-changed', body: { phase: 'descent' } },
    cover,
    fixing,
    away,
    ...(learns ? learnt : []),
    { kind: 'phase-changed', body: { phase: 'return' } },
    step('top', screws('ground strap', 1)),
    { kind: 'job-closed', body: { clean: false, note: 'told for the book' } },
  ])
}
const learnt = (page: Page) => page.getByRole('list', { name: 'What was learnt here' })
const ghost = (page: Page) => page.getByRole('region', { name: 'Next, as it was before' })

test('what one learnt the hard way is said to the next in time: before the step, on the way back, and in the book with the job that it comes from', async ({
  page,
  another,
}) => {
  await signIn(page, 'Mara Okwell')
  const model = `BK-${randomUUID().slice(0, 6)}`
  await learntJob(page, model, '9301-0001', true)
  await learntJob(page, model, '9301-0002', false)

  // Another person, the next machine of the model.
  const jon = await another()
  await comeIn(jon, 'Jon Tarrow')
  const path = await newJob(jon, '9301-0003', model)
  await jon.goto(`${path}/descent`)
  await expect(ghost(jon)).toContainText('in 2 of 2')
  await expect(learnt(jon)).toContainText('The front edge is sharp')

  await test.step('one touch records the next step; a key does as well', async () => {
    await ghost(jon)
      .getByRole('button', { name: /^So it is/ })
      .click()
    await expect(jon.getByRole('heading', { name: 'Descent, step 2' })).toBeAttached()
    await expect(ghost(jon)).toContainText('Control board')
    await expect(learnt(jon)).toContainText('Found corroded before')
    await expect(learnt(jon)).toContainText('Joined first, on the bench')
    await expect(learnt(jon)).toContainText('its lower screw is covered by the loom')
  })
  await test.step('a difference is noticed, and one touch says what it is', async () => {
    await ghost(jon).getByRole('button', { name: 'Correct it' }).click()
    await jon.keyboard.press('-')
    await jon.getByRole('button', { name: /^Step down/ }).click()
    const differs = jon.getByRole('region', { name: 'Otherwise than before' })
    await expect(differs).toContainText('3 here, 4 in 2 others')
    await differs.getByRole('button', { name: 'Missing' }).click()
    await expect(differs).toBeHidden()
  })
  await test.step('what was seen only on the way back is said while it can still be seen', async () => {
    await expect(learnt(jon)).toContainText('Nobody saw it going down')
    await jon.keyboard.press('g')
    await expect(jon.getByRole('heading', { name: 'Descent, step 4' })).toBeAttached()
  })
  await jon.getByRole('link', { name: 'Return', exact: true }).click()
  await expect(learnt(jon).first()).toContainText('order said')
  await nothingWaits(jon)

  await chooseModel(jon, model)
  await jon.getByRole('link', { name: 'Its book' }).click()
  await expect(jon.getByRole('heading', { level: 1 })).toContainText(`${model}, its book`)
  await expect(jon.getByText('From 2 closed jobs')).toBeVisible()
  const steps = jon.getByRole('region', { name: 'Step by step' })
  await steps.getByRole('button', { name: '2 jobs' }).first().click()
  await steps.getByRole('link', { name: '9301-0002' }).last().click()
  await expect(jon).toHaveURL(/\/valley$/)
})

test('the lead puts the book right: the next one is told by the new name what to mind; a recording withdrawn takes its share, and comes back', async ({
  page,
  another,
}) => {
  await signIn(page, 'Mara Okwell')
  const model = `BK-${randomUUID().slice(0, 6)}`
  await learntJob(page, model, '9301-0011', false)
  await learntJob(page, model, '9301-0012', false)
  const models = (await (await page.request.get('/api/models')).json()) as { id: string; code: string }[]
  await page.goto(`/models/${models.find(m => m.code === model)!.id}/book`)
  const steps = page.getByRole('region', { name: 'Step by step' })
  await expect(steps).toContainText('Take off the control board.')
  await page.getByRole('button', { name: 'Put step 3 right' }).click()
  const right = page.getByRole('group', { name: 'Put it right' })
  await right.getByRole('textbox', { name: 'Its name' }).fill('motor control')
  await right.getByRole('button', { name: 'Rename' }).click()
  await expect(steps).toContainText('Take off the motor control.')
  await right.getByRole('textbox', { name: 'What to mind here' }).fill('it hangs by its loom')
  await right.getByRole('button', { name: 'Warn of it' }).click()
  await expect(steps).toContainText('It hangs by its loom')
  await right.getByRole('button', { name: 'So it is done here' }).click()
  await expect(steps).toContainText('so it is done here')

  await test.step('a recording is withdrawn with its reason, and taken back', async () => {
    await page.getByText('Recordings and what leads said').click()
    await page.getByRole('button', { name: 'Withdraw the recording of 9301-0011' }).click()
    await page.getByRole('textbox', { name: 'Why it is withdrawn' }).fill('told by a learner')
    await page.getByRole('button', { name: 'Withdraw it' }).click()
    await expect(page.getByText('From one closed job')).toBeVisible()
    await expect(steps).toContainText('Take off the motor control.')
    const said = page.getByRole('list', { name: 'What leads said' })
    await said
      .getByRole('listitem')
      .filter({ hasText: 'told by a learner' })
      .getByRole('button', { name: 'Take back' })
      .click()
    await expect(page.getByText('From 2 closed jobs')).toBeVisible()
  })
  await test.step('the next one hears it before the step', async () => {
    const jon = await another()
    await comeIn(jon, 'Jon Tarrow')
    const path = await newJob(jon, '9301-0013', model)
    await jon.goto(`${path}/descent`)
    for (const words of ['Top panel', 'Control board'] as const) {
      await expect(ghost(jon)).toContainText(words)
      await ghost(jon)
        .getByRole('button', { name: /^So it is/ })
        .click()
    }
    await expect(ghost(jon)).toContainText('motor control')
    await expect(learnt(jon)).toContainText('It hangs by its loom')
    // Who is no lead looks, and puts nothing right.
    await jon.goto(page.url())
    await expect(jon.getByRole('region', { name: 'Step by step' })).toContainText('motor control')
    await expect(jon.getByRole('button', { name: /^Put step/ })).toHaveCount(0)
  })
})

test('a first job of a model starts from the book of the sister that the lead named, and says so; the two books lie side by side', async ({
  page,
  another,
}) => {
  await signIn(page, 'Mara Okwell')
  const [one, other] = [0, 1].map(() => `BK-${randomUUID().slice(0, 6)}`) as [string, string]
  await learntJob(page, one, '9301-0021', true)
  const path = await newJob(page, '9301-0022', other)
  const models = (await (await page.request.get('/api/models')).json()) as { id: string; code: string }[]
  const id = (code: string) => models.find(m => m.code === code)!.id
  await page.goto(`/models/${id(other)}/book`)
  await page.getByRole('link', { name: 'Beside another' }).click()
  await page.getByRole('combobox', { name: 'Which model beside it' }).fill(one)
  await page.getByRole('option', { name: one }).click()
  await expect(page.getByText(`only on ${one}`).first()).toBeVisible()
  await page.getByRole('button', { name: 'Name it the sister' }).click()
  await expect(page.getByText(`starts from the book of ${one}`)).toBeVisible()

  const jon = await another()
  await signIn(jon, 'Jon Tarrow')
  await jon.goto(`${path}/descent`)
  await expect(ghost(jon)).toContainText(`on its sister ${one}`)
  await expect(ghost(jon)).toContainText('Top panel')
  await expect(learnt(jon)).toContainText('The front edge is sharp')
  await ghost(jon)
    .getByRole('button', { name: /^So it is/ })
    .click()
  // Another number than on the sister is no surprise; what is done so is the job's own.
  await expect(ghost(jon)).toContainText('Control board')
  await ghost(jon).getByRole('button', { name: 'Correct it' }).click()
  await jon.keyboard.press('+')
  await jon.getByRole('button', { name: /^Step down/ }).click()
  await expect(ghost(jon)).toContainText('Take off the control board')
  await expect(jon.getByRole('region', { name: 'Otherwise than before' })).toHaveCount(0)
  await nothingWaits(jon)
  await tellIn(jon, path, [
    { kind: 'phase-changed', body: { phase: 'return' } },
    { kind: 'job-closed', body: { clean: false, note: 'told for the book' } },
  ])

  await page.reload()
  const side = page.getByRole('region', { name: 'Side by side' })
  await expect(side).toContainText('count 5 / 4')
  await expect(side).toContainText(`only there`)
  await side
    .getByRole('button', { name: /the same$/ })
    .first()
    .click()
  await expect(side.getByText('= the same').first()).toBeVisible()
})
