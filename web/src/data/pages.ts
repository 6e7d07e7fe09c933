import type { DailyWeather, GardenRecord } from '@rimbo/core'

/** The lists of a garden that can grow long. */
export type LongList = 'records' | 'weather'

/** On which page a thing of a long list stands: small enough to be written anew with each change. */
const pageOf = {
  records: (item: unknown) => (item as GardenRecord).at.slice(0, 10),
  weather: (item: unknown) => (item as DailyWeather).date.slice(0, 4),
} satisfies Record<LongList, (item: unknown) => string>

/** The things of a long list by page, in their order; of the named pages only where some are named. */
export function pagesOf(
  field: LongList,
  list: readonly unknown[],
  wanted?: ReadonlySet<string>,
): Map<string, unknown[]> {
  const pages = new Map<string, unknown[]>()
  for (const item of list) {
    const page = pageOf[field](item)
    if (wanted && !wanted.has(page)) continue
    const there = pages.get(page)
    if (there) there.push(item)
    else pages.set(page, [item])
  }
  return pages
}

/** The pages on which some things stand. */
export const pageNames = (field: LongList, items: readonly unknown[]): ReadonlySet<string> =>
  new Set(items.map((item) => pageOf[field](item)))
