import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import {
  catalogue,
  conditionIds,
  compareSchools,
  containerTypes,
  drainagePlan,
  exposures,
  feels,
  foodSafety,
  gardenToday,
  habitClasses,
  ingredients,
  judgeFit,
  judgeHeat,
  judgeLabel,
  judgePair,
  knuckles,
  lightReasons,
  materials,
  mixPlan,
  readGarden,
  readLabel,
  recipes,
  rootVolumeReasons,
  schoolIds,
  sideKinds,
  signs,
  skipReasons,
  spaceLoad,
  starterProducts,
  typicalContainer,
  unitSystems,
  volumeReasons,
  wallColours,
  wishKinds,
  type Reason,
  type SpotConditions,
} from '@rimbo/core'
import { messages } from '.'

const words: unknown = messages.en
const at = (path: string): unknown =>
  path
    .split('.')
    .reduce<unknown>((found, step) => (found as Record<string, unknown> | undefined)?.[step], words)

const demo = readGarden(
  readFileSync(new URL('../../../demo/port-maren.rimbo.json', import.meta.url), 'utf8'),
)

/** Reasons as they come from the core, over every kind of garden a gardener may make. */
function everyReason(): Reason[] {
  const bare = {
    ...demo,
    weather: demo.weather.map(({ date }) => ({ date, tempMaxC: 30, tempMinC: 14, rainMm: 3 })),
  }
  const days = [demo, bare].map((garden) => gardenToday(garden, demo.clock!))
  const pots = days.flatMap((day) => day.pots)
  const containers = containerTypes.map((type) => ({
    ...demo.containers[0]!,
    ...typicalContainer(type),
    type,
  }))
  const fits = [...containers, ...demo.containers].flatMap((container) =>
    catalogue.flatMap((variety) =>
      [1, 2, 4].flatMap((count) =>
        schoolIds.flatMap((school) => judgeFit({ variety, container, count, school }).reasons),
      ),
    ),
  )
  const labels = ['19 l', '25 l', '12 l', '#7', '#10', '7 gal'].flatMap((text) =>
    [19, 24, 40].flatMap((rimL) => judgeLabel(readLabel(text, 'us'), rimL)?.reasons ?? []),
  )
  const doses = starterProducts.flatMap((product) =>
    recipes.flatMap(({ id }) =>
      mixPlan(demo, pots.slice(0, 2), id, product).fillings.flatMap((filling) => [
        ...filling.lime.reasons,
        ...filling.feed.reasons,
      ]),
    ),
  )
  const walls = [...containers, ...demo.containers].flatMap((container) => [
    ...volumeReasons(container, container.fillMm),
    ...rootVolumeReasons({ ...container, rolledMm: 20, fillMm: container.fillMm - 20 }),
    ...drainagePlan(container).reasons,
    ...[1, 15, 90].flatMap(
      (count) => drainagePlan({ ...container, holes: { count, diameterMm: 10 } }).reasons,
    ),
    ...[undefined, 1, 2, 3].flatMap((resinCode) =>
      materials.flatMap(
        (material) => foodSafety({ material, ...(resinCode ? { resinCode } : {}) }).reasons,
      ),
    ),
    ...[12, 26, 38].flatMap((tempMaxC) => {
      const day = { tempMaxC, tempMinC: tempMaxC - 10, sunHours: 8 }
      const insulated = { ...container, isInsulated: true, colour: 'black' as const }
      return [container, insulated].flatMap((one) => judgeHeat(one, day, day).reasons)
    }),
  ])
  const summer = { tempMaxC: 32, tempMinC: 20, sunHours: 8 }
  const spots: SpotConditions[] = [
    { hot: summer, spring: summer },
    ...[3, 7, 9].map((sunHours) => ({
      sunHours,
      dliMol: 3 * sunHours,
      ceilingMm: 250 * sunHours,
      hot: summer,
      spring: summer,
    })),
  ]
  const here = demo.containers.flatMap((container) =>
    catalogue.flatMap((variety) =>
      spots.flatMap((spot) =>
        compareSchools({ variety, container, count: 1, spot, grownKg: 20 }).conditions.flatMap(
          (one) => one.reasons,
        ),
      ),
    ),
  )
  const loads = demo.spaces.flatMap(({ plan }) =>
    [1, 900, 9000].flatMap((massKg) =>
      [undefined, 3].flatMap((allowedKnM2) => {
        const print = {
          id: 'x',
          xMm: 500,
          yMm: 300,
          isRound: true,
          lengthMm: 300,
          widthMm: 300,
          fromMm: 0,
          toMm: 300,
        }
        const load = spaceLoad({ ...plan!, allowedKnM2 }, [{ massKg, print }])
        return [...load.reasons, ...load.pressures.flatMap((one) => one.reasons)]
      }),
    ),
  )
  const pairs = pots
    .slice(0, 3)
    .flatMap((pot) => judgePair(demo, pot, catalogue[0]!, 2, 2026).eachReasons)
  return [
    ...walls,
    ...here,
    ...loads,
    ...pairs,
    ...lightReasons(true),
    ...lightReasons(false),
    ...days.flatMap((day) => day.referenceReasons),
    ...pots.flatMap((pot) => [
      ...(pot.need?.reasons ?? []),
      ...pot.mass.reasons,
      ...(pot.mix?.reasons ?? []),
      ...pot.plants.flatMap((plant) => plant.yield.reasons),
    ]),
    ...fits,
    ...labels,
    ...doses,
  ]
}

