import { devices, type Locator, type Page } from '@playwright/test'
import { beginDescent, comeIn, expect, newJob, nothingWaits, off, test } from './test/test.ts'

const draft = (page: Page, words: string | RegExp) =>
  expect(page.getByRole('heading', { level: 1, name: words })).toBeVisible()
const moves = (page: Page) => page.getByRole('list', { name: 'Moves of this draft' })
/** Chooses a file that says itself when it was written. */
const choose = (input: Locator, name: string, type: string, text: string, at: Date) =>
  input.evaluate(
    (box: HTMLInputElement, [name, type, text, at]) => {
      const chosen = new DataTransfer()
      chosen.items.add(new File([text], name, { type, lastModified: Date.parse(at) }))
      box.files = chosen.files
      box.dispatchEvent(new Event('change', { bubbles: true }))
    },
    [name, type, text, at.toISOString()] as const,
  )
/** A picture of one colour, taken at a moment. */
const chooseShot = (input: Locator, colour: string, at: Date) =>
  input.evaluate(
    async (box: HTMLInputElement, [colour, at]) => {
      const canvas = document.createElement('canvas')
      canvas.width = 320
      canvas.height = 240
      const pen = canvas.getContext('2d')!
      pen.fillStyle = colour
      pen.fillRect(0, 0, 320, 240)
      const blob = await new Promise<Blob>(done => canvas.toBlob(b => done(b!), 'image/png'))
      const chosen = new DataTransfer()
      chosen.items.add(new File([blob], 'shot.png', { type: 'image/png', lastModified: Date.parse(at) }))
      box.files = chosen.files
      box.dispatchEvent(new Event('change', { bubbles: true }))
    },
    [colour, at.toISOString()] as const,
  )
const began = new Date('2031-04-02T08:00:00Z')
const later = (seconds: number) => new Date(began.getTime() + seconds * 1000)

const spoken = `WEBVTT

00:00:03.000 --> 00:00:07.000
Power is off and the tap is shut.

00:00:12.000 --> 00:00:18.000
Lid, two T20 at the back, lid off.

00:00:25.000 --> 00:00:28.000
That was a lot of dust.

00:00:40.000 --> 00:00:48.000
Front panel, four T30 at the bottom edge.

00:00:50.000 --> 00:00:52.000
And the panel's off.

00:01:20.000 --> 00:01:26.000
Motor plug off, white, six way. Two 10 mm bolts, motor out.

00:02:00.000 --> 00:02:05.000
When it goes back together the seal wants a bit of soap.
`

