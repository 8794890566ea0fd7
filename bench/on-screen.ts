import { chromium, type Page } from '@playwright/test'
// @ts-expect-error The scripts run before anything is installed: they are plain JavaScript.
import { flags } from '../scripts/chromium-flags.mjs'
// @ts-expect-error The scripts run before anything is installed: they are plain JavaScript.
import { chromiumPath } from '../scripts/machine.mjs'
import { password } from '../server/test/world.ts'

/** A page of a shop in a browser. */
export interface OnScreen {
  /** Opens the floor until its first machine stands. */
  floor(): Promise<void>
  /** How many nodes the page has. */
  nodes(): Promise<number>
  end(): Promise<void>
}

/** Opens a browser on a server, signed in. */
export async function onScreen(url: string, login: string): Promise<OnScreen> {
  const browser = await chromium.launch({ executablePath: chromiumPath() as string, args: flags as string[] })
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
  await context.request.post(`${url}/api/session`, { data: { login, password } })
  const page = await context.newPage()
  return {
    async floor() {
      await page.goto(url)
      await stands(page)
    },
    nodes: () => page.evaluate(() => document.querySelectorAll('*').length),
    end: () => browser.close(),
  }
}
/** The first machine is drawn. */
const stands = (page: Page) =>
  page.getByRole('list', { name: 'Machines that stand open' }).getByRole('listitem').first().waitFor()
