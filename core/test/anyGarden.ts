// Any valid garden: made of what its schemas allow, and put together so that everything named in it is there.
import fc from 'fast-check'
import { containerSchema, rimHeightMm, type Container } from '../src/container'
import {
  feedCatalogue,
  feedPlanSchema,
  productSchema,
  type FeedPlan,
  type FeedProduct,
  type LabelAnalysis,
} from '../src/feed'
import {
  emptyGarden,
  gardenSchema,
  plantingSchema,
  recordSchema,
  settingsSchema,
  type Garden,
  type GardenRecord,
  type Planting,
} from '../src/garden'
import {
  ingredients,
  ingredientSchema,
  mixTestSchema,
  recipes,
  recipeSchema,
  type Ingredient,
  type MixTest,
  type Recipe,
} from '../src/mix'
import { placeSchema, spaceSchema, type Place, type Space } from '../src/place'
import { catalogue, varietySchema, type Variety } from '../src/plant'
import {
  dailyWeatherSchema,
  normalsSchema,
  type DailyWeather,
  type MonthNormal,
} from '../src/weather'
import {
  jobChangeSchema,
  ownJobSchema,
  type JobChange,
  type OwnJob,
} from '../src/garden/jobChanges'
import { waysSchema } from '../src/garden/waysSchema'
import { arrangementSchema, type ArrangementWishes } from '../src/garden/arrangementSchema'
import { hostileIds, valid, valueOf } from './arbitrary'

/** Keeps the measures of a container within each other, its parts as they come. */
function tamedContainer(container: Container): Container {
  const rimMm = rimHeightMm(container.shape)
  const rolledMm = container.rolledMm && Math.min(container.rolledMm, Math.max(0, rimMm - 60))
  const fillMm = Math.min(container.fillMm, rimMm - (rolledMm ?? 0))
  const { reservoir, layers, rings } = container
  const falseFloorMm = reservoir && Math.min(reservoir.falseFloorMm, fillMm * 0.5)
  return {
    ...container,
    fillMm,
    ...(rolledMm !== undefined && { rolledMm }),
    ...(container.linerMm !== undefined && { linerMm: Math.min(container.linerMm, 5) }),
    ...(reservoir && {
      reservoir: {
        ...reservoir,
        falseFloorMm: falseFloorMm!,
        overflowMm: Math.min(reservoir.overflowMm, falseFloorMm!),
      },
    }),
    ...(layers && {
      layers: { ...layers, fillerMm: fillMm * 0.3, poorSoilMm: fillMm * 0.3 },
    }),
    ...(rings && { rings: { ...rings, fillMm: Math.min(rings.fillMm, rings.heightMm) } }),
  }
}

const falling = (values: readonly number[]) => [...values].sort((one, other) => other - one)
const tamedIngredient = (one: Ingredient): Ingredient => ({
  ...one,
  waterShares: falling(one.waterShares) as Ingredient['waterShares'],
  moistDensityGL: Math.max(one.moistDensityGL, one.bulkDensityGL),
})

function tamedProduct(product: FeedProduct): FeedProduct {
  const { analysis } = product
  const elements: LabelAnalysis = {}
  for (const name of ['n', 'p2o5', 'k2o', 'ca', 'mg', 's'] as const)
    if (analysis[name] !== undefined) elements[name] = analysis[name] / 6
  return {
    ...product,
    analysis: elements,
    ...(product.form === 'controlledRelease' && { longevityDays: product.longevityDays ?? 90 }),
  }
}

const tamedDay = (day: DailyWeather): DailyWeather => {
  const [low, high] = [day.tempMinC, day.tempMaxC].sort((one, other) => one - other) as [
    number,
    number,
  ]
  const { humidityMinShare: _none, ...rest } = day
  return { ...rest, tempMinC: low, tempMaxC: high }
}
const tamedMonths = (months: MonthNormal[]): MonthNormal[] =>
  months.map((month) => ({
    ...month,
    tempMinC: Math.min(month.tempMinC, month.tempMaxC),
    wetDays: Math.max(1, month.wetDays),
  }))

/** One rule out of three, with what it needs. */
const tamedOwnJob = ({ on, every, from, until, when, ...rest }: OwnJob): OwnJob =>
  on !== undefined
    ? { ...rest, on }
    : when
      ? { ...rest, when }
      : { ...rest, every: every ?? 3, from: from ?? until ?? '2026-06-01' }

const some = <T>(one: fc.Arbitrary<T>, most: number) => fc.array(one, { maxLength: most })

/** The same things, each with an id of its own, hostile ones first. */
const withIds = <T extends { readonly id: string }>(list: readonly T[], from: number): T[] =>
  list.map((one, index) => ({ ...one, id: hostileIds[(from + index) % hostileIds.length]! }))

