import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'

const api = `http://127.0.0.1:${process.env.API_PORT ?? 7340}`

export default defineConfig({
  root: import.meta.dirname,
  plugins: [vue()],
  build: { target: 'es2022', outDir: 'dist', emptyOutDir: true, manifest: true, chunkSizeWarningLimit: 900 },
  server: { proxy: { '/api': api } },
})