test('a narration, from its file to recorded steps, by keys: kept, corrected, merged, parted, dropped, taken back', async ({
  page,
}) => {
  const path = await beginDescent(page, '2231-8601')
  await page.keyboard.press('v')
  await draft(page, 'A narration')
  await choose(page.locator('input[type=file]'), 'bench.vtt', 'text/vtt', spoken, began)
  await draft(page, /Draft 1 of 4/)

  await test.step('beside its text, one at a time', async () => {
    const said = page.getByRole('region', { name: 'What was said' })
    await expect(said.getByText('Power is off and the tap is shut.')).toBeVisible()
    await expect(moves(page).getByRole('listitem')).toHaveCount(2)
    await page.keyboard.press('Space')
    await draft(page, /Draft 2 of 4/)
    await expect(off(page, '2 isolations')).toBeVisible()
  })
  await test.step('a photo goes to the draft that was told when it was taken; one of no draft waits beside', async () => {
    const shots = page.getByRole('region', { name: 'Photos of this draft' })
    await chooseShot(shots.locator('input[type=file][accept="image/*"]'), '#774433', later(15))
    await expect(shots.getByRole('button', { name: 'Take off the photo of 0:15' })).toBeVisible()
    await chooseShot(shots.locator('input[type=file][accept="image/*"]'), '#337744', later(900))
    await shots.getByRole('button', { name: 'Put the photo of 15:00 here' }).click()
    await expect(shots.getByRole('button', { name: /^Take off the photo/ })).toHaveCount(2)
    await page.keyboard.press('u')
    await expect(shots.getByRole('button', { name: 'Put the photo of 15:00 here' })).toBeVisible()
  })
  await test.step('corrected as a line', async () => {
    await page.keyboard.press('/')
    const line = page.getByLabel('Correct it as a line')
    await expect(line).toBeFocused()
    await line.fill((await line.inputValue()).replace('2x', '3x'))
    await line.press('Enter')
    await expect(moves(page)).toContainText('three')
    await page.keyboard.press('Escape')
    await page.keyboard.press('Space')
    await draft(page, /Draft 3 of 4/)
    await expect(off(page, '3 fasteners')).toBeVisible()
  })
  await test.step('merged with the next, parted again where somebody says', async () => {
    await page.keyboard.press('w')
    await draft(page, /Draft 3 of 3/)
    await expect(moves(page).getByRole('listitem')).toHaveCount(5)
    await moves(page)
      .getByRole('button', { name: /^Motor: unplug|unplug/i })
      .first()
      .click()
    await page.keyboard.press('s')
    await draft(page, /Draft 3 of 4/)
    await expect(moves(page).getByRole('listitem')).toHaveCount(2)
  })
  await test.step('dropped, and taken back', async () => {
    await page.keyboard.press('Delete')
    await draft(page, /Draft 4 of 4/)
    await page.keyboard.press('u')
    await draft(page, /Draft 3 of 4/)
    await page.keyboard.press('Space')
    await draft(page, /Draft 4 of 4/)
    await expect(off(page, '7 fasteners')).toBeVisible()
    await page.keyboard.press('u')
    await expect(off(page, '3 fasteners')).toBeVisible()
    await page.keyboard.press('Space')
    await expect(off(page, '7 fasteners')).toBeVisible()
  })
  await test.step('what belongs to the way back is noted; the rest is looked at after the page was opened anew', async () => {
    await page.getByRole('group', { name: 'For the way back' }).getByRole('button', { name: 'Note it' }).click()
    await expect(page.getByRole('group', { name: 'For the way back' })).toBeHidden()
    await page.reload()
    await draft(page, /Draft 4 of 4/)
    await page.keyboard.press('Space')
    await page.getByRole('button', { name: 'Done: to the descent' }).click()
    await expect(page.getByRole('heading', { name: 'Descent, step 5', exact: true })).toBeAttached()
    await nothingWaits(page)
    const id = path.split('/')[2]!
    const log = (await (await page.request.get(`/api/jobs/${id}/events`)).json()) as {
      kind: string
      body: { text?: string; step?: { photos: unknown[] } }
    }[]
    expect(log.filter(e => e.kind === 'step-recorded' && e.body.step!.photos.length)).toHaveLength(1)
    expect(log.find(e => e.kind === 'note-added')?.body.text).toContain('soap')
  })
})

test('a narration by touch, with stills of its film; text that cannot be read says what to do and is kept', async ({
  another,
}) => {
  const page = await another({ ...devices['Pixel 7'], viewport: { width: 390, height: 844 }, deviceScaleFactor: 1 })
  const path = await beginDescent(page, '2231-8602')
  await page.goto(`${path}/narration`)
  const box = page.getByLabel('Or paste its text')
  await box.fill('0:75 lid off')
  await page.getByRole('button', { name: 'Hear it' }).tap()
  await expect(page.getByRole('alert')).toContainText('Minutes and seconds are under 60')
  await expect(box).toHaveValue('0:75 lid off')
  await box.fill('0:00 lid off, two PH2\n0:01 drum out, four M8 bolts')
  await page.getByRole('button', { name: 'Hear it' }).tap()
  await draft(page, /Draft 1 of/)

  const film = page.getByRole('region', { name: 'Photos of this draft' }).locator('input[type=file][accept="video/*"]')
  await film.evaluate(async (box: HTMLInputElement) => {
    const canvas = document.createElement('canvas')
    canvas.width = 320
    canvas.height = 240
    const pen = canvas.getContext('2d')!
    const recorder = new MediaRecorder(canvas.captureStream(10), { mimeType: 'video/webm' })
    const parts: Blob[] = []
    recorder.ondataavailable = e => parts.push(e.data)
    const over = new Promise(done => (recorder.onstop = done))
    recorder.start()
    for (let i = 0; i < 30; i++) {
      pen.fillStyle = `hsl(${i * 12} 60% 50%)`
      pen.fillRect(0, 0, 320, 240)
      await new Promise(done => setTimeout(done, 100))
    }
    recorder.stop()
    await over
    const chosen = new DataTransfer()
    chosen.items.add(new File(parts, 'bench.webm', { type: 'video/webm', lastModified: Date.now() }))
    box.files = chosen.files
    box.dispatchEvent(new Event('change', { bubbles: true }))
  })
  await page.getByRole('button', { name: /^Still at/ }).tap()
  await expect(page.getByRole('button', { name: /^Take off the photo/ })).toHaveCount(1)
  await page.getByRole('button', { name: /^Keep as a step/ }).tap()
  await draft(page, /Draft 2 of/)
  await page.getByRole('button', { name: /^Drop/ }).tap()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('dropped')
  await nothingWaits(page)
})

