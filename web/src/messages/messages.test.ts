import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import {
  amendmentUnits,
  awayHelps,
  awayVerdicts,
  batchFor,
  blend,
  blossomEndRotRisk,
  catalogue,
  coarseLayer,
  compareSchools,
  conditionIds,
  containerTypes,
  cropForecast,
  dateOrders,
  datesFrom,
  defaultMeasures,
  drainagePlan,
  drainedReasons,
  dripFor,
  exampleForms,
  exposures,
  extractMethods,
  feels,
  foodSafety,
  gardenCourse,
  gardenOn,
  gardenToday,
  growthReasons,
  habitClasses,
  ingredients,
  interpretDrainTest,
  interpretExtract,
  judgeFit,
  judgeHeat,
  judgeLabel,
  judgePair,
  knuckles,
  lightReasons,
  limeKinds,
  limes,
  limitedProperties,
  materials,
  mixAims,
  mixOf,
  mixPlan,
  mixRanges,
  mixTestKinds,
  packKinds,
  particleClasses,
  pastTroubles,
  phCorrection,
  planBatches,
  readGarden,
  readLabel,
  reason,
  rechargeMix,
  recipes,
  riskLevels,
  rootVolumeReasons,
  schoolIds,
  sideKinds,
  signs,
  skipReasons,
  soilSchoolIds,
  spaceLoad,
  splitRisk,
  squeezes,
  stages,
  starterProducts,
  tooWet,
  tryMix,
  typicalContainer,
  unitSystems,
  volumeReasons,
  wallColours,
  wateringHabits,
  weatherColumns,
  weatherFileKinds,
  whatIfKinds,
  whatIfs,
  wiltingChance,
  wishKinds,
  yearsSpread,
  type Reason,
  type SpotConditions,
} from '@rimbo/core'
import { plainFields, shareFields } from '../views/MixView/useIngredientForm'
import { testGuides } from '../views/MixView/testFields'
import { messages } from '.'

const words: unknown = messages.en
const at = (path: string): unknown =>
  path
    .split('.')
    .reduce<unknown>((found, step) => (found as Record<string, unknown> | undefined)?.[step], words)

const demo = readGarden(
  readFileSync(new URL('../../../demo/port-maren.rimbo.json', import.meta.url), 'utf8'),
)

/** Water hangs as beads, and what was felt has a mark and no word. */
const isDrawn = new Set<string>(['water', 'finger', 'sign'])
const withoutNormals = (({ normals: _normals, place, ...rest }: typeof demo) => {
  const { lastFrost: _last, ...unfrozen } = place
  return { ...rest, place: unfrozen }
})(demo)

const salty = { method: 'oneToTwo', ecDsM: 3 } as const

