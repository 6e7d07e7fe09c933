import { own } from '../units'
import type { Garden } from './garden'
import { referenceFaults } from './references'
import { keyIn, type Fields } from './change'
import { stampOf, type Removal } from './stamps'

/** In which list stands what a field names. */
const LIST_OF: Readonly<Record<string, keyof Garden>> = {
  spaceId: 'spaces',
  recipeId: 'recipes',
  containerId: 'containers',
  varietyId: 'varieties',
  ingredientId: 'ingredients',
  productId: 'products',
}
/** Mixes and feeds are named by other fields as well. */
const listOf = (field: unknown): keyof Garden | undefined =>
  own(LIST_OF, String(field)) ?? (/productId$/i.test(String(field)) ? 'products' : undefined)

const listIn = (garden: Garden, list: keyof Garden) =>
  (garden[list] ?? []) as unknown as readonly Fields[]

/** What is named and not there: the list it would stand in, and its id. */
const missingIn = (garden: Garden): readonly (readonly [keyof Garden, string])[] =>
  referenceFaults(garden, () => false).flatMap(({ path, params }) => {
    const list = listOf(path.at(-1))
    return list ? [[list, String(params['given'])] as const] : []
  })

/**
 * A merged garden in which everything that is named is there: a plant that was set before
 * its pot was taken away goes with it; what somebody still needs, or came back to after it
 * was taken away, stays.
 *
 * @param sides     the gardens that were merged
 * @param removals what was removed, by list and id
 */
export function withReferences(
  merged: Garden,
  sides: readonly [Garden, Garden],
  removals: ReadonlyMap<string, Removal>,
): Garden {
  const plantings = merged.plantings.filter((planting) => {
    const removal = removals.get(`containers ${planting.containerId}`)
    return !removal || stampOf(planting) > removal.at
  })
  const formOf = (list: keyof Garden, id: string) =>
    removals.get(`${list} ${id}`)?.was ??
    sides
      .flatMap((side) => listIn(side, list).filter((thing) => keyIn(list, thing) === id))
      .sort((one, other) => (stampOf(one) > stampOf(other) ? -1 : 1))[0]
  const next: Record<string, unknown> = { ...merged, plantings }
  const bring = (list: keyof Garden, thing: Fields | undefined) => {
    if (thing) next[list] = [...(next[list] as readonly Fields[]), thing]
    return thing !== undefined
  }
  if (!merged.spaces.length) {
    const [first] = sides.flatMap(({ spaces }) => spaces.map(({ id }) => id)).sort()
    if (first !== undefined) bring('spaces', formOf('spaces', first))
  }
  for (let isMore = true; isMore;) {
    const tried = new Set<string>()
    isMore = missingIn(next as unknown as Garden)
      .filter(([list, id]) => !tried.has(`${list} ${id}`) && tried.add(`${list} ${id}`))
      .map(([list, id]) => bring(list, formOf(list, id)))
      .includes(true)
  }
  return next as unknown as Garden
}