test('what is dictated in one run becomes drafts of steps, in the same field; nothing of it is lost', async ({
  page,
}) => {
  await beginDescent(page, '2231-8603')
  const line = page.getByLabel('Quick line')
  await line.fill('lid off, two PH2; four T30, front panel off')
  await page.getByRole('button', { name: /^Part it in 2 steps/ }).click()
  await draft(page, /Draft 1 of 2/)
  await page.keyboard.press('Space')
  await draft(page, /Draft 2 of 2/)
  await page.keyboard.press('Space')
  await page.getByRole('button', { name: 'Done: to the descent' }).click()
  await expect(page.getByRole('heading', { name: 'Descent, step 3', exact: true })).toBeAttached()
  await expect(line).toHaveValue('')

  const run =
    'so the drawer is out and behind it there were two T15 and those are out as well and then I unplugged the display a white one six wires and the fascia came off its four clips at the top ' +
    'and I hung that on the side and after that the door seal the band is off with its spring and the seal is folded into the drum and then two T20 on the lock and the lock is out with its plug a blue three way ' +
    'and then the kick panel one screw and it is away and the two eight millimetre ones behind it and the front is off and it stands by the wall'
  expect(run.length).toBeGreaterThan(500)
  await line.fill(run)
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: /^Step down/ }).click()
  await expect(page.getByRole('alert').first()).toContainText('look at its steps first')
  await expect(line).toHaveValue(run)
  await line.press('Enter')
  await draft(page, /Draft 1 of/)
  await expect(page.getByRole('region', { name: 'What was said' })).toContainText('it stands by the wall')
})

test("a word that a correction teaches is the shop's: understood on another device, in another job, and taken back", async ({
  page,
  another,
}) => {
  await beginDescent(page, '2231-8604')
  const said = (on: Page) => on.getByRole('group', { name: 'What the line says' })
  const owes = (on: Page) => on.getByRole('list', { name: /^This step owes/ })
  const line = (on: Page) => on.getByLabel('Quick line')
  await line(page).fill('frobbed two T20 at the back')
  await expect(owes(page).getByText('2 fasteners')).toBeAttached()
  await line(page).fill('the gloop')
  await said(page)
    .getByRole('button', { name: /the gloop: / })
    .click()
  await page.getByRole('button', { name: 'a part taken off' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'gloop' })).toContainText('is a part in this shop')
  await nothingWaits(page)

  const there = await another()
  await comeIn(there, 'Pia Sandel')
  await there.goto(`${await newJob(there, '2231-8605')}/words`)
  await expect(there.getByRole('list', { name: 'Words of the shop' })).toContainText('gloop')
  await there.getByRole('link', { name: 'Back to the descent' }).click()
  await line(there).fill('gloop out')
  await expect(owes(there).getByText('1 part')).toBeAttached()

  await there.goto(there.url().replace('/descent', '/words'))
  await there.getByRole('button', { name: 'Forget gloop' }).click()
  await expect(there.getByText('None yet.')).toBeVisible()
  await nothingWaits(there)
  await page.reload()
  await page.goto(page.url().replace('/descent', '/words'))
  await expect(page.getByText('None yet.')).toBeVisible()
})
