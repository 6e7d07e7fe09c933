import countryToCurrency from 'country-to-currency'
import { own, unitsOfRegion, type Settings } from '@rimbo/core'
import { localeOf } from '../ui/words/formatters'

interface Usual extends Pick<Settings, 'unitSystem' | 'currency'> {
  readonly weekStartsOn: number
}

const MONDAY = 1

/** Not every browser tells how weeks go in a language. */
interface WithWeek {
  readonly getWeekInfo?: () => { readonly firstDay: number }
  readonly weekInfo?: { readonly firstDay: number }
}

/** How people measure, pay and count weeks where the browser's language is at home. */
export function usualSettings(language?: string): Usual {
  const locale = localeOf(language)
  const region = locale?.region
  const week = locale as WithWeek | undefined
  return {
    unitSystem: unitsOfRegion(region),
    currency: own(countryToCurrency as Readonly<Record<string, string>>, region ?? '') ?? 'EUR',
    weekStartsOn: (week?.getWeekInfo?.() ?? week?.weekInfo)?.firstDay ?? MONDAY,
  }
}
