// The platform's own formatters: made once for each way of writing, for making one takes
// many times as long as using it.
const numbers = new Map<string, Intl.NumberFormat>()
const dates = new Map<string, Intl.DateTimeFormat>()

const kept = <F>(known: Map<string, F>, locale: string, style: object, make: () => F): F => {
  const key = `${locale} ${JSON.stringify(style)}`
  const found = known.get(key) ?? make()
  known.set(key, found)
  return found
}

export const numberFormat = (locale: string, style: Intl.NumberFormatOptions): Intl.NumberFormat =>
  kept(numbers, locale, style, () => new Intl.NumberFormat(locale, style))

/** A calendar day, `YYYY-MM-DD…`, in words. */
export const dayText = (date: string, style: Intl.DateTimeFormatOptions): string =>
  kept(
    dates,
    'en-GB',
    style,
    () => new Intl.DateTimeFormat('en-GB', { ...style, timeZone: 'UTC' }),
  ).format(new Date(`${date.slice(0, 10)}T00:00:00Z`))

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
