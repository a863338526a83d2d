import './shell/fonts.css'
import './shell/theme.css'
import { createPinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './router.ts'
import { preset } from './shell/preset.ts'

createApp(App)
  .use(createPinia())
  .use(router)
  // The roles in theme.css switch with the night shift, so PrimeVue needs no dark scheme of its own.
  .use(PrimeVue, { theme: { preset, options: { darkModeSelector: false, cssLayer: false } } })
  .mount('#app')

// A newer program has come onto this device meanwhile: a page that has only just opened begins again with it.
if ('serviceWorker' in navigator) {
  const wasKept = navigator.serviceWorker.controller !== null
  navigator.serviceWorker.addEventListener('controllerchange', () => {
    if (wasKept && performance.now() < 10_000) location.reload()
  })
}

// The server has a newer program than this page, and no longer the piece that was asked for: the page is read anew.
window.addEventListener('vite:preloadError', () => {
  void fetch('/', { method: 'HEAD' }).then(
    () => location.reload(),
    () => undefined,
  )
})
