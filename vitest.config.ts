import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

/** Two suites: `unit` needs nothing but Node, `api` a MariaDB whose address is in DATABASE_URL. */
export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'core',
          include: ['core/**/*.test.ts', 'demo/**/*.test.ts', 'cli/**/*.test.ts'],
          environment: 'node',
          testTimeout: 120_000,
        },
      },
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
          fileParallelism: false,
          testTimeout: 180_000,
          hookTimeout: 60_000,
        },
      },
    ],
  },
})
