import { createI18n } from 'vue-i18n'
import { firstWords } from './messages/first'

/** The one place that knows words; it starts with those of the first screen. */
export const i18n = createI18n({ legacy: false, locale: 'en', messages: { en: firstWords } })

let later: Promise<void> | undefined

/** Brings in all other words, once. */
export const allWords = (): Promise<void> =>
  (later ??= import('./messages/later').then(({ laterWords }) =>
    i18n.global.mergeLocaleMessage('en', laterWords),
  ))
