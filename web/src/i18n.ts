import { shallowRef, type App, type InjectionKey, type Ref } from 'vue'
import { createI18n } from 'vue-i18n'
import type { Language as ElementWords } from 'element-plus/es/locale/index'
import { compiled } from './messages/compiled'
import { firstWords } from './messages/en/first'
import { keepLanguage, languageHere, writtenAs, type Language } from './language'

/** The one place that knows words; it starts with the English ones of the first screen. */
export const i18n = createI18n<false>({
  legacy: false,
  locale: 'en',
  messageCompiler: compiled,
  messages: { en: { ...firstWords } },
})

/** What Element Plus says by itself; English where nothing is given. */
const elementWords = shallowRef<ElementWords>()
/** The key under which it looks for them, fetched with the first language other than English. */
let elementKey: InjectionKey<Ref<ElementWords | undefined>> | undefined
let speaker: App | undefined

/** Gives an application the words of Element Plus in the language that is spoken. */
export function speakIn(app: App): void {
  speaker = app
  if (elementKey) app.provide(elementKey, elementWords)
}

/** The words of a language, by the part of Rimbo that needs them. */
const catalogues = {
  en: {
    first: () => Promise.resolve(firstWords),
    later: () => import('./messages/en/later').then(({ laterWords }) => laterWords),
    check: () => import('./messages/en/check').then(({ checkWords }) => checkWords),
    element: () => Promise.resolve(undefined),
  },
  de: {
    first: () => import('./messages/de/first').then(({ firstWords: words }) => words),
    later: () => import('./messages/de/later').then(({ laterWords }) => laterWords),
    check: () => import('./messages/de/check').then(({ checkWords }) => checkWords),
    element: () => import('element-plus/es/locale/lang/de').then((words) => words.default),
  },
  es: {
    first: () => import('./messages/es/first').then(({ firstWords: words }) => words),
    later: () => import('./messages/es/later').then(({ laterWords }) => laterWords),
    check: () => import('./messages/es/check').then(({ checkWords }) => checkWords),
    element: () => import('element-plus/es/locale/lang/es').then((words) => words.default),
  },
} as const

type Part = 'first' | 'later' | 'check'
const spoken = (): Language => i18n.global.locale.value as Language

const brought = new Map<string, Promise<void>>([['en first', Promise.resolve()]])
/** Brings in a part of a language, once. */
function bring(language: Language, part: Part): Promise<void> {
  const name = `${language} ${part}`
  const known = brought.get(name)
  if (known) return known
  const coming = catalogues[language][part]()
    .then((words) => i18n.global.mergeLocaleMessage(language, words))
    .catch((error: unknown) => {
      brought.delete(name)
      throw error
    })
  brought.set(name, coming)
  return coming
}

/**
 * Brings in all other words, once.
 *
 * @throws what the import throws where they cannot be had; asked again, they are fetched again
 */
export const allWords = (): Promise<void> => bring(spoken(), 'later')

/** Brings in the words of Check, once: nobody else needs them. */
export const wordsOfCheck = (): Promise<void> => bring(spoken(), 'check')

async function speak(language: Language, parts: readonly Part[]): Promise<void> {
  const [own] = await Promise.all([
    catalogues[language].element(),
    ...parts.map((part) => bring(language, part)),
  ])
  elementWords.value = own
  if (own && !elementKey) {
    elementKey = (await import('element-plus/es/hooks/use-locale/index')).localeContextKey
    speaker?.provide(elementKey, elementWords)
  }
  i18n.global.locale.value = language
  document.documentElement.lang = language
}

/** Speaks the reader’s language; English where its words cannot be had. */
export const speakHere = async (): Promise<void> => {
  const language = languageHere()
  if (language !== 'en') await speak(language, ['first']).catch(() => undefined)
}

/** Speaks another language from now on, with all that this page has words for already. */
export async function changeLanguage(language: Language): Promise<void> {
  const parts = (['first', 'later', 'check'] as const).filter(
    (part) => part !== 'check' || brought.has(`${spoken()} check`),
  )
  await speak(language, parts)
  keepLanguage(language)
}

/** How dates are written in the language that is spoken. */
export const dateLocale = (): string => writtenAs[spoken()]

/** A component that comes with all words. */
export const withWords =
  <T>(fetch: () => Promise<T>) =>
  async (): Promise<T> => {
    await allWords()
    return fetch()
  }
