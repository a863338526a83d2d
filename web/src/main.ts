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
