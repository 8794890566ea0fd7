import { devices } from '@playwright/test'
import type { Page } from '@playwright/test'
import { choose, expect, newJob, signIn, strip, test } from './test/test.ts'

const phone = { ...devices['Pixel 7'], viewport: { width: 390, height: 844 }, deviceScaleFactor: 1 }
const password = 'ten letters and more'
const rowOf = (page: Page, name: string) =>
  page.getByRole('region', { name: 'People' }).getByRole('listitem').filter({ hasText: name })

/** The lead adds somebody; returns the link that the square on the screen stands for. */
async function added(lead: Page, name: string, login: string): Promise<string> {
  await lead.goto('/people')
  const form = lead.getByRole('form', { name: 'Add somebody' })
  await form.getByLabel('Name').fill(name)
  await form.getByLabel('Login').fill(login)
  await form.getByRole('button', { name: 'Add, and get their code' }).click()
  const once = lead.getByRole('region', { name: 'The code, told this once' })
  await expect(once).toContainText(`Hand this to ${name}`)
  await expect(once.getByRole('img', { name: `Code for the phone of ${name}` })).toBeVisible()
  const code = (await once.getByText(/^[0-9A-Z]{5}-[0-9A-Z]{5}$/).textContent())!
  await once.getByRole('button', { name: 'I have handed it over' }).click()
  await expect(once).toHaveCount(0)
  return `/welcome#${login}/${code}`
}
/** Somebody chooses a password on a device of theirs. */
async function comesIn(page: Page, link: string, word = password): Promise<void> {
  await page.goto(link)
  await page.getByLabel('Your new password').fill(word)
  await page.getByRole('button', { name: 'Keep it and come in' }).click()
  await expect(page.getByRole('heading', { name: /stand/ })).toBeVisible()
}

test('somebody comes into the shop by a code; what they may do changes under their hands, and ends', async ({
  page: lead,
  another,
}) => {
  await signIn(lead, 'Mara Okwell')
  const link = await added(lead, 'Ivo Brandt', 'ivo')
  const ivo = await another(phone)
  await test.step('they choose their password by touch, once', async () => {
    await ivo.goto(link)
    await expect(ivo.getByLabel('Login')).toHaveValue('ivo')
    await ivo.getByLabel('Your new password').fill('short')
    await ivo.getByRole('button', { name: 'Keep it and come in' }).tap()
    await expect(ivo.getByText('take at least 10 characters')).toBeVisible()
    await ivo.getByLabel('Your new password').fill(password)
    await ivo.getByRole('button', { name: 'Keep it and come in' }).tap()
    await expect(ivo.getByRole('heading', { name: /stand/ })).toBeVisible()
  })
  const path = await newJob(ivo, '2231-9401')
  await ivo.goto(`${path}/descent`)
  await expect(ivo.getByRole('heading', { name: 'Descent, step 1', exact: true })).toBeAttached()
  await ivo.getByLabel('Quick line').fill('4x T20 top')
  await ivo.getByRole('button', { name: /^Step down/ }).tap()
  await expect(ivo.getByRole('heading', { name: 'Descent, step 2', exact: true })).toBeAttached()

  await test.step('who only looks from now on sees it at once, in the open job', async () => {
    await lead.reload()
    await expect(rowOf(lead, 'Ivo Brandt')).toContainText('Signed in on one device')
    await choose(lead, 'What Ivo Brandt may do', 'viewer')
    await expect(rowOf(lead, 'Ivo Brandt')).toContainText('Looks and changes nothing.')
    await expect(ivo.getByLabel('Quick line')).toHaveCount(0)
    await choose(lead, 'What Ivo Brandt may do', 'technician')
    await expect(ivo.getByLabel('Quick line')).toBeVisible()
  })
  await test.step('who is signed out is told in the open job; what they record meanwhile waits, and goes up after', async () => {
    await rowOf(lead, 'Ivo Brandt').getByRole('button', { name: 'Sign out everywhere' }).click()
    await rowOf(lead, 'Ivo Brandt').getByRole('button', { name: 'Sign out everywhere, yes' }).click()
    await expect(rowOf(lead, 'Ivo Brandt')).toContainText('Signed in nowhere')
    await expect(strip(ivo)).toContainText('Your session has ended')
    await ivo.getByLabel('Quick line').fill('2x clip drawer')
    await ivo.getByRole('button', { name: /^Step down/ }).tap()
    await expect(strip(ivo)).toContainText('1 act waits on this device')
    await strip(ivo).getByRole('link', { name: 'sign in again' }).tap()
    await ivo.getByLabel('Login').fill('ivo')
    await ivo.getByLabel('Password').fill(password)
    await ivo.getByRole('button', { name: 'Sign in' }).tap()
    await expect(ivo.getByRole('heading', { name: 'Descent, step 3', exact: true })).toBeAttached()
    await expect(strip(ivo)).toHaveCount(0)
    const log = (await (await ivo.request.get(`/api${path}/events`)).json()) as { kind: string }[]
    expect(log.filter(e => e.kind === 'step-recorded')).toHaveLength(2)
  })
  await test.step('whose account ends signs in no more; the record keeps their name, and they can be taken up again', async () => {
    await lead.reload()
    await rowOf(lead, 'Ivo Brandt').getByRole('button', { name: 'End the account' }).click()
    await rowOf(lead, 'Ivo Brandt').getByRole('button', { name: 'End the account, yes' }).click()
    await expect(rowOf(lead, 'Ivo Brandt')).toHaveCount(0)
    await expect(strip(ivo)).toContainText('Your session has ended')
    await ivo.goto('/sign-in')
    await ivo.getByLabel('Login').fill('ivo')
    await ivo.getByLabel('Password').fill(password)
    await ivo.getByRole('button', { name: 'Sign in' }).tap()
    await expect(ivo.getByRole('alert')).toContainText('Check both')
    await lead.getByRole('button', { name: '1 who left' }).click()
    await rowOf(lead, 'Ivo Brandt').getByRole('button', { name: 'Take up again' }).click()
    const once = lead.getByRole('region', { name: 'The code, told this once' })
    const code = (await once.getByText(/^[0-9A-Z]{5}-[0-9A-Z]{5}$/).textContent())!
    await ivo.getByRole('link', { name: /I was handed a code/ }).tap()
    await ivo.getByLabel('Login').fill('ivo')
    await ivo.getByLabel('Code').fill(code.toLowerCase().replace('-', ' '))
    await ivo.getByLabel('Your new password').fill('another of ten letters')
    await ivo.getByRole('button', { name: 'Keep it and come in' }).tap()
    await expect(ivo.getByRole('heading', { name: /stand/ })).toBeVisible()
  })
})

