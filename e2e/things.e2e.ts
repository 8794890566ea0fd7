import type { Page } from '@playwright/test'
import { closeMachine, allJobs, comeIn, expect, newJob, nothingWaits, signIn, test } from './test/test.ts'

const line = (page: Page) => page.getByLabel('Quick line')
const heading = (page: Page) => page.getByRole('heading', { level: 1 })
const needs = (page: Page) => page.getByRole('group', { name: 'Before it is turned' })
async function told(page: Page, words: string, next: number): Promise<void> {
  await line(page).fill(words)
  await page.getByRole('button', { name: /^Step down/ }).click()
  await expect(heading(page)).toHaveText(`Descent, step ${next}`)
}
/** The practice machine with this complaint, on its way back. */
async function practise(page: Page, complaint: string): Promise<void> {
  await signIn(page, 'Ola Renn')
  const jobs = await allJobs(page)
  await page.goto(`/jobs/${jobs.find(j => j.summary.complaint.includes(complaint))!.id}/return`)
}
/** All that is owed of the step in hand goes on, and the next one comes. */
async function fitted(page: Page, words: string | RegExp): Promise<void> {
  await expect(heading(page)).toContainText(words)
  // What a turn asks for is seen to, one after the other.
  const needs = page.getByRole('group', { name: 'Before it is turned' }).getByRole('button')
  for (let left = await needs.count(); left > 0; left -= 1) {
    await needs.first().click()
    await expect(needs).toHaveCount(left - 1)
  }
  const all = page.getByRole('button', { name: /^All \d/ })
  if (await all.isVisible()) await all.click()
  else await page.getByRole('button', { name: /(Fitted|Turned|So it stands).*Space/ }).click()
  await page.getByRole('button', { name: /^(Next step|Prove the machine)/ }).click()
}

test('what a line is taken for is seen and corrected by a tap, is recorded with it, and is shown and told among the things', async ({
  page,
}) => {
  await comeIn(page, 'Jon Tarrow')
  const path = await newJob(page, '2231-6101')
  await page.goto(`${path}/descent`)
  await expect(heading(page)).toHaveText('Descent, step 1')
  await line(page).fill('outside: 3x T20x12 access panel @A1')
  const said = page.getByRole('group', { name: 'What access panel is' })
  await expect(said.getByRole('button', { name: /holds rear panel/ })).toBeVisible()
  await said.getByRole('button', { name: /holds rear panel/ }).click()
  await said.getByRole('button', { name: 'service hatch', exact: true }).click()
  await expect(said.getByRole('button', { name: /holds service hatch/ })).toBeVisible()
  await said.getByRole('button', { name: /holds service hatch/ }).click()
  await said.getByRole('button', { name: 'rear panel', exact: true }).click()
  await page.getByRole('button', { name: /^Step down/ }).click()
  await told(page, 'outside: off rear panel', 3)
  await told(page, 'base: plug P1 white 3w', 4)
  await told(page, 'base: off drain pump', 5)

  await page.getByRole('link', { name: 'Things', exact: true }).click()
  const machine = page.getByRole('region', { name: 'The machine' })
  const binds = page.getByRole('region', { name: 'What binds it' })
  await machine.getByRole('button', { name: 'rear panel', exact: true }).click()
  await expect(binds.getByRole('button', { name: /^three T20 × 12, access panel/ })).toBeVisible()
  await machine.getByRole('button', { name: 'drain pump', exact: true }).click()
  await expect(binds).toContainText('Nothing is known to hold it')
  const missing = page.getByRole('region', { name: 'This holds that' })
  await missing.getByRole('button', { name: /P1/ }).click()
  await missing.getByRole('button', { name: 'lies under the drain pump' }).click()
  await expect(binds).toContainText('somebody said so')
  // What was told stands in the plan: the plug goes home before the pump is over it.
  await page.getByRole('link', { name: 'Return', exact: true }).click()
  await expect(heading(page)).toContainText('P1')
  await nothingWaits(page)
})

test('a turn is not recorded before what would fall is seen to, by name', async ({ page }) => {
  await comeIn(page, 'Jon Tarrow')
  await page.goto(`${await newJob(page, '2231-6102')}/descent`)
  await told(page, 'rear: 4x 13 mm drive motor @A1', 2)
  await line(page).fill('lay on back')
  await expect(needs(page).getByRole('button', { name: /drive motor: nothing holds it/ })).toBeVisible()
  // It is not recorded: the strong action ticks off what is to be seen to, one by one, by its name.
  await expect(page.getByRole('button', { name: /^Step down/ })).toBeHidden()
  await page.getByRole('button', { name: 'Seen to: drive motor' }).click()
  await expect(heading(page)).toHaveText('Descent, step 2')
  await needs(page)
    .getByRole('button', { name: /door and drawer/ })
    .click()
  await expect(needs(page)).toBeHidden()
  await page.getByRole('button', { name: /^Step down/ }).click()
  await expect(heading(page)).toHaveText('Descent, step 3')
  await nothingWaits(page)
})

test('a practice machine: the heavy unit is not stood up before its screws hold it', async ({ page }) => {
  await practise(page, 'Roars in the spin')
  await fitted(page, 'Refit the unit')
  await page
    .getByRole('button', { name: /Stand the machine upright/ })
    .last()
    .click()
  await expect(page.getByRole('region', { name: 'Gate' })).toContainText('nothing holds it: unit')
  await expect(page.getByRole('button', { name: /^Turned/ })).toBeHidden()
  // The strong action leads to its screws.
  await page.getByRole('button', { name: /^First: / }).click()
  for (const words of [
    'start all eight',
    'Belt on the small pulley',
    'Stand the machine upright',
    'Plug the machine in',
  ])
    await fitted(page, words)
  await page.getByRole('link', { name: 'Close', exact: true }).click()
  await closeMachine(page)
  await expect(page.getByText('Closed, not proved')).toBeVisible()
  await nothingWaits(page)
})

test('a practice machine: what is joined to the plate is asked for once; a new plate gets what was on the old one first', async ({
  page,
}) => {
  await practise(page, 'Wobbles')
  const asked = page.getByRole('group', { name: 'Joined first' })
  await asked.getByRole('button', { name: 'four 10 mm × 20, plate' }).click()
  await expect(asked).toBeHidden()
  await fitted(page, 'start all four 10 mm')
  await expect(heading(page)).toContainText('Refit the plate')
  await page.getByRole('button', { name: 'Other than refitted' }).click()
  await page.getByRole('button', { name: 'New one' }).click()
  const over = page.getByRole('group', { name: 'What is on the old one' })
  await over.getByRole('button', { name: 'grommet' }).click()
  await over.getByRole('button', { name: 'It goes over' }).click()
  await expect(over).toBeHidden()
  // It comes first now, and is asked for once.
  await fitted(page, 'Refit the grommet')
  await expect(heading(page)).toContainText('Refit the plate')
  await page.getByRole('button', { name: 'Other than refitted' }).click()
  await page.getByRole('button', { name: 'New one' }).click()
  await expect(over).toBeHidden()
  await expect(page.getByRole('button', { name: /^Next step/ })).toBeVisible()
  await nothingWaits(page)
})
