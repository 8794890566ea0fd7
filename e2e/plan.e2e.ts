import { comeIn, expect, newJob, nothingWaits, test } from './test/test.ts'

test('the return departs from the mirror with its reason; the mirror can be taken; people say what comes first; a contradiction is told and one arc dropped', async ({
  page,
}) => {
  await comeIn(page, 'Jon Tarrow')
  const path = await newJob(page, '2231-8001')
  await page.goto(`${path}/descent`)
  const lines = ['power off', 'rear: loom: behind bracket > clip', 'off bracket', 'off spring', 'plug P1 white 3w']
  for (const [i, words] of lines.entries()) {
    await page.getByLabel('Quick line').fill(words)
    await page.getByRole('button', { name: /^Step down/ }).click()
    await expect(page.getByRole('heading', { name: `Descent, step ${i + 2}`, exact: true })).toBeAttached()
  }
  const back = () =>
    page
      .getByRole('button', { name: /^Back, step/ })
      .evaluateAll(all => all.map(b => Number(/step (\d+)/.exec(b.getAttribute('aria-label')!)![1])))

  await page.getByRole('link', { name: 'Return', exact: true }).click()
  await expect.poll(back).toEqual([5, 4, 2, 3, 1])
  await page.getByRole('button', { name: /^Back, step 2,/ }).click()
  await expect(page.getByText('Moved up:')).toBeVisible()
  await expect(page.getByText(/runs past the bracket and cannot be laid once that is on/)).toBeVisible()

  await test.step('the mirror instead: what it goes against is said first', async () => {
    await page.getByRole('button', { name: 'Take the mirror instead' }).click()
    await expect(page.getByRole('note').filter({ hasText: 'That goes against' })).toContainText('past the bracket')
    await page.getByRole('button', { name: 'Take the mirror', exact: true }).click()
    await expect.poll(back).toEqual([5, 4, 3, 2, 1])
    await expect(page.getByRole('note').filter({ hasText: 'The plain mirror stands' })).toBeVisible()
    await page.getByRole('button', { name: 'Take the plan' }).click()
    await expect.poll(back).toEqual([5, 4, 2, 3, 1])
  })
  await test.step('this before that, by touching two tiles of the Valley', async () => {
    await page.getByRole('link', { name: 'Valley', exact: true }).click()
    await page.getByRole('button', { name: 'This before that' }).click()
    await page.getByRole('button', { name: /^Back, step 4,/ }).click()
    await expect(page.getByRole('status').filter({ hasText: 'Now touch what comes after it' })).toBeVisible()
    await page.getByRole('button', { name: /^Back, step 5,/ }).click()
    await page.getByRole('button', { name: 'Say so' }).click()
    await expect(page.getByRole('alert')).toContainText('Say why')
    await page.getByLabel('Why it comes first').fill('the plug cannot be held once the spring pulls')
    await page.getByRole('button', { name: 'Say so' }).click()
    await expect.poll(back).toEqual([4, 5, 2, 3, 1])
  })
  await test.step('what cannot all hold is said in words; one arc is dropped with why', async () => {
    await page.getByRole('button', { name: 'This before that' }).click()
    await page.getByRole('button', { name: /^Back, step 3,/ }).click()
    await page.getByRole('button', { name: /^Back, step 2,/ }).click()
    await page.getByLabel('Why it comes first').fill('the loom hangs on the bracket')
    await page.getByRole('button', { name: 'Say so' }).click()
    await page.getByRole('link', { name: 'Return', exact: true }).click()
    const note = page.getByRole('note').filter({ hasText: 'cannot all hold' })
    await expect(note).toContainText('somebody said so: the loom hangs on the bracket')
    await expect(note).toContainText('Given up, so that the rest holds')
    await expect.poll(back).toEqual([4, 5, 3, 2, 1])
    await note
      .getByRole('listitem')
      .filter({ hasText: 'past the bracket' })
      .getByRole('button', { name: 'Drop this' })
      .click()
    await page.getByLabel('Why it does not hold').fill('this bracket is open at its side')
    await page.getByRole('button', { name: 'Drop it' }).click()
    await expect(note).toBeHidden()
    await expect.poll(back).toEqual([4, 5, 3, 2, 1])
  })
  await test.step('what is done stays where it is', async () => {
    await page.getByRole('button', { name: /^Back, step 4,/ }).click()
    await page.getByRole('button', { name: /^Fitted/ }).click()
    await page.getByRole('link', { name: 'Valley', exact: true }).click()
    await page.getByRole('button', { name: /^Withdraw: the plug/ }).click()
    await expect.poll(back).toEqual([4, 5, 3, 2, 1])
  })
  await nothingWaits(page)
})
