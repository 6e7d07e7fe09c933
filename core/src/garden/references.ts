import { feedCatalogue } from '../feed'
import { ingredients, recipes } from '../mix'
import { catalogue } from '../plant'
import type { Fault } from '../units'
import type { Garden } from './garden'

type Path = Fault['path']
type Named = { readonly id: string }

/** Lists whose things are told apart by their id. */
const LISTS_BY_ID = [
  'spaces',
  'containers',
  'varieties',
  'plantings',
  'recipes',
  'ingredients',
  'mixTests',
  'products',
  'records',
] as const

function repeatFaults(ids: readonly string[], pathOf: (index: number) => Path): Fault[] {
  const seen = new Set<string>()
  return ids.flatMap((given, index) => {
    const isRepeat = seen.has(given)
    seen.add(given)
    return isRepeat ? [{ path: pathOf(index), code: 'repeatedId', params: { given } }] : []
  })
}

/** Every id that stands twice where it may stand once. */
const repeats = (garden: Garden, isChanged: (field: string) => boolean): Fault[] =>
  LISTS_BY_ID.filter(isChanged).flatMap((name) =>
    repeatFaults(
      garden[name].map(({ id }) => id),
      (index) => [name, index, 'id'],
    ),
  )

/** Every place that names something by its id. */
function* named(garden: Garden): Generator<[keyof Known, string | undefined, Path]> {
  for (const [index, { spaceId, recipeId }] of garden.containers.entries()) {
    yield ['spaceId', spaceId, ['containers', index]]
    yield ['recipeId', recipeId, ['containers', index]]
  }
  for (const [index, { containerId, varietyId }] of garden.plantings.entries()) {
    yield ['containerId', containerId, ['plantings', index]]
    yield ['varietyId', varietyId, ['plantings', index]]
  }
  for (const [index, { parts, amendments }] of garden.recipes.entries()) {
    for (const [place, { ingredientId }] of parts.entries())
      yield ['ingredientId', ingredientId, ['recipes', index, 'parts', place]]
    for (const [place, { productId }] of (amendments ?? []).entries())
      yield ['productId', productId, ['recipes', index, 'amendments', place]]
  }
  for (const [id, plan] of Object.entries(garden.feedPlans)) {
    yield ['productId', plan.productId, ['feedPlans', id]]
    yield ['productId', plan.lateProductId, ['feedPlans', id]]
  }
  for (const [index, { varietyId }] of (garden.arrangement?.wishes ?? []).entries())
    yield ['varietyId', varietyId, ['arrangement', 'wishes', index]]
}

type Known = ReturnType<typeof knownIn>

function knownIn(garden: Garden) {
  const ids = (...lists: (readonly Named[])[]) =>
    new Set(lists.flatMap((list) => list.map(({ id }) => id)))
  return {
    spaceId: ids(garden.spaces),
    containerId: ids(garden.containers),
    varietyId: ids(catalogue, garden.varieties),
    recipeId: ids(recipes, garden.recipes),
    ingredientId: ids(Object.values(ingredients), garden.ingredients),
    productId: ids(feedCatalogue, garden.products),
  }
}

/**
 * What is wrong between the things of a garden, each of which is right by itself:
 * ids that stand twice, and names of what is not there. A record may outlive its
 * container: what was done stays done.
 *
 * @param isChanged which lists are to be looked through for repeated ids; all where left out
 */
export function referenceFaults(
  garden: Garden,
  isChanged: (field: string) => boolean = () => true,
): Fault[] {
  const known = knownIn(garden)
  const missing: Fault[] = []
  for (const [field, given, path] of named(garden))
    if (given !== undefined && !known[field].has(given))
      missing.push({
        path: [...path, field],
        code: field === 'ingredientId' ? 'unknownIngredient' : 'unknownReference',
        params: { given },
      })
  return [...repeats(garden, isChanged), ...missing]
}
