import { existsSync, readFileSync } from 'node:fs'
import highsLoader from 'highs'
import {
  addDays,
  arrange,
  boundaryMoved,
  climateOf,
  dayOf,
  findTowns,
  gardenCourse,
  gardenOn,
  gardenToday,
  generateWeather,
  growthCourse,
  ingredients,
  judgeFit,
  mixPlan,
  mixTaskOf,
  monthDates,
  monthlyRadiation,
  potFeeding,
  potOnDay,
  potString,
  readGarden,
  readTowns,
  recipes,
  rectangularPlan,
  roundOf,
  schoolIds,
  solveMix,
  solveWithHighs,
  starterProducts,
  sunMap,
  tryMix,
  writeGarden,
  type Garden,
  type Plan,
} from '@rimbo/core'
import { forty, gardenOf } from './benchTasks'
import { openingOf, THROTTLE, type Opening } from './benchPhone'
import { jobsTimes } from './benchJobs'
import { hourlyBalance, yearsOfWater } from './benchWater'
import { bookTimes } from './benchBook'
import { checkTimes } from './benchCheck'
import { firstScreenBytes, startBytes } from './firstScreen'
import { medianMs } from './timing'

interface Row {
  readonly what: string
  readonly measured: string
  readonly limit: string
  readonly 'of the limit': string
  /** Times as long as a fixed piece of work on this machine: the same on a slow and a quick one. */
  readonly yardsticks: string
}

const CONTAINERS = 60
const garden = gardenOf(CONTAINERS)
const now = garden.clock!

/** Everything the views show of a garden, from nothing: a copy has no answers kept. */
function recompute(of: Garden) {
  const today = gardenOn(gardenCourse(of, now), dayOf(now))
  const round = roundOf(today, garden.settings.measures.canL)
  const plan = mixPlan(of, today.pots, {
    recipe: undefined,
    product: starterProducts[0]!,
    limeKind: 'ground',
    withReserve: true,
  })
  const verdicts = today.pots.flatMap(({ container, plants }) =>
    plants.flatMap(({ variety, planting: { count } }) =>
      schoolIds.map((school) => judgeFit({ variety, container, count, school })),
    ),
  )
  return [round, plan, verdicts]
}

/** A balcony of 5 m × 2 m with all that keeps the sun off. */
const balcony: Plan = {
  ...rectangularPlan({ widthMm: 5000, depthMm: 2000, facingDeg: 205 }),
  slab: { heightMm: 2600, toYMm: 1200 },
  skyline: [{ fromDeg: 115, toDeg: 295, elevationDeg: 18 }],
}
const months = monthDates(2026)
const castSun = () =>
  sunMap({
    plan: balcony,
    place: garden.place,
    cellMm: 100,
    zMm: 600,
    dates: months,
    radiationMjM2: monthlyRadiation(garden.place, [], months),
  })

const solve = solveWithHighs(await highsLoader())
function arrangeForty(): void {
  const found = arrange(forty, solve)
  if (found.status !== 'proven') throw new Error('The arrangement was not proven')
}

/** One frame while a boundary of the tub is dragged: the mix anew in all pots, what it takes and weighs. */
const potsNow = gardenToday(garden, now).pots
let dragged = 0
function dragFrame() {
  const recipe = boundaryMoved(recipes[0]!, 0, 0.2 + 0.01 * (dragged++ % 40))
  const draft = { ...recipe, id: 'draft' }
  return [
    tryMix(garden, potsNow, draft),
    mixPlan(garden, potsNow, {
      recipe: draft,
      product: starterProducts[0]!,
      limeKind: 'ground',
      withReserve: false,
    }),
  ]
}
const mixTask = mixTaskOf(garden, garden.containers.slice(0, 16), {
  aim: 'lightest',
  ingredients: Object.keys(ingredients).map((ingredientId) => ({
    ingredientId,
    isAllowed: ingredientId !== 'peat',
    leastShare: ingredientId === 'compost' ? 0.2 : 0,
    mostShare: 1,
  })),
  wished: { containerCapacity: 0.55, airSpace: 0.2 },
  limits: { airSpace: { least: 0.2 }, containerCapacity: { least: 0.45 } },
  mostKinds: 4,
  isStockOnly: false,
})

