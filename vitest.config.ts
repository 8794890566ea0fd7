import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

/** Adds a kind of move to the core that it reads: no other test may see that. */
const changesCore = 'core/moves/made-up.test.ts'

/** Two suites: `unit` needs nothing but Node, `api` a MariaDB whose address is in DATABASE_URL. */
export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'core',
          include: ['core/**/*.test.ts', 'demo/**/*.test.ts', 'cli/**/*.test.ts'],
          exclude: [changesCore],
          environment: 'node',
          // Plain functions that share nothing: what they are made of is read once, not for each file.
          isolate: false,
          testTimeout: 120_000,
        },
      },
      { test: { name: 'changed', include: [changesCore], environment: 'node', testTimeout: 120_000 } },
      {
        plugins: [vue()],
        test: { name: 'web', include: ['web/**/*.test.ts'], environment: 'happy-dom', testTimeout: 120_000 },
      },
      {
        test: {
          name: 'api',
          globalSetup: ['server/test/database.ts'],
          include: ['server/**/*.test.ts', 'scripts/**/*.test.ts'],
          environment: 'node',
          // One after the other, each with a database of its own: what the server is made of is read once.
          fileParallelism: false,
          isolate: false,
          testTimeout: 180_000,
          hookTimeout: 60_000,
        },
      },
    ],
  },
})
