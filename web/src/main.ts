import 'element-plus/theme-chalk/base.css'
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import '@fontsource-variable/bricolage-grotesque/wght.css'
import './ui/theme.css'
import './ui/app.css'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import { createI18n } from 'vue-i18n'
import App from './App.vue'
import { messages } from './messages'
import { router } from './router'

const i18n = createI18n({ legacy: false, locale: 'en', messages })

createApp(App).use(createPinia()).use(i18n).use(router).mount('#app')