test('one changes the password and names the device by keyboard; the phone that joined from the other device ends with it', async ({
  page: lead,
  another,
}) => {
  await signIn(lead, 'Mara Okwell')
  const link = await added(lead, 'Una Feld', 'una')
  const [bench, home, hand] = [await another(), await another(), await another(phone)]
  await comesIn(bench, link)
  await home.goto('/sign-in')
  await home.getByLabel('Login').fill('una')
  await home.getByLabel('Password').fill(password)
  await home.keyboard.press('Enter')
  await expect(home.getByRole('heading', { name: /stand/ })).toBeVisible()
  await home.goto(`${await newJob(home, '2231-9402')}/descent`)
  await home.getByRole('button', { name: /Phone as camera/ }).click()
  const joining = (await home.getByRole('region', { name: 'A second device' }).getByRole('link').textContent())!
  await hand.goto(joining)
  await expect(hand.getByRole('heading', { name: 'Descent, step 1', exact: true })).toBeAttached()
  await test.step('the code is for one device: another that has it is not let in, this one may load it again', async () => {
    const late = await another(phone)
    await late.goto(joining)
    await expect(late.getByRole('alert')).toContainText('one is good for one device')
    await hand.goto(joining)
    await expect(hand.getByRole('heading', { name: 'Descent, step 1', exact: true })).toBeAttached()
  })

  await bench.getByRole('link', { name: /Una Feld/ }).click()
  const mine = bench.getByRole('region', { name: 'Devices' })
  await expect(mine.getByText('in the job of 2231-9402')).toBeVisible()
  await test.step('by keyboard alone', async () => {
    await bench.getByRole('button', { name: 'Name it' }).first().focus()
    await bench.keyboard.press('Enter')
    await bench.getByLabel('What the shop calls it').fill('bench by the door')
    await bench.keyboard.press('Enter')
    await expect(mine.getByText('bench by the door')).toBeVisible()
    const form = bench.getByRole('form', { name: 'Another password' })
    await form.getByLabel('The one you have').fill('a wrong guess')
    await form.getByLabel('The new one').fill('ten other letters')
    await bench.keyboard.press('Enter')
    await expect(form.getByRole('alert')).toContainText('Give the password that you signed in with.')
    await expect(form.getByLabel('The new one')).toHaveValue('ten other letters')
    await form.getByLabel('The one you have').fill(password)
    await bench.keyboard.press('Enter')
    await expect(form.getByRole('status')).toContainText('you are signed out')
  })
  await expect(mine.getByText('in the job of 2231-9402')).toHaveCount(0)
  for (const gone of [home, hand]) await expect(strip(gone)).toContainText('Your session has ended')
  await bench.goto('/models')
  await expect(bench.getByRole('heading', { name: 'Models' })).toBeVisible()
  await test.step('the lead sees the device by its name, and signs it out', async () => {
    await lead.reload()
    const device = lead
      .getByRole('region', { name: 'Devices' })
      .getByRole('listitem')
      .filter({ hasText: 'bench by the door' })
    await device.getByRole('button', { name: 'Sign out' }).first().click()
    await device.getByRole('button', { name: 'Sign out, yes' }).click()
    await expect(device).toHaveCount(0)
    await bench.goto('/models')
    await expect(bench).toHaveURL(/sign-in/)
  })
})

test('who is no lead finds their own page there, and a person of the demo is told why they stay as they are', async ({
  page,
}) => {
  await signIn(page, 'Jon Tarrow')
  await expect(page.getByRole('link', { name: 'People' })).toHaveCount(0)
  await page.goto('/people')
  await expect(page.getByRole('heading', { name: 'Jon Tarrow' })).toBeVisible()
  await expect(page.getByText('A person of the demo keeps their password')).toBeVisible()
  await page.goto('/first')
  await expect(
    page.getByRole('heading', { name: /stand/ }).or(page.getByRole('heading', { name: 'Sign in' })),
  ).toBeVisible()
})
