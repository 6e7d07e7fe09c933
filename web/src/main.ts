import 'element-plus/theme-chalk/base.css'
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import '@fontsource-variable/bricolage-grotesque/wght.css'
import './ui/theme.css'
import './ui/app.css'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { i18n, speakHere, speakIn } from './i18n'
import { offlineState } from './newer'
import { router } from './router'
import { aTurn } from './turnByTurn'
import { dayText } from './ui/words/formatters'

await speakHere()
const app = createApp(App).use(createPinia()).use(i18n).use(router)
speakIn(app)
// All of this was one task for the browser; drawing is another.
await aTurn()
app.mount('#app')
// The platform takes long for its first date in words: while the garden is fetched nobody waits for it.
await aTurn()
dayText('2026-01-01', { weekday: 'short' })

/** What the first edit needs is fetched once the first screen stands, so that no tap waits for it, ms. */
const EDITS_AFTER_MS = 3000
// Where it cannot be had by then, the edit itself fetches it, and tells.
setTimeout(() => void import('./data/changing').catch(() => undefined), EDITS_AFTER_MS)

/** Fetching all of Rimbo for use without a network does not hold up the first screen, ms. */
const OFFLINE_AFTER_MS = 5000
if (import.meta.env.PROD)
  setTimeout(() => {
    import('./offline')
      .then(({ workOffline }) => workOffline())
      .catch(() => (offlineState.value = 'failed'))
  }, OFFLINE_AFTER_MS)
