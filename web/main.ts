import { loud, speak } from '@dialytica/core/words'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './router.ts'
import './theme/tokens.css'
import './theme/base.css'

/** The application is kept on this device once it has been opened here; that needs https, or this very machine. */
if (import.meta.env.PROD && 'serviceWorker' in navigator)
  window.addEventListener('load', () => void navigator.serviceWorker.register('/sw.js').catch(() => undefined))

// Words in brackets and capitals show what was put into words too early: for the tests, and for whoever translates.
if (localStorage.getItem('words') === 'loud') speak(loud)

createApp(App).use(createPinia()).use(router).mount('#app')
