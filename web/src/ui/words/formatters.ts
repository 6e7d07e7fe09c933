import type { DecimalMark } from '@rimbo/core'
import { dateLocale } from '../../i18n'

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

/** A number as it stands in a field: nothing between thousands. */
export const typedNumber = (locale: string, value: number, significant: number): string =>
  numberFormat(locale, { maximumSignificantDigits: significant, useGrouping: false }).format(value)

/** Whether a language writes 1.5 or 1,5. */
export const decimalMark = (locale: string): DecimalMark =>
  numberFormat(locale, {}).format(0.5).includes(',') ? 'comma' : 'point'

/** A calendar day, `YYYY-MM-DD…`, in words of the language that is spoken. */
export function dayText(date: string, style: Intl.DateTimeFormatOptions): string {
  const locale = dateLocale()
  const make = () => new Intl.DateTimeFormat(locale, { ...style, timeZone: 'UTC' })
  return kept(dates, locale, style, make).format(new Date(`${date.slice(0, 10)}T00:00:00Z`))
}

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