/** A fixed piece of work that nobody changes: numbers by chance, sorted, made text and read again. */
function yardstick(): unknown {
  let seed = 1
  const numbers = Array.from({ length: 100_000 }, () => (seed = (seed * 16_807) % 2_147_483_647))
  return JSON.parse(JSON.stringify(numbers.sort((one, other) => one - other)))
}
const yardstickMs = medianMs(yardstick, 11)

/** A row of the table: what took so long, and how long it may take. */
const row = (what: string, ms: number, limitMs: number): Row => ({
  what,
  measured: told(ms),
  limit: told(limitMs),
  'of the limit': (ms / limitMs).toFixed(2),
  yardsticks: (ms / yardstickMs).toFixed(2),
})
const told = (ms: number) =>
  ms >= 2000 ? `${(ms / 1000).toFixed(1)} s` : `${ms.toFixed(ms < 100 ? 1 : 0)} ms`

const KB = 1024
const sizeRow = (what: string, bytes: number, limitKb: number): Row => ({
  what,
  measured: `${(bytes / KB).toFixed(0)} kB`,
  limit: `${limitKb} kB`,
  'of the limit': (bytes / KB / limitKb).toFixed(2),
  yardsticks: '–',
})
const FRAME_MS = 16
const SOLVE_MS = 10_000
const FIRST_SCREEN_KB = 205
const START_KB = 60
const FIND_MS = 50
const DIAGNOSIS_MS = 50
const QUESTION_MS = 200
const ENTRY_MS = 100
const SEARCH_MS = 300
const FACTS_MS = 400
const EDIT_MS = 100
const LEDGER_MS = 100
const JOBS_MS = 200
const JOBS_EDIT_MS = 20
const OPEN_MS = 600
const GROW_MS = 50
const YEARS_MS = 10_000
const WATER_YEARS_MS = 5000
const SUN_MS = 3000
const ARRANGE_MS = 2000
const towns = readTowns(readFileSync(new URL('../web/src/data/towns.txt', import.meta.url), 'utf8'))
const findMs = medianMs(() => findTowns(towns, 'san', 7, 'GB'), 5)
const check = checkTimes()
const book = bookTimes()
const sunMs = medianMs(castSun, 5)
const arrangeMs = medianMs(arrangeForty, 5)
const frameMs = medianMs(dragFrame)
const solveMs = medianMs(() => solveMix(mixTask, solve), 3)
const fromNothingMs =
  medianMs(() => recompute(structuredClone(garden)), 11) -
  medianMs(() => structuredClone(garden), 11)
/** One more watering of one pot. */
let edits = 0
const recomputeMs = medianMs(() => {
  const record = {
    id: `edit${edits++}`,
    at: now,
    kind: 'water' as const,
    containerId: garden.containers[edits % CONTAINERS]!.id,
    volumeL: 1,
  }
  return recompute({ ...garden, records: [...garden.records, record] })
})

/** Growth alone of 60 plants over a season, without light, water or drawing. */
const season = gardenCourse(garden, now)
const grow = () =>
  season.pots.flatMap(({ plants, weather, room }) =>
    plants.map(({ course }) => growthCourse(course.plant, room, weather, [])),
  )
const growMs = medianMs(grow)
/** One frame while the day is dragged: every pot as it stands on another day of the season. */
let frameDay = 0
const dayFrameMs = medianMs(() => {
  const date = addDays(season.from, (frameDay += 7) % season.openDays.length)
  return season.pots.map((pot) => [potOnDay(season, pot, date), potString(season, pot)])
}, 201)
/** The nutrient ledgers of all pots over the season, from their needs on. */
const ledgerMs = medianMs(() => season.pots.map((pot) => potFeeding(season, { ...pot })))
/** The jobs of a season, its course and feeds being known. */
const jobs = jobsTimes(garden)
const climate = climateOf(garden).model
const YEARS = 500
const yearsMs = medianMs(
  () =>
    Array.from({ length: YEARS }, (_, seed) => generateWeather(climate, '2026-01-01', 365, seed)),
  3,
)
const balance = hourlyBalance(season.pots[0]!)
const WATER_DAYS = 150
const waterYearsMs = yearsOfWater(gardenOf(16), now, WATER_DAYS, YEARS)
const learnMs =
  medianMs(() => gardenCourse(structuredClone(garden), now), 3) -
  medianMs(() => structuredClone(garden), 3)
const readMs = medianMs(() => readGarden(writeGarden(garden)), 11)
const jsonMs = medianMs(() => JSON.parse(JSON.stringify(garden)) as unknown, 11)

