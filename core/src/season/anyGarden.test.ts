// No valid garden, however odd, may stop a view: every public entry of garden and season on gardens out of the schemas.
import { beforeAll, describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import highsLoader from 'highs'
import { anyGarden } from '../../test/anyGarden'
import { hostileIds } from '../../test/arbitrary'
import { notNumbers } from '../../test/numbers'
import { doseFor, programmeIds, starterProducts } from '../feed'
import * as gardens from '../garden'
import { feedProducts, readGarden, writeGarden, type Garden } from '../garden'
import { recipes } from '../mix'
import { catalogue, varietySchema } from '../plant'
import { addDays, daysBetween, InputError, solveWithHighs, type Solve } from '../units'
import * as season from '.'
import type { GardenCourse, PotCourse, PotToday } from '.'

const NOW = '2026-06-18T07:30'
const TODAY = NOW.slice(0, 10)
const DAYS = 3

/** What stands about while the entries are called. */
interface Here {
  readonly garden: Garden
  readonly course: GardenCourse
  readonly day: season.GardenToday
  readonly solve: Solve
}
const eachPot = ({ course, day }: Here, work: (pot: PotCourse, today: PotToday) => unknown) =>
  course.pots.forEach((pot, index) => work(pot, day.pots[index]!))
const eachFeed = (
  here: Here,
  work: (feed: season.FeedToday, pot: PotCourse, today: PotToday) => unknown,
) =>
  eachPot(here, (pot, today) => {
    const feed = season.feedToday(here.course, pot, today)
    if (feed) work(feed, pot, today)
  })
/** Asked for something that may not be had: refused in words is fine, anything else is not. */
function asked(work: () => unknown): void {
  try {
    work()
  } catch (error) {
    if (!(error instanceof InputError)) throw error
  }
}

const wishes = (garden: Garden) => ({
  aim: 'cheapest' as const,
  ingredients: Object.keys(gardens.ingredientsOf(garden)).map((ingredientId) => ({
    ingredientId,
    isAllowed: true,
    leastShare: 0,
    mostShare: 1,
  })),
  wished: { containerCapacity: 0.5, airSpace: 0.2 },
  limits: {},
  mostKinds: 3,
  isStockOnly: false,
})
const emptied = ({ id, name }: Garden) => gardens.emptyGarden(id, name, 'Here')
const oldMix = { seasons: 1, trouble: 'none' as never, waterEcDsM: 0.5 }
const arranged = (garden: Garden): Garden => ({
  ...garden,
  arrangement: garden.arrangement ?? {
    ...gardens.noArrangement,
    wishes: [{ varietyId: 'padron', wish: 'like', atMost: 2 }],
  },
})

const eachSeason = (garden: Garden, work: (id: string) => unknown) =>
  gardens.seasonsOf(garden).forEach(({ id }) => work(id))
/** What a file may hold, and the first pot against all others. */
const trialsOf = (garden: Garden): readonly gardens.Trial[] => {
  const [first, ...others] = garden.containers.map(({ id }) => id)
  const own = { id: 't', name: 'T', a: [first!], b: others.length ? others : ['gone'] }
  return [
    ...(garden.trials ?? []),
    ...gardens.trialThings.map((differsIn) => ({ ...own, differsIn, from: '2026-03-01' })),
  ]
}

/** Every function that the doors of garden and season show, and how it is called. */
const calls: Readonly<Record<string, (here: Here) => unknown>> = {
  readGarden: ({ garden }) => expect(readGarden(writeGarden(garden)).id).toBe(garden.id),
  writeGarden: ({ garden }) => writeGarden(garden),
  recordsCsv: ({ garden }) => gardens.recordsCsv(garden),
  emptyGarden: () => gardens.emptyGarden('g', 'Mine', 'Here'),
  unitsOfRegion: () =>
    expect(['US', 'GB', 'MX', undefined].map(gardens.unitsOfRegion)).toEqual([
      'us',
      'metric',
      'metric',
      'metric',
    ]),
  hasTypedNormals: ({ garden }) =>
    expect(gardens.hasTypedNormals({ ...garden, normalsAreGuessed: true })).toBe(false),
  tableCsv: ({ garden }) => {
    for (const name of gardens.tableNames) {
      const read = gardens.tableFromCsv(gardens.tableCsv(garden, name), name)
      expect([name, read]).toEqual([name, garden[name] ?? []])
    }
  },
  tableFromCsv: () => asked(() => gardens.tableFromCsv('id\n3', 'spaces')),
  mergeGardens: ({ garden }) =>
    expect(gardens.mergeGardens(garden, structuredClone(garden)).conflicts).toEqual([]),
  exportReminder: ({ garden }) =>
    gardens.exportReminder(garden, { on: '2026-01-01', records: 0 }, TODAY),
  gardenJsonSchema: () => gardens.gardenJsonSchema,
  densityGMlOf: ({ garden }) =>
    gardens.productIds.forEach((id) => gardens.densityGMlOf(garden, id)),
  feedProductOf: ({ garden }) => hostileIds.forEach((id) => gardens.feedProductOf(garden, id)),
  feedProducts: ({ garden }) => gardens.feedProducts(garden),
  feedTools: ({ garden }) => gardens.feedTools(garden),
  waterFrom: ({ garden }) =>
    gardens.waterOrigins.forEach((origin) => gardens.waterFrom(garden.settings, origin)),
  strewnG: ({ garden }) =>
    gardens.feedProducts(garden).forEach((product) => {
      const amendment = { productId: product.id, unit: 'cupsPerPot', amount: 1 } as const
      gardens.strewnG(garden, amendment, product, 10)
    }),
  shelfStock: ({ garden }) => gardens.shelfStock(garden),
  feedsAtHand: ({ garden }) => {
    // What is weighed and left on the shelf is at hand.
    const left = gardens.shelfStock(garden).filter(({ leftG }) => leftG > 0)
    expect(gardens.feedsAtHand(garden)).toEqual(
      expect.arrayContaining(left.map(({ product }) => product.id)),
    )
  },
  withoutMarks: ({ garden }) =>
    expect({ ...garden, ...gardens.withoutMarks(garden) }).toEqual(garden),
  measuredMixOf: ({ garden }) => recipes.forEach(({ id }) => gardens.measuredMixOf(garden, id)),
  mixesOf: ({ garden }) => [...recipes, ...garden.recipes].forEach(gardens.mixesOf(garden)),
  ingredientsOf: ({ garden }) => gardens.ingredientsOf(garden),
  parseEntry: ({ garden }) => {
    const [pot] = garden.containers
    const said = [
      '2 l',
      '3 cans all',
      '12 peppers',
      'aphids',
      'fed tomatoes 4-3-8 1 tbsp',
      '\ud800 =',
    ]
    for (const text of [...said, ...said.map((one) => `${one} ${pot!.code}`)])
      for (const record of gardens.parseEntry(text, garden, NOW).records)
        expect(gardens.recordSchema.safeParse(record).error).toBeUndefined()
  },
  nextCode: ({ garden }) => gardens.nextCode(garden, 'K1'),
  containerOn: ({ garden }) =>
    garden.containers.forEach((one) => gardens.containerOn(garden, one, TODAY)),
  stateOn: ({ garden }) => garden.containers.forEach((one) => gardens.stateOn(garden, one, NOW)),
  statesOf: ({ garden }) =>
    garden.containers.forEach((one) => gardens.statesOf(one, garden.records, undefined)),
  potStates: ({ garden }) => garden.containers.forEach((one) => gardens.potStates(garden, one)),
  layersOf: ({ garden }) =>
    garden.containers.forEach((one) => gardens.potStates(garden, one).forEach(gardens.layersOf)),
  partsOf: ({ garden }) =>
    garden.containers.forEach((one) =>
      gardens.potStates(garden, one).forEach(({ fills }) => gardens.partsOf(fills)),
    ),
  potOn: ({ garden }) => garden.containers.forEach((one) => gardens.potOn(garden, one.id, TODAY)),
  mixOn: ({ garden }) => garden.containers.forEach((one) => gardens.mixOn(garden, one.id, TODAY)),
  mixOfState: ({ garden }) =>
    garden.containers.forEach((one) =>
      gardens.mixOfState(garden, gardens.stateOn(garden, one, TODAY), '2031-01-01'),
    ),
  heightWith: ({ garden }) => garden.containers.forEach((one) => gardens.heightWith(one, 3)),
  standingOn: ({ garden }) => gardens.standingOn(garden, TODAY),
  staysByContainer: ({ garden }) => gardens.staysByContainer(garden.records, garden.plantings),
  isGone: ({ garden }) => gardens.isGone(garden, 'x', TODAY),
  plantedDepthMm: ({ garden }) =>
    garden.plantings.forEach((one) => gardens.plantedDepthMm(garden, one)),
  pruningsOf: ({ garden }) => garden.plantings.forEach((one) => gardens.pruningsOf(garden, one)),
  seasonsOf: ({ garden }) => gardens.seasonsOf(garden),
  seasonOfYear: ({ garden }) => gardens.seasonOfYear(2026, garden.place.latitudeDeg),
  seasonYearOf: ({ garden }) => gardens.seasonYearOf(TODAY, garden.place.latitudeDeg),
  gardenAsOf: ({ garden }) => gardens.gardenAsOf(garden, TODAY),
  historyFaults: ({ garden }) => gardens.historyFaults(garden),
  recordFaults: ({ garden }) =>
    garden.records.forEach((record) => gardens.recordFaults(garden, record, NOW)),
  potsAtClose: ({ garden }) =>
    gardens.seasonsOf(garden).forEach((one) => gardens.potsAtClose(garden, one, one.to)),
  closingOf: ({ garden }) => {
    const chosen = { plants: 'remove', mix: 'recharge', isWashed: true, why: 'frost' } as const
    for (const season of gardens.seasonsOf(garden))
      for (const pot of gardens.potsAtClose(garden, season, NOW))
        gardens.closingOf(garden, pot, chosen, NOW)
  },
  closeSeason: ({ garden }) =>
    gardens.closeSeason(
      garden,
      garden.containers.map(({ id }) => ({
        containerId: id,
        plants: {},
        why: 'cropOver',
        mix: 'recharge',
        isWashed: true,
      })),
      NOW,
      () => 'x',
    ),
  lastRecords: ({ garden }) => gardens.lastRecords(garden, garden.containers[0]!.id, 3),
  foundRecords: ({ garden }) => gardens.foundRecords(garden, { kind: 'water' }),
  newestFirst: ({ garden }) => gardens.newestFirst(garden),
  ingredientStockL: ({ garden }) => gardens.ingredientStockL(garden),
  stockOn: ({ garden }) => expect(notNumbers(gardens.stockOn(garden, TODAY))).toEqual([]),
  purchasesOf: ({ garden }) =>
    expect(
      gardens.purchasesOf({ trips: [] }, garden.shops ?? [], { at: NOW, newId: () => 'x' }),
    ).toEqual([]),
  purchaseRecords: ({ garden }) => {
    const buy = { id: 'b', at: NOW, kind: 'buy', itemId: 'compost', unit: 'L', amount: 5 } as const
    const made = gardens.purchaseRecords(garden, [buy], () => 'emptied')
    const after = gardens.stockOn({ ...garden, records: [...garden.records, ...made] }, NOW)
    expect(after.find(({ itemId, unit }) => itemId === 'compost' && unit === 'L')).toBeDefined()
  },
  photoIdsIn: ({ garden }) => expect(gardens.photoIdsIn(garden)).toEqual(expect.any(Array)),
  stamped: ({ garden }) =>
    expect(gardens.stamped(garden, garden, [], '2026-06-18T08:00:00.000Z a')).toBe(garden),
  differing: ({ garden }) =>
    expect(
      gardens.differing({ path: ['name'], one: garden.name, other: 'Other', taken: 'one' }),
    ).toHaveLength(1),
  mergedLists: ({ garden }) => expect(gardens.mergedLists(garden, garden)).toEqual([]),
  pastUse: ({ garden }) =>
    gardens
      .stockOn(garden, TODAY)
      .forEach((one) =>
        expect(gardens.pastUse(one, TODAY)).toBeLessThanOrEqual(Math.max(0, one.amount) + 1e-9),
      ),
  nextUseBy: ({ garden }) =>
    gardens
      .stockOn(garden, TODAY)
      .forEach((one) => expect(gardens.nextUseBy(one, TODAY) ?? TODAY >= TODAY).toBeTruthy()),
  overbought: () => expect(gardens.overbought([], [])).toEqual([]),
  stockKindOf: ({ garden }) =>
    hostileIds.forEach((itemId) => gardens.stockKindOf(garden, { itemId, unit: 'count' })),
  usedIn: ({ garden }) => garden.records.forEach((one) => gardens.usedIn(garden, one)),
  ofMix: ({ garden }) => garden.recipes.forEach(({ id }) => gardens.ofMix(garden, id, 10)),
  shoppingList: ({ garden, solve }) =>
    asked(() =>
      gardens.shoppingList(
        garden,
        [{ itemId: 'compost', need: 3, unit: 'L' }],
        garden.shops ?? [],
        solve,
      ),
    ),
  recordsFromCsv: ({ garden }) =>
    expect(gardens.recordsFromCsv(gardens.recordsCsv(garden), garden, () => 'new')).toHaveLength(
      garden.records.length,
    ),
  editOf: ({ garden }) => gardens.editOf('settings', {}, () => undefined).apply(garden),
  waysOf: ({ garden }) => {
    gardens.waysOf(garden)
    garden.plantings.forEach(({ id, containerId }) => gardens.waysOf(garden, containerId, id))
  },
  arrangementOf: ({ garden }) => gardens.arrangementOf(garden),
  usualWays: ({ garden }) =>
    [undefined, ...garden.varieties].forEach((one) => gardens.usualWays(one)),
  wayProvenance: () => gardens.wayKeys.forEach((key) => gardens.wayProvenance(key, 'ripens')),
  migrated: ({ garden }) => gardens.migrated({ ...garden, version: 5 }),
  recipeOf: ({ garden }) => gardens.recipeOf(garden, 'toString'),
  varietyOf: ({ garden }) => gardens.varietyOf(garden, 'constructor'),
  changeBetween: ({ garden }) => gardens.changeBetween(garden, { ...garden, records: [] }),
  inverseOf: ({ garden }) => gardens.inverseOf(gardens.changeBetween(garden, emptied(garden))),
  isListChange: ({ garden }) =>
    gardens.changeBetween(garden, emptied(garden)).map(gardens.isListChange),
  withChange: ({ garden }) =>
    gardens.withChange(garden, gardens.changeBetween(garden, emptied(garden))),
  withShared: ({ garden }) =>
    expect(gardens.withShared(garden, structuredClone(garden))).toEqual(garden),
  requireReadable: ({ garden }) =>
    gardens.requireReadable(
      emptied(garden),
      garden,
      gardens.changeBetween(emptied(garden), garden),
    ),
  isSame: ({ garden }) => expect(gardens.isSame(garden, structuredClone(garden))).toBe(true),
  keepIn: ({ garden }) => {
    const [pot] = garden.containers
    gardens.keepIn([...garden.containers], pot!, pot, false)
  },
  requireIn: ({ garden }) => gardens.requireIn(garden.spaces, garden.spaces[0]!.id),
  withTouched: ({ garden }) =>
    expect(gardens.withTouched(garden, garden, { ...garden, name: 'Other' }).name).toBe('Other'),
  schemaOf: () => gardens.schemaOf('records'),

  checkOf: ({ garden }) => garden.containers.forEach(({ id }) => season.checkOf(garden, id, NOW)),
  checkOutcomes: ({ garden }) => season.checkOutcomes(garden),
  harvestSummary: ({ garden }) =>
    season.harvestSides.forEach((by) =>
      expect(notNumbers(season.harvestSummary(garden, { by }))).toEqual([]),
    ),
  expectedBesideReal: ({ garden }) =>
    eachSeason(garden, (id) =>
      expect(notNumbers(season.expectedBesideReal(garden, id, NOW))).toEqual([]),
    ),
  seasonFactors: ({ garden }) =>
    eachSeason(garden, (id) =>
      expect(notNumbers(season.seasonFactors(garden, id, NOW))).toEqual([]),
    ),
  besideSeasons: ({ garden }) => expect(notNumbers(season.besideSeasons(garden, NOW))).toEqual([]),
  pickedAtWarmth: ({ garden }) =>
    season.besideSeasons(garden, NOW).forEach((one) => season.pickedAtWarmth(one, 500)),
  carriedOf: () =>
    expect(season.carriedOf({ containerId: 'c', spread: 0, n: 0 }, '2026')).toBeUndefined(),
  carriedFrom: ({ garden }) =>
    eachSeason(garden, (id) => {
      const edit = gardens.edits.carryOver(season.carriedFrom(garden, id, NOW), id)
      const draft = structuredClone(garden)
      edit.apply(draft)
      expect(readGarden(writeGarden(draft)).containers).toHaveLength(garden.containers.length)
    }),
  doDifferently: ({ garden }) =>
    eachSeason(garden, (id) =>
      expect(notNumbers(season.doDifferently(garden, id, NOW))).toEqual([]),
    ),
  trialResult: ({ garden }) => trialsOf(garden).map((one) => season.trialResult(garden, one)),
  trialDiffers: ({ garden }) => trialsOf(garden).map((one) => season.trialDiffers(garden, one)),
  mostOf: ({ garden }) =>
    trialsOf(garden).map((one) => season.mostOf(season.trialResult(garden, one))),
  seasonOfId: ({ garden }) => eachSeason(garden, (id) => season.seasonOfId(garden, id)),
  pickedParts: ({ garden }) => expect(notNumbers(season.pickedParts(garden))).toEqual([]),
  stockForecast: ({ garden }) =>
    expect(notNumbers(season.stockForecast(garden, NOW, addDays(TODAY, 60)))).toEqual([]),
  seasonCosts: ({ garden }) =>
    eachSeason(garden, (id) => {
      const costs = season.seasonCosts(garden, id)
      expect(notNumbers(costs)).toEqual([])
      const cents = (prices: readonly { readonly price: number }[]) =>
        Math.round(prices.reduce((sum, { price }) => sum + price, 0) * 100)
      expect(cents(costs.lines)).toBe(Math.round(costs.total * 100))
      expect(cents(costs.perContainer)).toBe(Math.round(costs.total * 100))
    }),
  dearest: () => expect(season.dearest({ lines: [] })).toBe(0),
  yearlyPart: () => expect(season.yearlyPart(50, 5, 5)).toBe(0),
  germinationShare: () => expect(season.germinationShare('tomato', 0)).toBeCloseTo(0.9, 9),
  comesUpShare: ({ garden }) =>
    gardens.stockOn(garden, NOW).forEach((one) => season.comesUpShare(garden, one, TODAY)),
  missingOf: ({ garden }) =>
    season
      .missingOf(season.stockForecast(garden, NOW, addDays(TODAY, 30)))
      .forEach(({ need }) => expect(need).toBeGreaterThan(0)),
  seedsFor: () => expect(season.seedsFor(2, 'pepper', 0)).toBe(4),
  feedsPlanned: (here) =>
    eachFeed(here, ({ feeding, plan }) => {
      if (plan) season.feedsPlanned(here.garden, feeding, plan, 0)
    }),
  learnedFruitMass: ({ garden }) =>
    garden.varieties.forEach((one) => season.learnedFruitMass(one, [])),
  isGoingRound: (here) =>
    here.garden.containers.map(({ id }) =>
      season.isGoingRound(here.garden, id, here.garden.clock ?? TODAY, ['leafYellow']),
    ),
  factsFrom: ({ garden }) =>
    garden.containers.forEach(({ id }) =>
      expect(notNumbers(season.factsFrom(garden, id, NOW))).toEqual([]),
    ),
  mixVerdictAfter: ({ garden }) =>
    garden.containers.forEach(({ id }) =>
      season.mixVerdictAfter(garden, id, 'fusariumWilt', TODAY),
    ),
  gardenCourse: ({ garden }) => season.gardenCourse(garden, NOW),
  courseByPot: ({ garden }) => garden.containers.map(season.courseByPot(garden, NOW).potOf),
  gardenOn: ({ course }) => {
    for (const date of [course.from, TODAY, course.to]) season.gardenOn(course, date)
  },
  gardenToday: ({ garden }) => season.gardenToday(garden, NOW),
  spaceOn: (here) => eachPot(here, (pot) => season.spaceOn(here.course, pot, TODAY)),
  potToday: ({ garden }) => garden.containers.forEach((one) => season.potToday(garden, one, NOW)),
  potOnDay: (here) => eachPot(here, (pot) => season.potOnDay(here.course, pot, addDays(TODAY, 30))),
  grownPot: ({ garden }) =>
    garden.containers.forEach((one) =>
      season.grownPot(garden, one, { varietyId: 'vineCherry', count: 1 }, TODAY),
    ),
  seasonOf: ({ garden }) => season.seasonOf(2026, garden.place.latitudeDeg),
  plantKgOn: (here) => eachPot(here, ({ plants }) => season.plantKgOn(plants, 0)),
  plantCount: ({ garden }) => garden.containers.forEach(({ id }) => season.plantCount(garden, id)),
  suctionOf: (here) => eachPot(here, (pot) => season.suctionOf(pot)),
  requireWeight: (here) => eachPot(here, (pot) => asked(() => season.requireWeight(pot, 10, 1))),
  climateOf: ({ garden }) => season.climateOf(garden),
  weatherOn: ({ garden }) => season.weatherOn(garden, TODAY),
  observationsOf: ({ garden }) =>
    garden.plantings.forEach((one) => season.observationsOf(garden, one)),
  roundOf: ({ day, garden }) => {
    const { carryL, cans } = season.roundOf(day, garden.settings.measures.canL)
    expect(Number.isFinite(carryL) && Number.isFinite(cans)).toBe(true)
  },
  inTenthLitres: () => expect(season.inTenthLitres(0.04)).toBe(0.1),
  inQuarterCans: ({ garden }) => season.inQuarterCans(3, garden.settings.measures.canL),
  potString: (here) => eachPot(here, (pot) => season.potString(here.course, pot)),
  withJobs: (here) =>
    eachPot(here, (pot) =>
      season.withJobs(
        season.potString(here.course, pot),
        here.course,
        season.jobsOfCourse(here.course, here.course.to),
      ),
    ),
  jobsOfPot: ({ course }) => course.pots.map((pot) => season.jobsOfPot(course, pot, course.to)),
  jobsOfCourse: ({ course, garden }) => {
    const jobs = season.jobsOfCourse(course, course.to)
    expect(new Set(jobs.map(({ id }) => id)).size).toBe(jobs.length)
    for (const { amounts, minutes, dueOn, window } of jobs) {
      expect(window.from <= dueOn || window.to >= dueOn).toBe(true)
      expect([minutes, ...amounts.map(({ value }) => value)].every(Number.isFinite)).toBe(true)
    }
    expect(garden.records).toBe(course.garden.records)
    // Nothing is due twice.
    const due = jobs.filter(({ state }) => state === 'due' || state === 'held')
    const keys = due.map(({ kind, containerId, plantingIds, own }) =>
      JSON.stringify([kind, containerId, plantingIds, own?.id]),
    )
    expect(new Set(keys).size).toBe(keys.length)
  },
  jobsBetween: ({ garden }) => season.jobsBetween(garden, NOW, TODAY, addDays(TODAY, 14)),
  jobsIn: ({ course }) => season.jobsIn(season.jobsOfCourse(course, TODAY), TODAY, TODAY),
  recordableL: () => {
    const volumeL = gardens.recordableL(1e6)
    const water = { id: 'w', at: NOW, containerId: 'c', kind: 'water', volumeL }
    expect(gardens.recordSchema.safeParse(water).error).toBeUndefined()
  },
  recordsOfJob: ({ course, garden }) => {
    for (const job of season.jobsOfCourse(course, course.to))
      for (const record of season.recordsOfJob(garden, job, NOW, () => 'new'))
        expect(gardens.recordSchema.safeParse(record).error).toBeUndefined()
  },
  isOneTap: () => season.jobKinds.forEach((kind) => season.isOneTap({ kind })),
  isOpen: () => expect(season.isOpen({ state: 'done' })).toBe(false),
  ruleOf: () => season.ruleOf('tie', ':', '%'),
  ruleNames: () =>
    expect(season.ruleNames(season.ruleOf('tie', 'a:b', '%3A'))).toEqual({
      kind: 'tie',
      containerId: 'a:b',
      plantingId: '%3A',
    }),
  rulesOf: ({ course }) => season.jobsOfCourse(course, TODAY).forEach(season.rulesOf),
  windOf: (here) => eachPot(here, (pot) => season.windOf(here.course, pot)),
  plantingCard: ({ garden }) =>
    garden.plantings.forEach(({ id }) => asked(() => season.plantingCard(garden, id, TODAY))),
  windowOf: (here) =>
    eachPot(here, (pot) =>
      pot.plants.forEach(({ variety, planting }) =>
        season.windowOf(here.garden, pot, variety, planting.plantedOn),
      ),
    ),
  mixWarmthOf: (here) => eachPot(here, (pot) => season.mixWarmthOf(pot)),
  nextDates: ({ garden }) => {
    const dates = season.nextDates(garden, NOW)
    expect(dates.length).toBeLessThanOrEqual(3)
    for (const { on, jobs } of dates) expect(jobs.every(({ dueOn }) => dueOn === on)).toBe(true)
  },
  plantingDayOf: ({ garden }) =>
    garden.containers.forEach((container) => {
      const { on, isNow } = season.plantingDayOf(garden, container, catalogue[0]!, TODAY)
      expect(isNow ? on === TODAY : on > TODAY).toBe(true)
    }),
  whichGoesWhere: ({ garden }) => {
    const wanted = catalogue.slice(0, 5).map(({ id }) => ({ varietyId: id, count: 2 }))
    const { placed, leftOut } = season.whichGoesWhere(garden, wanted)
    expect(placed.length + leftOut.length).toBe(10)
  },
  unknownsOf: ({ garden }) => season.unknownsOf(garden, NOW),
  planWalk: ({ garden }) => {
    const { minutes, waterL } = season.planWalk(garden, NOW)
    expect(Number.isFinite(minutes) && Number.isFinite(waterL)).toBe(true)
  },
  walkOfJobs: ({ course, garden }) => season.walkOfJobs(garden, season.jobsOfCourse(course, TODAY)),
  paceOf: ({ garden }) => expect(season.paceOf(garden).stopMinutes).toBeGreaterThan(0),
  plannedDays: ({ course }) =>
    season.plannedDays(season.jobsOfCourse(course, course.to), TODAY, 14),
  isVaried: () => season.isVaried({ kind: 'pick' }),
  isEveryday: () => season.jobKinds.forEach((kind) => season.isEveryday({ kind })),
  isPoured: () => season.jobKinds.forEach((kind) => season.isPoured({ kind })),
  linesOf: ({ course }) => season.linesOf(season.jobsOfCourse(course, course.to)),
  litresOf: ({ course }) =>
    expect(season.litresOf(season.jobsOfCourse(course, course.to))).not.toBeNaN(),
  rowsOf: ({ course }) => season.rowsOf(season.jobsOfCourse(course, course.to), TODAY, 7),
  toBuy: ({ course, garden }) => season.toBuy(garden, season.jobsOfCourse(course, course.to)),
  toICalendar: ({ course }) => {
    const jobs = season.jobsOfCourse(course, addDays(TODAY, 7))
    const options = { name: 'n', now: NOW, textOf: ({ kind }: season.Job) => kind, alarms: true }
    asked(() => season.toICalendar(jobs, options))
  },
  crownsOf: ({ day }) =>
    season.crownsOf(day.pots).forEach(({ radiusMm }) => expect(radiusMm).toBeGreaterThan(0)),
  curveAboutToday: (here) => eachPot(here, (pot) => season.curveAboutToday(here.course, pot)),
  probeQuestion: (here) => eachPot(here, (pot) => season.probeQuestion(here.course, pot)),
  readingsToKeep: ({ garden }) => season.readingsToKeep(garden, 'none', []),
  waterDues: (here) => here.day.pots.forEach((pot) => season.waterDues(pot)),
  beadOfDays: (here) =>
    eachPot(here, (pot) => season.beadOfDays(season.potString(here.course, pot), 0, 7)),
  grownOn: (here) => eachPot(here, (pot) => season.grownOn(here.course, pot)),
  waterCurve: (here) =>
    eachPot(here, (pot) => asked(() => season.waterCurve(here.course, pot, 5, 7))),
  tellingTest: (here) => eachPot(here, (pot) => season.tellingTest(pot)),
  waterRisks: (here) => eachPot(here, (pot) => season.waterRisks(here.course, pot)),
  whatIfs: (here) =>
    eachPot(here, (pot) =>
      asked(() =>
        season.whatIfs(here.course, pot, { days: DAYS, recipeId: 'thirds', awayDays: 2 }),
      ),
    ),
  planLeaving: ({ course }) =>
    asked(() => season.planLeaving(course, { days: DAYS, helps: ['saucer'] })),
  dripFor: ({ course, garden }) =>
    asked(() =>
      season.dripFor(
        course,
        garden.containers.map(({ id }) => id),
      ),
    ),
  wiltingChance: ({ garden }) =>
    asked(() => season.wiltingChance(garden, { at: NOW, days: DAYS, count: 2, seed: 1 })),
  yearsSpread: ({ garden }) =>
    season.yearsSpread(garden, {
      containerId: garden.containers[0]!.id,
      at: NOW,
      count: 2,
      seed: 1,
    }),
  siteOf: ({ garden }) => garden.containers.forEach((one) => season.siteOf(garden, one, 2026)),
  spaceLoadOf: ({ garden, day }) =>
    garden.spaces.forEach((space) => season.spaceLoadOf(space, day.pots)),
  standingSpots: ({ garden }) => season.standingSpots(arranged(garden), 2026),
  arrangeTaskOf: ({ garden }) => season.arrangeTaskOf(arranged(garden), []),
  applyArrangement: ({ garden }) =>
    season.applyArrangement([], [], TODAY, () => 'x').apply(structuredClone(garden)),
  applied: ({ garden }) => season.applied(garden, [], [], TODAY, () => 'new'),
  judgePair: ({ garden, day }) =>
    day.pots.forEach((pot) =>
      season.judgePair(garden, pot, gardens.varietyOf(garden, 'padron')!, 1, 2026),
    ),
  tryMix: ({ garden, day }) =>
    [recipes[0]!, ...garden.recipes].forEach((one) => season.tryMix(garden, day.pots, one)),
  withMix: ({ garden, day }) => {
    const mix = gardens.mixesOf(garden)('thirds')!
    day.pots.forEach((pot) => season.withMix(pot, mix))
  },
  mixTaskOn: ({ garden }) => {
    const ids = garden.containers.map(({ id }) => id)
    const task = season.mixTaskOn(garden, ids, TODAY, wishes(garden))
    // What is at hand does not hang on how the pots are looked at.
    const { candidates } = season.mixTaskOf(garden, garden.containers, wishes(garden))
    expect(task.candidates.map(({ stockL }) => stockL)).toEqual(
      candidates.map(({ stockL }) => stockL),
    )
  },
  mixTaskOf: ({ garden }) => season.mixTaskOf(garden, garden.containers, wishes(garden)),
  mixPlan: ({ garden, day }) =>
    season.mixPlan(garden, day.pots, {
      recipe: undefined,
      product: starterProducts[0]!,
      limeKind: 'ground',
      withReserve: true,
    }),
  judgeExtract: ({ garden }) =>
    garden.mixTests.forEach((one) => {
      if (one.kind === 'extract') season.judgeExtract(garden, one)
    }),
  rechargeOf: ({ garden }) =>
    garden.containers.forEach((one) => season.rechargeOf(garden, one, oldMix)),
  mixSeasonsOf: ({ garden }) =>
    garden.containers.forEach((one) => season.mixSeasonsOf(garden, one, TODAY)),

  potFeeding: (here) => eachPot(here, (pot) => season.potFeeding(here.course, pot)),
  isFedOn: (here) =>
    eachPot(here, (pot) => {
      const feeding = season.potFeeding(here.course, pot)
      if (feeding) season.isFedOn(feeding, 0)
    }),
  feedNeedReasons: (here) => eachFeed(here, ({ feeding }) => season.feedNeedReasons(feeding)),
  feedVerdictOn: (here) => eachFeed(here, ({ feeding }) => season.feedVerdictOn(feeding, 5, TODAY)),
  dosedPot: (here) => eachPot(here, (pot) => season.dosedPot(pot)),
  feedToday: (here) =>
    eachFeed(here, ({ due }) => {
      for (const { dose } of due) expect(Number.isFinite(dose.massG)).toBe(true)
    }),
  feedsAhead: (here) =>
    eachFeed(here, (feed) =>
      season.feedsAhead(here.garden, feed, daysBetween(here.course.from, TODAY)),
    ),
  feedDays: (here) =>
    eachFeed(here, (feed) =>
      season.feedDays(here.garden, feed, daysBetween(here.course.from, TODAY)),
    ),
  judgePlan: (here) =>
    eachFeed(here, ({ feeding, plan }) => {
      for (const programmeId of programmeIds)
        expect(
          season.judgePlan(here.garden, feeding, { ...plan, programmeId }, 0).score,
        ).toBeGreaterThanOrEqual(0)
    }),
  programmePot: (here) => eachFeed(here, ({ feeding }) => season.programmePot(feeding, 0)),
  feedRound: (here) => {
    const walk = season.feedRound(
      season.roundOf(here.day, here.garden.settings.measures.canL),
      ({ pot }) => {
        const index = here.day.pots.indexOf(pot)
        return season.feedToday(here.course, here.course.pots[index]!, pot)
      },
      gardens.feedTools(here.garden),
    )
    expect(Number.isFinite(walk.carryL)).toBe(true)
  },
  feedWeeks: (here) => eachFeed(here, ({ feeding }) => season.feedWeeks(here.course, feeding)),
  feedWish: (here) => eachFeed(here, ({ feeding }) => season.feedWish(feeding, 40, 7)),
  flushFor: (here) => eachFeed(here, (feed, _pot, today) => season.flushFor(feed, today, 0.5)),
  holdsFor: (here) =>
    eachFeed(here, (feed, pot, today) => {
      for (const product of feedProducts(here.garden).slice(0, 6))
        asked(() => {
          const tools = gardens.feedTools(here.garden)
          const dose = doseFor(season.dosedPot(pot), product, { kind: 'label' }, tools)
          season.holdsFor(here.course, feed, today, dose)
        })
    }),
  stepsFor: () =>
    programmeIds.forEach((programmeId) => season.stepsFor({ programmeId, productId: 'x' })),
  choicesAtHand: (here) =>
    eachPot(here, (pot) => season.choicesAtHand(here.garden, season.dosedPot(pot))),
  choicesToBuy: (here) =>
    eachPot(here, (pot) => season.choicesToBuy(here.garden, season.dosedPot(pot))),
  chooseForPot: (here) =>
    eachFeed(here, (feed, _pot, today) => {
      const day = daysBetween(here.course.from, TODAY)
      season.chooseForPot(here.course, feed, today, day, 7, here.solve)
    }),
}

const doors = { ...gardens, ...season }
const functionsOf = (door: object) =>
  Object.entries(door).flatMap(([name, value]) => (typeof value === 'function' ? [name] : []))

describe('any valid garden', () => {
  let solve: Solve
  beforeAll(async () => {
    solve = solveWithHighs(await highsLoader())
  })

  test('has every entry of both doors called on it', () =>
    expect(Object.keys(calls).sort()).toEqual(functionsOf(doors).sort()))

  test('stops none of them', () => {
    fc.assert(
      fc.property(anyGarden, (garden) => {
        const course = season.gardenCourse(garden, NOW)
        const day = season.gardenOn(course, TODAY)
        for (const [name, call] of Object.entries(calls))
          try {
            call({ garden, course, day, solve })
          } catch (error) {
            throw new Error(`${name}: ${(error as Error).stack}`, { cause: error })
          }
      }),
      { numRuns: 20, seed: 14, endOnFailure: true },
    )
  })
  test('gives no number that is none, in its course, its days and its ledgers', () => {
    fc.assert(
      fc.property(anyGarden, (garden) => {
        const course = season.gardenCourse({ ...garden, clock: NOW }, NOW)
        const curves = course.pots.map((pot) => season.curveAboutToday(course, pot))
        const ledgers = course.pots.map((pot) => season.potFeeding(course, pot))
        const { garden: _given, ...ofCourse } = course
        const today = season.gardenOn(course, TODAY)
        expect(notNumbers({ ofCourse, today, curves, ledgers })).toEqual([])
      }),
      { numRuns: 20, endOnFailure: true },
    )
  })
  test('varieties are drawn from their schema too', () =>
    expect(
      varietySchema.safeParse(gardens.varietyOf(gardens.emptyGarden('g', 'G', 'S'), 'padron'))
        .success,
    ).toBe(true))
})
