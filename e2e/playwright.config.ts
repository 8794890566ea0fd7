import { defineConfig } from '@playwright/test'
// @ts-expect-error The scripts run before anything is installed: they are plain JavaScript.
import { withCamera } from '../scripts/chromium-flags.mjs'
// @ts-expect-error The scripts run before anything is installed: they are plain JavaScript.
import { chromiumPath } from '../scripts/machine.mjs'

/**
 * Browser tests on the real interface: Debian's Chromium, a server and a database of their own for each worker. The
 * times allowed are long, for a machine that others slow down; nothing waits for them where all goes well.
 */
export default defineConfig({
  testDir: '.',
  testMatch: '*.e2e.ts',
  workers: 2,
  fullyParallel: false,
  timeout: 900_000,
  expect: { timeout: 60_000 },
  retries: 0,
  forbidOnly: true,
  outputDir: '../test-results',
  reporter: [['list'], ['json', { outputFile: process.env.E2E_REPORT ?? '../test-results/e2e.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: chromiumPath(), args: withCamera },
    actionTimeout: 60_000,
    navigationTimeout: 120_000,
    trace: 'off',
    // To keep the whole application on each new device takes longer than many a test: allowed where it is what matters.
    serviceWorkers: 'block',
  },
})
