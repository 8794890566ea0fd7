import { expect, newJob, nothingWaits, off, onTheFloor, pixelsOf, signIn, strip, tapPhoto, test } from './test/test.ts'

test('two browsers on one job see each other within a second', async ({ another }) => {
  let path = ''
  const open = async (name: string) => {
    const page = await another()
    await signIn(page, name)
    path ||= await newJob(page, '2231-2222')
    await page.goto(`${path}/descent`)
    await expect(page.getByRole('heading', { name: 'Descent, step 1', exact: true })).toBeAttached()
    return page
  }
  const [jon, pia] = [await open('Jon Tarrow'), await open('Pia Sandel')]
  const step = (n: number) => ({ name: `Descent, step ${n}`, exact: true })

  for (const [here, there, n] of [
    [jon, pia, 2],
    [pia, jon, 3],
    [jon, pia, 4],
  ] as const) {
    await here.getByRole('button', { name: /^Photo/ }).click()
    await tapPhoto(here, 0.5, 0.5)
    const seen = there.getByRole('heading', step(n)).waitFor({ state: 'attached' })
    await here.getByRole('button', { name: /^Step down/ }).click()
    await here.getByRole('heading', step(n)).waitFor({ state: 'attached' })
    await seen
  }
  await expect(off(pia, '3 fasteners')).toBeVisible()
  await expect(off(jon, '3 fasteners')).toBeVisible()

  // the photo that one took is seen by the other
  await pia.getByRole('button', { name: /Down, step 3,/ }).click()
  await expect(pia.locator('[data-stage] img, main img').first()).toHaveJSProperty('complete', true)
  await expect.poll(() => pixelsOf(pia.locator('main img'))).toBeGreaterThan(100)

  // a mark fitted by one is done for the other
  for (const page of [jon, pia]) {
    await page.getByRole('link', { name: 'Return', exact: true }).click()
    await expect(page.getByRole('button', { name: /Fit fastener 1/ })).toBeVisible()
  }
  await jon.getByRole('button', { name: /Fit fastener 1/ }).click()
  await expect(pia.getByRole('button', { name: /Fit fastener 1 done/ })).toBeVisible()
  await nothingWaits(jon)
  await nothingWaits(pia)
})

test('what the server refuses is kept, with its reason, for the person to resolve', async ({ another }) => {
  const open = async (name: string) => {
    const page = await another()
    await signIn(page, name)
    const way = await (await onTheFloor(page, '2231-0388')).getAttribute('href')
    await page.goto(way!.replace(/\w+$/, 'return'))
    await expect(page.getByRole('heading', { level: 1 })).toContainText('drawer housing')
    return page
  }
  const [jon, pia] = [await open('Jon Tarrow'), await open('Pia Sandel')]
  // Jon's device cannot reach the server while both fit the same part.
  await jon.context().route('**/api/**', r => r.abort())
  await jon.getByRole('button', { name: /^Fitted/ }).click()
  await expect(strip(jon)).toContainText('The server does not answer')
  await pia.getByRole('button', { name: /^Fitted/ }).click()
  await nothingWaits(pia)
  await jon.context().unroute('**/api/**')
  const refused = jon.getByRole('button', { name: '1 refused' })
  await refused.click()
  await expect(strip(jon)).toContainText(/more than is owed|already done/)
  await jon.getByRole('button', { name: 'Let it go' }).click()
  await expect(refused).toBeHidden()
  await expect(off(jon, '1 part')).toBeVisible()
})
