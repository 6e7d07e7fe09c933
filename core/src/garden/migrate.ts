import { usualWater } from '../feed'
import { defaultMeasures, isFields } from '../units'
import { usualBaggedMix } from './starting'

type Document = Record<string, unknown>

/** Until version 1 a flat bag was a box that lies: much longer than it is deep. */
const LYING = { mostHeightMm: 220, leastLengthMm: 800 } as const

function flatBagsNamed(container: unknown): unknown {
  if (!isFields(container) || container['type'] !== 'box') return container
  const { shape } = container
  if (!isFields(shape) || shape['kind'] !== 'rectangular') return container
  const isLying =
    Number(shape['heightMm']) <= LYING.mostHeightMm &&
    Number(shape['topLengthMm']) >= LYING.leastLengthMm
  return isLying ? { ...container, type: 'flatBag' } : container
}

/** Until version 2 a measured shrinkage was kept as a share; now as the test it came from. */
function shrinkageTests(shrinkShares: unknown): Document[] {
  if (!isFields(shrinkShares)) return []
  const LOOSE_L = 10
  return Object.entries(shrinkShares).map(([testedId, share], index) => ({
    id: `shrinkage-${index + 1}`,
    at: '2000-01-01T00:00',
    kind: 'shrinkage',
    of: 'recipe',
    testedId,
    looseL: LOOSE_L,
    mixedL: LOOSE_L * (1 - Number(share)),
  }))
}

function withMixing({ settings, ...rest }: Document): Document {
  if (!isFields(settings)) return { ...rest, settings }
  const { shrinkShares, measures, ...kept } = settings
  const { scoopL, tubL } = defaultMeasures
  return {
    ...rest,
    settings: {
      currency: 'EUR',
      baggedMix: usualBaggedMix,
      ...kept,
      measures: isFields(measures) ? { scoopL, tubL, ...measures } : measures,
    },
    ingredients: [],
    stockL: {},
    mixTests: shrinkageTests(shrinkShares),
  }
}

/** Until version 6 a feed could stand on the shelf twice: the count that was written last stands. */
function countedOnce(shelf: unknown): unknown {
  if (!Array.isArray(shelf)) return shelf
  const lastOf = new Map<unknown, unknown>()
  for (const item of shelf) lastOf.set(isFields(item) ? item['productId'] : item, item)
  return [...lastOf.values()]
}

const listOf = (value: unknown): readonly Document[] =>
  Array.isArray(value) ? value.filter(isFields) : []

/** Until version 7 what is at hand stood beside the records; now a count is a record like others. */
function countsRecorded({ shelf, stockL, ...rest }: Document): Document {
  const { records, clock } = rest
  if (!Array.isArray(records)) return rest
  const feeds = listOf(shelf).map(({ productId, massG, countedAt }) => ({
    at: countedAt,
    itemId: productId,
    amount: massG,
    unit: 'g',
  }))
  // When the ingredients were measured was not kept: at the latest when the garden was last written in.
  const moments = [...listOf(records), ...feeds].map(({ at }) => at)
  const at = [clock, ...moments]
    .filter((one) => typeof one === 'string')
    .sort()
    .at(-1)
  const ingredients = Object.entries(isFields(stockL) ? stockL : {}).map(([itemId, amount]) => ({
    at: at ?? '2000-01-01T00:00',
    itemId,
    amount,
    unit: 'L',
  }))
  const taken = new Set(listOf(records).map(({ id }) => id))
  let number = 0
  const freeId = () => {
    do number += 1
    while (taken.has(`count-${number}`))
    return `count-${number}`
  }
  const counts = [...feeds, ...ingredients].map((one) => ({ id: freeId(), kind: 'count', ...one }))
  return { ...rest, records: [...(records as unknown[]), ...counts] }
}

/** Each step brings a garden document from one version to the next. */
const STEPS: Readonly<Record<number, (document: Document) => Document>> = {
  1: ({ containers, ...rest }) => ({
    ...rest,
    containers: Array.isArray(containers) ? containers.map(flatBagsNamed) : containers,
  }),
  2: withMixing,
  // Versions 4 and 5 know more kinds of records, which an older program would refuse.
  3: (document) => document,
  4: (document) => document,
  5: ({ settings, ...rest }) => ({
    ...rest,
    settings: isFields(settings) ? { water: usualWater.tap, ...settings } : settings,
    products: [],
    shelf: [],
    feedPlans: {},
  }),
  // Version 7 knows more kinds of products as well.
  6: ({ shelf, ...rest }) => ({ ...rest, shelf: countedOnce(shelf) }),
  7: countsRecorded,
  // Version 9 knows records of what changes a pot: a pot without them stood as it does from the first day on.
  8: (document) => document,
  // Version 10 knows ways, changes of jobs, jobs of one's own, and records of what has no other record.
  9: (document) => document,
  // Version 11 knows checks of what is wrong.
  10: (document) => document,
  // Version 12 knows photos, earlier forms of records, and a bin.
  11: (document) => document,
}

/**
 * A garden document brought to the present version, step by step. What it holds
 * is not checked here; a version of which nothing is known is left as it is.
 */
export function migrated(document: Document): Document {
  const version = document['version']
  const step = typeof version === 'number' ? STEPS[version] : undefined
  return step ? migrated({ ...step(document), version: Number(version) + 1 }) : document
}
