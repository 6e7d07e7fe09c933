/** The languages that Rimbo speaks. */
export const languages = ['en', 'de', 'es'] as const
export type Language = (typeof languages)[number]

/** What each calls itself: found by whoever reads no other. */
export const languageNames: Readonly<Record<Language, string>> = {
  en: 'English',
  de: 'Deutsch',
  es: 'Español',
}

/** How dates and numbers are written in each: English ones as in Britain, with the day first. */
export const writtenAs: Readonly<Record<Language, string>> = {
  en: 'en-GB',
  de: 'de-DE',
  es: 'es-ES',
}

const KEY = 'rimbo-language'
const isSpoken = (name: string | null): name is Language =>
  (languages as readonly (string | null)[]).includes(name)

function kept(): string | null {
  try {
    return localStorage.getItem(KEY)
  } catch {
    // A browser that keeps nothing: its own languages are asked.
    return null
  }
}

/** The language that was chosen in this browser; else the first of the reader’s own that is spoken here. */
export function languageHere(wanted: readonly string[] = navigator.languages): Language {
  const chosen = kept()
  if (isSpoken(chosen)) return chosen
  return wanted.map((tag) => tag.slice(0, 2).toLowerCase()).find(isSpoken) ?? 'en'
}

/** Keeps a choice of language in this browser. */
export function keepLanguage(language: Language): void {
  try {
    localStorage.setItem(KEY, language)
  } catch {
    // Then it holds until the page is closed.
  }
}