const chromium = process.env['CHROMIUM'] ?? '/usr/bin/chromium'
const LONGEST_TASK_MS = 200
const TAP_MS = 100
const openingRows = (pots: number, usefulLimitMs: number, opening: Opening): Row[] => [
  row(
    `Round with ${pots} pots at 1/${THROTTLE} speed: first useful card`,
    opening.usefulMs,
    usefulLimitMs,
  ),
  row(`… its longest task`, opening.longestTaskMs, LONGEST_TASK_MS),
  row(`… from a tap to the next card`, opening.tapMs, TAP_MS),
]
const phoneRows = existsSync(chromium)
  ? [
      ...openingRows(16, 1500, await openingOf(chromium)),
      ...openingRows(CONTAINERS, 2500, await openingOf(chromium, garden)),
    ]
  : []

const rows: Row[] = [
  sizeRow('first screen, script and style, gzipped', firstScreenBytes(), FIRST_SCREEN_KB),
  sizeRow('the start beyond it, its own script and style', startBytes(), START_KB),
  row('a town found among 46 000, as its letters are typed', findMs, FIND_MS),
  row(
    `one edit of ${CONTAINERS} containers and ${garden.records.length} records, all recomputed`,
    recomputeMs,
    EDIT_MS,
  ),
  row('the same from nothing, as when it is opened', fromNothingMs, OPEN_MS),
  row(
    `growth of ${CONTAINERS} plantings over a season of ${season.openDays.length} days`,
    growMs,
    GROW_MS,
  ),
  row(
    `the nutrient ledgers of ${CONTAINERS} containers for a season, with their needs`,
    ledgerMs,
    LEDGER_MS,
  ),
  row(`the jobs of a season for ${CONTAINERS} containers, from nothing`, jobs.wholeMs, JOBS_MS),
  row('… after one record', jobs.editMs, JOBS_EDIT_MS),
  row(`one frame of dragging the day, ${CONTAINERS} pots, computed`, dayFrameMs, FRAME_MS),
  row(`${YEARS} years of weather generated`, yearsMs, YEARS_MS),
  {
    what: `the water of a pot, ${(1e3 / balance.ns).toFixed(1)} million hours a second, beside plain C`,
    measured: `${balance.ns.toFixed(1)} ns an hour`,
    limit: balance.c ? `${balance.c.ns.toFixed(1)} ns in C` : 'no compiler here',
    'of the limit': balance.c ? `${(balance.ns / balance.c.ns).toFixed(1)} ×, aim 3` : '–',
    yardsticks: '–',
  },
  row(
    `${YEARS} years × 16 pots × ${WATER_DAYS} days of water, watered in four ways`,
    waterYearsMs,
    WATER_YEARS_MS,
  ),
  row(`growth, water and what tests told of ${CONTAINERS} pots, from nothing`, learnMs, OPEN_MS),
  {
    what: 'write and read that garden as a file, against bare JSON',
    measured: `${readMs.toFixed(1)} ms`,
    limit: `${jsonMs.toFixed(1)} ms bare`,
    'of the limit': `${(readMs / jsonMs).toFixed(1)} ×`,
    yardsticks: '–',
  },
  row('a check of seven signs and a pot’s facts: its causes', check.diagnosisMs, DIAGNOSIS_MS),
  row('… the question that tells most', check.questionMs, QUESTION_MS),
  row('… the pot’s facts, from nothing', check.factsMs, FACTS_MS),
  row('an entry in words, understood, beside 50,000 records', book.entryMs, ENTRY_MS),
  row('… words looked for in 50,000 records', book.searchMs, SEARCH_MS),
  row('… their five seasons laid beside each other', book.seasonsMs, SEARCH_MS),
  row('sun over 5 m × 2 m in cells of 10 cm, 12 months', sunMs, SUN_MS),
  row('40 wishes, 40 containers of 8 kinds, 40 spots, proven best', arrangeMs, ARRANGE_MS),
  row(`one frame of dragging the tub, ${CONTAINERS} pots`, frameMs, FRAME_MS),
  row('the lightest mix of 22 ingredients for 16 pots, checked and bettered', solveMs, SOLVE_MS),
  ...phoneRows,
]
console.table(rows)
console.log(`The yardstick took ${yardstickMs.toFixed(1)} ms here.`)