describe('words', () => {
  const byCode = new Map(everyReason().map((reason) => [reason.code, reason]))

  test('there are reasons of every kind to find words for', () => {
    for (const kind of [
      'root',
      'mass',
      'holes',
      'food',
      'heat',
      'sun',
      'load',
      'label',
      'yield',
      'fit',
      'water',
      'reference',
      'lime',
      'feed',
    ])
      expect([...byCode.keys()].some((code) => code.startsWith(`${kind}.`))).toBe(true)
  })
  test.each([...byCode])(
    'for the reason %s, naming no number that it does not carry',
    (code, reason) => {
      const text = at(`reason.${code}`)
      expect(typeof text).toBe('string')
      const named = [...String(text).matchAll(/\{(\w+)\}/g)].map((match) => match[1]!)
      expect(Object.keys(reason.params)).toEqual(expect.arrayContaining(named))
    },
  )

  test.each([
    ['containerType', containerTypes],
    ['material', materials],
    ['colour', wallColours],
    ['sideKind', sideKinds],
    ['fit.condition', conditionIds],
    ['arrange.wish', wishKinds],
    ['place.fault', ['outside', 'onAnother', 'inDoorway', 'outOfReach']],
    [
      'reason.arrange.leftOut',
      [
        'school',
        'sun',
        'height',
        'room',
        'pinned',
        'noneFree',
        'noTime',
        'costs',
        'instead',
        'best',
      ],
    ],
    ['exposure', exposures],
    ['habitClass', habitClasses.map((one) => one.id)],
    ['habit', catalogue.map((one) => one.habit)],
    ['crop', catalogue.map((one) => one.crop)],
    ['fruitClass', catalogue.map((one) => one.fruitClass)],
    ['ingredient', Object.keys(ingredients)],
    ['pack', Object.values(ingredients).flatMap((one) => one.packs.map((pack) => pack.kind))],
    ['caution', Object.values(ingredients).flatMap((one) => one.cautions)],
    ['caution', starterProducts.flatMap((one) => one.cautions)],
    ['placement', starterProducts.map((one) => one.placement)],
    ['product', [...starterProducts.map((one) => one.id), 'tomatoFeed', 'fishEmulsion']],
    ['recipe', recipes.map((one) => one.id)],
    ['school', schoolIds],
    ['verdict', ['good', 'tight', 'poor', 'silent']],
    ['kind', demo.records.map((one) => one.kind)],
    ['feel', feels],
    ['knuckle', knuckles],
    ['sign', signs],
    ['skip', skipReasons],
    ['stage', ['notPlanted', 'establishing', 'growing', 'flowering', 'cropping']],
    ['settings.units', unitSystems],
    ['measure', ['teaspoon', 'tablespoon', 'cup', 'handful']],
    ['mark', ['published', 'practice', 'memory', 'demo']],
  ])('for every %s', (catalogueName, ids) => {
    expect(ids.length).toBeGreaterThan(0)
    for (const id of ids) expect(typeof at(`${catalogueName}.${id}`)).toBe('string')
  })
})
