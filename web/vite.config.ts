import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

const api = `http://127.0.0.1:${process.env.API_PORT ?? 7340}`

/**
 * The service worker keeps every file of the application, so that it opens without a server; a new version waits until the
 * application is opened anew. Photos never change, so those that were seen once are answered from this device.
 */
const offline = VitePWA({
  registerType: 'prompt',
  injectRegister: false,
  manifest: {
    name: 'Dialytica',
    short_name: 'Dialytica',
    description: 'The second memory of a washer repair technician.',
    display: 'standalone',
    start_url: '/',
    background_color: '#f2ede2',
    theme_color: '#1d2628',
    icons: [{ src: 'icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
  },
  workbox: {
    globPatterns: ['**/*.{js,css,html,woff2,svg}'],
    maximumFileSizeToCacheInBytes: 4_000_000,
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//],
    cleanupOutdatedCaches: true,
    clientsClaim: true,
    runtimeCaching: [
      {
        urlPattern: /\/api\/photos\/[0-9a-f]{64}\/(stage|thumb)/,
        handler: 'CacheFirst',
        options: {
          cacheName: 'photos',
          matchOptions: { ignoreSearch: true, ignoreVary: true },
          cacheableResponse: { statuses: [200] },
          expiration: { maxEntries: 2500, purgeOnQuotaError: true },
        },
      },
    ],
  },
})

export default defineConfig({
  root: import.meta.dirname,
  plugins: [vue(), offline],
  build: { target: 'es2022', outDir: 'dist', emptyOutDir: true, manifest: true, chunkSizeWarningLimit: 1500 },
  server: { proxy: { '/api': api } },
})