/** What is said of water: plans in a mild and a fierce summer, stores of every kind, risks, what-ifs. */
function ofWater(): Reason[] {
  const fierce = {
    ...demo,
    weather: demo.weather.map((day) =>
      day.date >= '2026-06-16' ? { ...day, tempMaxC: 41, tempMinC: 27, windMS: 6 } : day,
    ),
    // The thirstiest stands dry.
    records: demo.records.filter(
      ({ kind, containerId, at }) =>
        !(['water', 'finger'].includes(kind) && containerId === 'f2' && at > '2026-06-06'),
    ),
  }
  const dried = {
    ...fierce,
    records: [
      ...fierce.records,
      ...datesFrom('2026-06-07', 11).map((date, index) => ({
        id: `skip${index}`,
        at: `${date}T08:00`,
        kind: 'skipWater' as const,
        reason: 'noTime' as const,
        containerId: 'f2',
      })),
    ],
  }
  const courses = [demo, dried].map((garden) => gardenCourse(garden, demo.clock!))
  const [course] = courses
  const variety = catalogue[0]!
  const fruits = [true, false].map((is) => ({
    variety,
    isSwelling: is,
    isRipening: is,
    ecDsM: 6,
  }))
  const { run, weather, nowHour } = course!.pots[0]!.ofWater
  const facts = { airlessShare: 0.9, hasReservoir: true, hasNoWayOut: true }
  const wet = { ...run, driestShare: new Float64Array(nowHour) }
  return [
    ...courses.flatMap((one) => gardenOn(one, one.today).pots.flatMap((pot) => pot.amountReasons)),
    ...['b1', 'r1'].flatMap((id) =>
      whatIfs(
        course!,
        course!.pots.find(({ container }) => container.id === id)!,
        {
          days: 14,
          recipeId: 'thirds',
          awayDays: 7,
        },
      ).flatMap(({ reasons }) => reasons),
    ),
    ...fruits.flatMap((fruit) => [
      ...blossomEndRotRisk(run, weather, nowHour, fruit).reasons,
      ...splitRisk(run, nowHour, fruit).reasons,
    ]),
    ...tooWet(wet, nowHour, facts),
    ...dripFor(course!, ['b1', 'k1']).reasons,
    ...wiltingChance(demo, { at: demo.clock!, days: 3, count: 1, seed: 1 }).reasons,
  ]
}

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
      limeKinds.flatMap((limeKind) => {
        const wishes = { recipe: id, product, limeKind, withReserve: true }
        const plan = mixPlan(demo, pots.slice(0, 2), wishes)
        return [
          ...plan.tubs.flatMap((tub) => tub.reasons),
          ...plan.fillings.flatMap(({ lime, feed }) => [...lime.reasons, ...feed.reasons]),
        ]
      }),
    ),
  )
  const mixes = [...recipes, { id: 'stones', parts: [{ ingredientId: 'pumice', parts: 1 }] }]
    .flatMap((recipe) => tryMix(demo, pots.slice(0, 16), recipe))
    .flatMap(({ mix, properties, pots: tried }) => [
      ...[
        properties.totalPorosity,
        properties.bulkDensityGL,
        properties.easilyAvailable,
        properties.waterBuffer,
        properties.ph,
        properties.nitrogen,
      ].flatMap((one) => one.reasons),
      ...tried.flatMap(({ inPot, reach, pot }) => [
        ...[inPot.airSpace, inPot.settledAir, inPot.containerCapacity].flatMap(
          (one) => one.reasons,
        ),
        ...(reach?.reasons ?? []),
        ...(pot.mix?.reasons ?? []),
      ]),
      ...coarseLayer({ ...pots[0]!.container.shape }, 300, 60, mix.curve).reasons,
      ...[false, true].flatMap((isSunken) =>
        pastTroubles.flatMap((trouble) =>
          [
            { seasons: 1, waterEcDsM: 0.4 },
            { seasons: 9, waterEcDsM: 0.4, ph: 4.5, extract: salty },
            { seasons: 1, waterEcDsM: 3, ph: 8, extract: salty },
          ].flatMap((facts) => {
            const old = rechargeMix({ mix, fillVolumeL: 20, trouble, isSunken, ...facts })
            return [...old.reasons, ...old.ph.reasons]
          }),
        ),
      ),
    ])
  const squeezed = squeezes.flatMap(
    (squeeze) =>
      planBatches(mixOf(blend(recipes[0]!)), 50, defaultMeasures, true, 'ground', squeeze).reasons,
  )
  const corrections = [5, 5.5, 6.4, 7.2, 8.5].flatMap((ph) => phCorrection(ph, 2, 10).reasons)
  const measured = [
    ...interpretDrainTest({ potL: 3, waterInL: 2.4, waterOutL: 0.5 }).reasons,
    ...extractMethods.flatMap((method) =>
      [0.1, 1, 9].flatMap((ec) => interpretExtract(method, ec).reasons),
    ),
    ...batchFor(blend(recipes[0]!, ingredients, { shrinkShare: 0.1 }), 20).reasons,
    ...drainedReasons(
      pots[0]!.mix!.body,
      mixOf(
        blend(recipes[0]!, ingredients, {
          drain: { totalPorosity: 0.8, containerCapacity: 0.5, heightMm: 150 },
        }),
      ),
    ),
    reason('solve.checked', { rounds: 3 }),
  ]
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
  const years = ['n1', 'f2'].flatMap((containerId) =>
    [demo, withoutNormals].flatMap((garden) => {
      const asked = { containerId, at: demo.clock!, count: 3, seed: 1 }
      const spread = yearsSpread(garden, asked)
      return [...spread.reasons, ...spread.plantings.flatMap((one) => one.window.reasons)]
    }),
  )
  const pairs = pots
    .slice(0, 3)
    .flatMap((pot) => judgePair(demo, pot, catalogue[0]!, 2, 2026).eachReasons)
  return [
    ...ofWater(),
    ...walls,
    ...here,
    ...loads,
    ...pairs,
    ...years,
    reason('spread.climate.fitted'),
    ...lightReasons(true),
    ...lightReasons(false),
    ...days.flatMap((day) => day.referenceReasons),
    ...pots.flatMap((pot) => [
      ...(pot.need?.reasons ?? []),
      ...pot.mass.reasons,
      ...(pot.mix?.reasons ?? []),
      ...pot.plants.flatMap(({ yield: expected, course }) => [
        ...expected.reasons,
        ...growthReasons(course, 109),
        ...cropForecast(course).reasons,
      ]),
    ]),
    ...fits,
    ...labels,
    ...doses,
    ...mixes,
    ...squeezed,
    ...corrections,
    ...measured,
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
      'plan',
      'store',
      'rot',
      'split',
      'tooWet',
      'whatIf',
      'drip',
      'reference',
      'growth',
      'crop',
      'spot',
      'spread',
      'window',
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
    ['caution', Object.values(limes).map((one) => one.caution)],
    ['caution', starterProducts.flatMap((one) => one.cautions)],
    ['placement', starterProducts.map((one) => one.placement)],
    ['product', starterProducts.map((one) => one.id)],
    ['recipe', recipes.map((one) => one.id)],
    ['school', schoolIds],
    ['verdict', ['good', 'tight', 'poor', 'silent']],
    ['kind', demo.records.map((one) => one.kind)],
    ['feel', feels],
    ['knuckle', knuckles],
    ['sign', signs],
    ['skip', skipReasons],
    ['stage', stages],
    ['sky.source', ['measured', 'simulated', 'forecast', 'typical']],
    ['string.kind', demo.records.map((one) => one.kind).filter((kind) => !isDrawn.has(kind))],
    ['string.kind', ['firstFlower', 'firstRipe', 'frost', 'lastPicked']],
    ['string.sign', signs],
    ['potPage.expected', ['firstFlower', 'firstRipe', 'frost']],
    ['potPage.row.soil', soilSchoolIds],
    ['normals.kind', ['fitted', 'normals', 'usual']],
    ['weatherService.by', ['service', 'browser']],
    ['settings.units', unitSystems],
    ['kind', ['weigh', 'drained', 'probe']],
    ['string.kind', ['weigh', 'drained', 'probe']],
    ['waterView.whatIf', whatIfKinds],
    ['waterView.level', riskLevels],
    ['waterView.habit', wateringHabits],
    ['waterView.away.help', awayHelps],
    ['waterView.away.short', awayHelps],
    ['waterView.away.verdict', awayVerdicts],
    ['measure', ['teaspoon', 'tablespoon', 'cup', 'handful']],
    ['mark', ['published', 'practice', 'memory', 'measured', 'demo']],
    ['limeKind', limeKinds],
    ['weatherFile.column', weatherColumns],
    ['weatherFile.kind', weatherFileKinds],
    ['weatherFile.unit', dateOrders],
    ['ingredients.pack', packKinds],
    ['ingredients.class', particleClasses],
    ['ingredients.field', [...plainFields, ...shareFields]],
    ['ingredients.mark', ['memory', 'measured', 'own']],
    ['mix.amendmentUnit', amendmentUnits],
    ['mix.form', exampleForms],
    ['mix.aim', mixAims],
    ['mix.gain', mixAims],
    ['mix.foundAim', mixAims],
    ['mix.limit', ['ingredientLeast', 'ingredientMost', 'stock', 'mostKinds']],
    ...limitedProperties.map((one) => [`mix.limit.${one}`, ['least', 'most']] as const),
    ['mix.fact', Object.keys(mixRanges)],
    ['mix.range', ['low', 'good', 'high']],
    ['oldMix.trouble', pastTroubles],
    ['oldMix.verdict', ['recharge', 'flushFirst', 'renew', 'notForThese']],
    ['test.kind', [...mixTestKinds, 'handful']],
    ['test.squeeze', squeezes],
    ['test.methods', extractMethods],
    ...testGuides.map(
      ({ kind, steps }) => [`test.step.${kind}`, steps.map(({ id }) => id)] as const,
    ),
    ['test.why', [...mixTestKinds, 'handful']],
    ['test.field', testGuides.flatMap(({ fields }) => fields.map(({ name }) => name))],
  ])('for every %s', (catalogueName, ids) => {
    expect(ids.length).toBeGreaterThan(0)
    for (const id of ids) expect(typeof at(`${catalogueName}.${id}`)).toBe('string')
  })
})
