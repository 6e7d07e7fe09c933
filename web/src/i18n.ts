import { createI18n } from 'vue-i18n'
import { firstWords } from './messages/en/first'

/** The one place that knows words; it starts with those of the first screen. */
export const i18n = createI18n({ legacy: false, locale: 'en', messages: { en: firstWords } })

let later: Promise<void> | undefined

async function bring(): Promise<void> {
  const { laterWords } = await import('./messages/en/later')
  i18n.global.mergeLocaleMessage('en', laterWords)
}

/**
 * Brings in all other words, once.
 *
 * @throws what the import throws where they cannot be had; asked again, they are fetched again
 */
export function allWords(): Promise<void> {
  later ??= bring().catch((error: unknown) => {
    later = undefined
    throw error
  })
  return later
}

let ofCheck: Promise<void> | undefined

/** Brings in the words of Check, once: nobody else needs them. */
export function wordsOfCheck(): Promise<void> {
  ofCheck ??= import('./messages/en/check')
    .then(({ checkWords }) => i18n.global.mergeLocaleMessage('en', checkWords))
    .catch((error: unknown) => {
      ofCheck = undefined
      throw error
    })
  return ofCheck
}

/** A component that comes with all words. */
export const withWords =
  <T>(fetch: () => Promise<T>) =>
  async (): Promise<T> => {
    await allWords()
    return fetch()
  }
