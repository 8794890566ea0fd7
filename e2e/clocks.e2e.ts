import { expect, newJob, nothingWaits, signIn, test } from './test/test.ts'

const year = 365 * 86_400_000

test('a tablet a year ahead is told so at once; its words and steps stand at their right time, and it does not keep the last word', async ({
  page,
  another,
}) => {
  const ahead = await another()
  await ahead.clock.install({ time: Date.now() + year })
  await signIn(ahead, 'Jon Tarrow')
  const clock = ahead.getByText('The clock of this device is 1 year ahead.')
  await expect(clock).toBeVisible()
  const path = await newJob(ahead, '2231-9501')
  await ahead.goto(`${path}/intake`)
  await ahead.getByLabel('Complaint').fill('leaks at the door')
  await ahead.getByLabel('Seen when tried').focus()
  await nothingWaits(ahead)

  await signIn(page, 'Mara Okwell')
  await page.goto(`${path}/intake`)
  await expect(page.getByLabel('Complaint')).toHaveValue('leaks at the door')
  await expect(page.getByText('The clock of this device')).toHaveCount(0)
  await page.getByLabel('Complaint').fill('leaks at the pump')
  await page.getByLabel('Seen when tried').focus()
  await expect(ahead.getByLabel('Complaint')).toHaveValue('leaks at the pump')

  await test.step('steps of both stand in the order in which they were done', async () => {
    const down = async (of: typeof page, n: number, line: string) => {
      await of.goto(`${path}/descent`)
      await expect(of.getByRole('heading', { name: `Descent, step ${n}`, exact: true })).toBeAttached()
      await of.getByLabel('Quick line').fill(line)
      await of.getByRole('button', { name: /^Step down/ }).click()
      await expect(of.getByRole('heading', { name: `Descent, step ${n + 1}`, exact: true })).toBeAttached()
      await nothingWaits(of)
    }
    await down(ahead, 1, '4x T20 top')
    await down(page, 2, 'off top lid')
    await down(ahead, 3, '2x clip drawer')
    const log = (await (await page.request.get(`/api${path}/events`)).json()) as {
      kind: string
      at: string
      when?: string
    }[]
    const steps = log.filter(e => e.kind === 'step-recorded').map(e => Date.parse(e.when ?? e.at))
    expect(steps).toHaveLength(3)
    expect(steps).toEqual(steps.toSorted((a, b) => a - b))
    for (const when of steps) expect(Math.abs(when - Date.now())).toBeLessThan(600_000)
  })
})
