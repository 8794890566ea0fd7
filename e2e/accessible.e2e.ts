import AxeBuilder from '@axe-core/playwright'
import { allJobs, expect, signIn, tapPhoto, test } from './test/test.ts'
import type { Page } from '@playwright/test'

const rules = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'best-practice']
async function wear(page: Page, theme: 'bench' | 'cellar'): Promise<void> {
  await page.evaluate(name => {
    localStorage.setItem('theme', name)
    dispatchEvent(new StorageEvent('storage', { key: 'theme', newValue: name, storageArea: localStorage }))
  }, theme)
  await expect(page.locator('html')).toHaveAttribute('data-theme', theme)
}

const faults = async (axe: AxeBuilder, view: string) =>
  (await axe.analyze()).violations.map(
    v =>
      `${view}: ${v.id} ${v.nodes
        .map(n => n.target.join(' '))
        .slice(0, 4)
        .join(', ')}`,
  )

/** Told of what is wrong alone: to name all that is right takes most of the time. */
const axe = (page: Page) => new AxeBuilder({ page }).options({ resultTypes: ['violations'] })

/**
 * All rules in the first theme. The second differs in nothing but its colours, and these do not change with the width: there the
 * rules of colour are asked, of the wide page.
 */
async function scan(page: Page, view: string): Promise<void> {
  // What was not put into words shows as an object, or as its data.
  expect(await page.locator('body').innerText()).not.toMatch(/\[object|"say"|\{0\}/)
  expect(await faults(axe(page).withTags(rules), view)).toEqual([])
  if (page.viewportSize()!.width < 1000) return
  await page.addStyleTag({ content: '*, ::before, ::after { transition: none !important }' })
  await wear(page, 'cellar')
  const ofColour = axe(page).withRules(['color-contrast', 'link-in-text-block'])
  expect(await faults(ofColour, `${view}, in the cellar`)).toEqual([])
  await wear(page, 'bench')
}

test.describe.configure({ mode: 'parallel' })
for (const size of [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
])
  test(`every view, ${size.width} wide`, async ({ page }) => {
    await page.setViewportSize(size)
    await page.goto('/sign-in')
    await expect(page.getByRole('button', { name: 'Jon Tarrow' })).toBeVisible()
    await scan(page, 'sign-in')
    await page.goto('/welcome')
    await expect(page.getByRole('heading', { name: 'Choose your password' })).toBeVisible()
    await scan(page, 'welcome')
    await signIn(page, 'Mara Okwell')
    await page.goto('/people')
    await expect(page.getByRole('heading', { name: 'Add somebody' })).toBeVisible()
    await scan(page, 'people')
    await page.goto('/me')
    await expect(page.getByRole('heading', { name: 'Where you are signed in' })).toBeVisible()
    await scan(page, 'me')
    await signIn(page, 'Jon Tarrow')
    await scan(page, 'floor')
    await page.goto('/come-in')
    await page.getByLabel('Rating plate').fill('NEW-1 77')
    await expect(page.getByText('Kind of machine')).toBeVisible()
    await scan(page, 'come-in')
    await page.goto('/models')
    await expect(page.getByRole('heading', { level: 2 })).toBeVisible()
    await scan(page, 'models')
    await page.getByRole('link', { name: 'Its book' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('its book')
    await scan(page, 'book')
    await page.getByRole('link', { name: 'Beside another' }).click()
    await page.getByRole('combobox', { name: 'Which model beside it' }).click()
    await page.getByRole('option').first().click()
    await expect(page.getByRole('region', { name: 'Side by side' })).toBeVisible()
    await scan(page, 'a book beside another')
    await page.goto('/search?words=drain pump')
    await expect(page.getByRole('listitem').first()).toContainText(/drain pump/i)
    await scan(page, 'search')
    await page.goto('/take-in')
    const sheet = Buffer.from('Pos;Where;Work\n1;rear;cover off\n2;base;gribble')
    await page.locator('input[type=file]').first().setInputFiles({ name: 'a.csv', mimeType: 'text/csv', buffer: sheet })
    await expect(page.getByRole('region', { name: 'How the table is read' })).toBeVisible()
    await scan(page, 'a table taken in')
    await page.getByRole('button', { name: /^Look at/ }).click()
    await expect(page.getByRole('region', { name: 'What taking it in will do' })).toBeVisible()
    await scan(page, 'a parcel looked at')

    const jobs = await allJobs(page)
    const id = (words: string) => jobs.find(j => j.summary.complaint.includes(words))!.id
    await page.goto(`/jobs/${id('hums at the lid')}/intake`)
    await expect(page.getByRole('heading', { name: 'Make it safe' })).toBeVisible()
    await scan(page, 'intake')
    await page.goto(`/jobs/${id('Trips the breaker')}/words`)
    await expect(page.getByRole('heading', { name: 'Words of the shop' })).toBeVisible()
    await scan(page, 'words')
    await page.goto(`/jobs/${id('Trips the breaker')}/narration`)
    await page
      .getByLabel('Or paste its text')
      .fill('0:05 lid off, two PH2\n0:30 drum out\n0:50 when it goes back on, soap it')
    await scan(page, 'narration, before it')
    await page.getByRole('button', { name: 'Hear it' }).click()
    await expect(page.getByRole('heading', { name: /^Draft 1 of/ })).toBeVisible()
    await scan(page, 'narration')
    await page.goto(`/jobs/${id('Bangs in the spin')}/way-in?part=drain pump`)
    await expect(page.getByRole('article').first()).toBeVisible()
    await scan(page, 'way in')
    await page.goto(`/jobs/${id('Bangs in the spin')}/things`)
    await expect(page.getByText('Runs over it')).toBeVisible()
    await scan(page, 'things')
    await page.goto(`/jobs/${id('pump hums')}/proof`)
    await expect(page.getByRole('region', { name: 'What to prove' })).toBeVisible()
    await scan(page, 'proof')
    await page.getByRole('button', { name: 'pour and look' }).click()
    await page.keyboard.press('x')
    await expect(page.getByLabel('What was seen')).toBeVisible()
    await scan(page, 'proof, failed')
    await page.keyboard.press('e')
    await expect(page.getByRole('form', { name: 'Note it' })).toBeVisible()
    await scan(page, 'a reading')
    await page.goto(`/jobs/${id('pump hums')}/rituals?ritual=drain by itself`)
    await expect(page.getByText('now: power off')).toBeVisible()
    await scan(page, 'a ritual')
    await page.getByRole('button', { name: 'Change: drain by itself' }).click()
    await scan(page, 'a ritual, written')
    await page.goto(`/jobs/${id('Trips the breaker')}/descent`)
    await expect(page.getByRole('button', { name: /^Step down/ })).toBeVisible()
    await scan(page, 'descent without a photo')
    await page.getByRole('button', { name: /^Photo/ }).click()
    await tapPhoto(page, 0.5, 0.5)
    await tapPhoto(page, 0.6, 0.6)
    await scan(page, 'descent')
    await page
      .getByRole('group', { name: 'What is known of it' })
      .getByRole('button', { name: /drive$/ })
      .click()
    await scan(page, 'descent, telling')
    await page.getByRole('button', { name: /Choose the zone/ }).click()
    await scan(page, 'descent, zone')
    await page.goto(`/jobs/${id('Bangs in the spin')}/return`)
    await expect(page.locator('[data-mark]').first()).toBeVisible()
    await scan(page, 'return')
    const log = (await (await page.request.get(`/api/jobs/${id('hot varnish')}/events`)).json()) as {
      kind: string
      body: { step: { id: string } }
    }[]
    const steps = log.filter(e => e.kind === 'step-recorded')
    await page.goto(`/jobs/${id('hot varnish')}/return?step=${steps[5]!.body.step.id}`)
    await expect(page.getByText('Gate: this step')).toBeVisible()
    await scan(page, 'gate')
    await page.goto(`/jobs/${id('hot varnish')}/bench`)
    await expect(page.getByRole('status', { name: 'The verdict' })).toBeVisible()
    await page.getByRole('button', { name: 'Somebody has it' }).click()
    await scan(page, 'bench')
    await page.getByRole('button', { name: 'Side by side' }).click()
    await expect(page.getByRole('button', { name: 'Photograph the old one' })).toBeVisible()
    await scan(page, 'bench, side by side')
    await page.getByRole('button', { name: 'In pieces' }).click()
    await scan(page, 'bench, in pieces')
    await page.goto(`/jobs/${id('Walks in the spin')}/finder`)
    await expect(page.getByRole('list', { name: 'Where to look, in this order' })).toBeVisible()
    await scan(page, 'finder')
    await page.getByRole('button', { name: 'Another one' }).click()
    await scan(page, 'finder, asking')
    await page.goto(`/jobs/${id('Stops before the spin')}/standing`)
    await page.getByRole('button', { name: 'Waits for something else' }).click()
    await scan(page, 'standing')
    await page.goto(`/jobs/${id('Auto-dosing')}/close`)
    await expect(page.getByRole('heading', { name: 'Closed clean.' })).toBeVisible()
    await scan(page, 'closed')
    await page.goto(`/jobs/${id('Auto-dosing')}/valley`)
    await expect(page.getByRole('table')).toBeVisible()
    await scan(page, 'valley')
    await page.goto(`/jobs/${id('Bangs in the spin')}/close`)
    // All that stands above the button is there: it moves no more.
    await expect(page.getByText(/not proved yet/)).toBeVisible()
    await page.getByRole('button', { name: 'Close clean' }).click()
    await expect(page.getByRole('alert')).toBeVisible()
    await page.getByRole('button', { name: 'Give the job up' }).click()
    await scan(page, 'close, given up')
    await page.getByRole('button', { name: 'Do not' }).click()
    await page.getByRole('button', { name: 'Close with debts' }).click()
    await scan(page, 'close')
  })
