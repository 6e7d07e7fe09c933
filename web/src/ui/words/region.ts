/** The browser's language with its region, as far as it can be told. */
export function localeOf(language: string = navigator.language): Intl.Locale | undefined {
  try {
    return new Intl.Locale(language).maximize()
  } catch {
    return undefined
  }
}

/** Two letters of the country that the browser's language is set to. */
export const regionOf = (language?: string): string | undefined => localeOf(language)?.region
