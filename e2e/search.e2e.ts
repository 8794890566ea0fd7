import type { Page } from '@playwright/test'
import { expect, signIn, test } from './test/test.ts'
import { jobWith, off, screws, step } from './test/told-job.ts'

const field = (page: Page) => page.getByRole('textbox', { name: 'Search all that was recorded' })
const rows = (page: Page) => page.getByRole('main').getByRole('listitem')

/** A job with a thing in it that no other has, once it is read for the search. */
async function recorded(page: Page, serial: string): Promise<string> {
  const path = await jobWith(page, serial, step('base', screws('turbidity lamp', 2), off('turbidity lamp')))
  const found = async () =>
    ((await (await page.request.get('/api/search?words=turbidity')).json()) as { source: string }[]).map(f => f.source)
  await expect.poll(found).toContain(path.split('/').at(-1))
  return path
}

test('what somebody recorded is found by another, with slips, by keyboard, and opens where it was recorded', async ({
  page,
  another,
}) => {
  const path = await recorded(page, '9304-0001')
  const mara = await another()
  await signIn(mara, 'Mara Okwell')
  await mara.keyboard.press('q')
  await expect(field(mara)).toBeFocused()
  await field(mara).fill('turbidty lmp')
  await expect(mara.getByText('Nothing has all these words')).toBeVisible()
  await field(mara).fill('turbidty lamp')
  await expect(rows(mara).first()).toContainText('turbidity lamp')
  await expect(mara.getByText('Nothing as typed; this is close to it.')).toBeVisible()
  await expect(rows(mara).first()).toContainText('read as turbidity lamp')
  await test.step('the machine shows where it is', async () => {
    await expect(mara.getByRole('img', { name: /1 at base/ })).toBeVisible()
  })
  await test.step('the jobs behind it', async () => {
    await mara.getByRole('button', { name: 'One job' }).first().click()
    await expect(mara.getByRole('list', { name: 'Jobs' })).toContainText('9304-0001')
  })
  await mara
    .getByRole('link', { name: /turbidity lamp/ })
    .first()
    .click()
  await expect(mara).toHaveURL(new RegExp(`${path}/descent\\?step=`))
  await test.step('the way back finds the words again', async () => {
    await mara.goBack()
    await expect(field(mara)).toHaveValue('turbidty lamp')
    await expect(rows(mara).first()).toContainText('turbidity lamp')
  })
})

test.describe('by touch on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })
  test('a plate, as it is read off', async ({ page }) => {
    await recorded(page, '9304-0002')
    await page.goto('/')
    await page.getByRole('link', { name: /^Search/ }).tap()
    await field(page).tap()
    await field(page).pressSequentially('93040002')
    await expect(rows(page).first()).toContainText('9304-0002')
    await page.getByRole('button', { name: 'Its jobs' }).first().tap()
    await page.getByRole('list', { name: 'Jobs' }).getByRole('link').first().tap()
    await expect(page).toHaveURL(/\/jobs\/.*\/valley/)
  })
})