const parts = fc.record({
  place: valid<Place>(placeSchema),
  settings: valid(settingsSchema),
  spaces: fc.array(valid<Space>(spaceSchema), { minLength: 1, maxLength: 2 }),
  containers: fc.array(valid<Container>(containerSchema, tamedContainer), {
    minLength: 1,
    maxLength: 3,
  }),
  varieties: some(valid<Variety>(varietySchema), 2),
  plantings: some(valid<Planting>(plantingSchema), 4),
  recipes: some(valid<Recipe>(recipeSchema), 2),
  ingredients: some(valid<Ingredient>(ingredientSchema, tamedIngredient), 2),
  mixTests: some(valid<MixTest>(mixTestSchema), 3),
  products: some(valid<FeedProduct>(productSchema, tamedProduct), 3),
  plans: some(valid<FeedPlan>(feedPlanSchema), 3),
  weather: some(valid<DailyWeather>(dailyWeatherSchema, tamedDay), 6),
  normals: fc.option(valid<MonthNormal[]>(normalsSchema, tamedMonths), { nil: undefined }),
  records: some(valid<GardenRecord>(recordSchema), 12),
  ways: fc.option(valid<NonNullable<Garden['ways']>>(waysSchema), { nil: undefined }),
  jobChanges: some(valid<JobChange>(jobChangeSchema), 3),
  ownJobs: some(valid<OwnJob>(ownJobSchema, tamedOwnJob), 3),
  arrangement: fc.option(valueOf(arrangementSchema) as fc.Arbitrary<ArrangementWishes>, {
    nil: undefined,
  }),
  pick: fc.array(fc.nat(), { minLength: 40, maxLength: 40 }),
})

/** Any garden that `readGarden` would accept. */
export const anyGarden: fc.Arbitrary<Garden> = parts
  .map(({ plans, pick, normals, arrangement, ways, ...given }): Garden => {
    let next = 0
    const one = <T>(list: readonly T[]): T => list[pick[next++ % pick.length]! % list.length]!
    const idOf = (list: readonly { readonly id: string }[]) => one(list).id
    const spaces = withIds(given.spaces, 2)
    const recipesHere = withIds(given.recipes, 3)
    const ownIngredients = withIds(given.ingredients, 1)
    const products = withIds(given.products, 0)
    const allRecipes = [...recipes, ...recipesHere]
    const allIngredients = [...Object.values(ingredients), ...ownIngredients]
    const allProducts = [...feedCatalogue, ...products]
    const containers = withIds(given.containers, pick[0]! % 3).map(
      ({ recipeId, ...container }): Container => ({
        ...container,
        spaceId: idOf(spaces),
        ...(recipeId !== undefined && { recipeId: idOf(allRecipes) }),
      }),
    )
    const varieties = withIds(given.varieties, 0)
    const allVarieties = [...catalogue, ...varieties]
    const plantings = withIds(given.plantings, 0).map((planting) => ({
      ...planting,
      containerId: idOf(containers),
      varietyId: idOf(allVarieties),
    }))
    const entries = plans.map(({ productId, lateProductId, ...plan }): [string, FeedPlan] => [
      idOf(containers),
      {
        ...plan,
        ...(productId !== undefined && { productId: idOf(allProducts) }),
        ...(lateProductId !== undefined && { lateProductId: idOf(allProducts) }),
      },
    ])
    return {
      ...emptyGarden('any', 'Any', 'Here'),
      ...given,
      spaces,
      containers,
      varieties,
      plantings,
      products,
      recipes: recipesHere.map((recipe) => ({
        ...recipe,
        parts: recipe.parts.map((part) => ({ ...part, ingredientId: idOf(allIngredients) })),
        ...(recipe.amendments && {
          amendments: recipe.amendments.map((row) => ({ ...row, productId: idOf(allProducts) })),
        }),
      })),
      ingredients: ownIngredients,
      mixTests: withIds(given.mixTests, 0).map((test) => ({
        ...test,
        testedId: idOf([...containers, ...allRecipes, ...allIngredients, ...allProducts]),
      })),
      feedPlans: Object.fromEntries(entries),
      ...(normals && { normals }),
      weather: [...new Map(given.weather.map((day) => [day.date, day])).values()].sort((a, b) =>
        a.date < b.date ? -1 : 1,
      ),
      // A record may outlive what it speaks of: some keep ids that nothing has.
      records: given.records.map((record, index) => ({
        ...record,
        id: `r${index}`,
        ...(record.containerId !== undefined && index % 4 && { containerId: idOf(containers) }),
        ...('varietyId' in record && index % 3 && { varietyId: idOf(allVarieties) }),
        ...('productId' in record && index % 3 && { productId: idOf(allProducts) }),
        ...('itemId' in record &&
          index % 3 && { itemId: idOf([...allProducts, ...allIngredients]) }),
      })),
      ...(ways && { ways }),
      jobChanges: given.jobChanges,
      ownJobs: withIds(given.ownJobs, 0),
      ...(arrangement && {
        arrangement: {
          ...arrangement,
          wishes: arrangement.wishes.map((wish) => ({ ...wish, varietyId: idOf(allVarieties) })),
          offers: arrangement.offers.map((offer) => ({
            ...offer,
            container: {
              ...one(containers),
              id: offer.id,
              ...(offer.container.recipeId !== undefined && { recipeId: idOf(allRecipes) }),
            },
          })),
          pins: arrangement.pins.map((pin) => ({
            containerId: idOf(containers),
            stays: pin.stays,
            ...(pin.varietyId !== undefined && { varietyId: idOf(allVarieties) }),
          })),
        },
      }),
    }
  })
  .filter((garden) => gardenSchema.safeParse(garden).success)
