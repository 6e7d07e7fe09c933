import { randomLcg, randomNormal } from 'd3'
import {
  addDays,
  catalogue,
  dayOf,
  daysBetween,
  feelShares,
  gardenCourse,
  growthOn,
  KNUCKLE_MM,
  plantKgOn,
  simulateWater,
  suctionAtDepthCm,
  suctionOf,
  type Garden,
  type GardenRecord,
} from '@rimbo/core'
import { feeds } from './feeding'
import { DEMO_FROM, DEMO_NOW, KEPT_OVER_WINTER } from './garden'

// A record before it has its number.
type Draft = GardenRecord extends infer R ? (R extends GardenRecord ? Omit<R, 'id'> : never) : never

/** The pot that was left dry for two days, and when its fruit showed it. */
const DRY = { containerId: 'f2', from: '2026-06-12', days: 2, seen: '2026-06-16' }
const FIRST_PICK = '2026-06-12'
const at = (date: string, time: string) => `${date}T${time}`

function nursery(garden: Garden): Draft[] {
  // Those of this season: what was sown for the last is not told.
  const sown = garden.plantings.filter(({ plantedOn }) => plantedOn >= DEMO_FROM)
  return sown.flatMap((planting): Draft[] => {
    const { varietyId, count, containerId, plantedOn } = planting
    const isPepper = catalogue.find((variety) => variety.id === varietyId)?.crop === 'pepper'
    const sownOn = addDays(DEMO_FROM, isPepper ? 0 : 1)
    return [
      { kind: 'sow', at: at(sownOn, '10:00'), varietyId, count: count + 2 },
      {
        kind: 'potOn',
        at: at(addDays(sownOn, isPepper ? 30 : 20), '10:30'),
        varietyId,
        count: count + 1,
      },
      { kind: 'plant', at: at(plantedOn, '18:30'), varietyId, count, containerId },
    ]
  })
}

/**
 * The plant kept over winter throws dice of its own; of those of all others so many are thrown
 * away as a seedling in its place took, and what was recorded of them stays as it was.
 */
const THROWN_AWAY = { waterings: 2, fingers: 6, sightings: 5 }
const KEPT_IN = 'n1'
function dice(all: () => number, kept: () => number, thrownAway: number) {
  let isDone = false
  return (containerId: string): (() => number) => {
    if (containerId !== KEPT_IN) return all
    for (let throws = 0; !isDone && throws < thrownAway; throws++) all()
    isDone = true
    return kept
  }
}

/** Plants are not all alike: what some of them drink beside the model. */
const THIRST: Readonly<Record<string, number>> = { k2: 1.25, f3: 1.2, f2: 1.05, b1: 0.9, n1: 1.1 }
const thirstOf = (containerId: string) => THIRST[containerId] ?? 1

const dryDays = Array.from({ length: DRY.days }, (_, index) => addDays(DRY.from, index))
const skips: Draft[] = dryDays.map((date) => ({
  kind: 'skipWater',
  at: at(date, '07:45'),
  containerId: DRY.containerId,
  reason: 'noTime',
}))

/** As the heat comes that pot is filled nearly up, and then not again until the dry days are over. */
const FILLED_ON = '2026-06-09'

/** Hours of the morning round. */
const ROUND_H = 7

/** Each pot of the garden as it really went, fed by its plan and watered whenever it wanted it. */
function trulyWatered(garden: Garden, fed: readonly Draft[]) {
  const records = [
    ...garden.records,
    ...skips.map((skip, index): GardenRecord => ({ ...skip, id: `skip${index}` })),
  ]
  // What stood there last season is gone, and drinks nothing.
  const plantings = garden.plantings.filter(
    ({ id, plantedOn }) => plantedOn >= DEMO_FROM || id === KEPT_OVER_WINTER,
  )
  const course = gardenCourse({ ...garden, plantings, records }, DEMO_NOW)
  return course.pots.map((pot) => {
    const { weather } = pot.ofWater
    const dissolvedL = new Float64Array(pot.ofWater.events.givenL.length)
    for (const feed of fed)
      if (feed.kind === 'feed' && feed.containerId === pot.container.id)
        dissolvedL[daysBetween(course.from, dayOf(feed.at)) * 24 + ROUND_H]! += feed.volumeL ?? 0
    const events = { ...pot.ofWater.events, givenL: dissolvedL }
    const options = { thirst: thirstOf(pot.container.id) }
    const run = simulateWater(pot.water, weather, events, options)
    const whole = { pot, dissolvedL, from: course.from }
    if (pot.container.id !== DRY.containerId) return { ...whole, run }
    const hour = daysBetween(course.from, FILLED_ON) * 24 + ROUND_H
    const givenL = events.givenL.slice()
    givenL[hour] = run.missingL[hour - 1]! - 1.2
    const visitH = events.visitH.slice().fill(0, hour, hour + daysBetween(FILLED_ON, DRY.from) * 24)
    return { ...whole, run: simulateWater(pot.water, weather, { givenL, visitH }, options) }
  })
}
type TrulyWatered = ReturnType<typeof trulyWatered>

/** Waterings as the pots asked for them, poured by hand: rounded, uneven. */
function waterings(pots: TrulyWatered): Draft[] {
  const noiseOf = dice(
    randomNormal.source(randomLcg(0.23))(1, 0.06),
    randomNormal.source(randomLcg(0.43))(1, 0.06),
    THROWN_AWAY.waterings,
  )
  const drafts: Draft[] = [...skips]
  for (const { pot, run, from, dissolvedL } of pots) {
    const noise = noiseOf(pot.container.id)
    run.givenL.forEach((pouredL, hour) => {
      const givenL = pouredL - dissolvedL[hour]!
      const date = addDays(from, Math.floor(hour / 24))
      if (givenL < 0.05 || date < DEMO_FROM || date >= dayOf(DEMO_NOW)) return
      const volumeL = Math.max(0.1, Math.round(givenL * noise() * 10) / 10)
      const time = hour % 24 < 12 ? '07:40' : '19:10'
      drafts.push({ kind: 'water', at: at(date, time), containerId: pot.container.id, volumeL })
    })
  }
  return drafts
}

/** Pots that are felt more often than others, and one that is weighed. */
const OFTEN_FELT = ['k2', 'f3', 'k1', 'r1']
const WEIGHED = { containerId: 'k2', dates: ['2026-06-02', '2026-06-08', '2026-06-15'] }

/** What the finger feels before watering, by how hard the mix then holds its water. */
function fingerTests(pots: TrulyWatered): Draft[] {
  const drafts: Draft[] = []
  const chanceOf = dice(randomLcg(0.31), randomLcg(0.51), THROWN_AWAY.fingers)
  const today = dayOf(DEMO_NOW)
  pots.forEach(({ pot, run, from }, index) => {
    const table = suctionOf(pot)
    const [first] = pot.plants
    if (!table || !first) return
    const containerId = pot.container.id
    const chance = chanceOf(containerId)
    const isOften = OFTEN_FELT.includes(containerId)
    const { plantedOn } = first.planting
    const start = addDays(plantedOn < DEMO_FROM ? '2026-04-24' : plantedOn, 4 + index)
    for (
      let date = start, count = 0;
      date < today;
      date = addDays(date, isOften ? 3 : 6), count++
    ) {
      // The two dry days have tests of their own.
      if (containerId === DRY.containerId && date >= DRY.from) continue
      const isLate = isOften && count % 2 === 1
      const hour = daysBetween(from, date) * 24 + (isLate ? 17 : 7)
      const knuckle = count % 3 === 2 ? 'first' : 'second'
      const suction = suctionAtDepthCm(table, run.driestShare[hour - 1]!, KNUCKLE_MM[knuckle])
      const [dry, moist] = feelShares(suction, knuckle)
      const felt = chance()
      const feel = felt < dry ? 'dry' : felt < dry + moist ? 'moist' : 'wet'
      drafts.push({
        kind: 'finger',
        at: at(date, isLate ? '17:20' : '07:35'),
        containerId,
        knuckle,
        feel,
      })
    }
    if (containerId === WEIGHED.containerId)
      for (const date of WEIGHED.dates) {
        const day = daysBetween(from, date)
        const missingL = run.missingL[day * 24 + 6]!
        const massKg = pot.mass.wateredKg + plantKgOn(pot.plants, day) - missingL
        drafts.push({
          kind: 'weigh',
          at: at(date, '07:30'),
          containerId,
          massKg: Math.round(massKg * 10) / 10,
        })
      }
  })
  const { containerId } = DRY
  drafts.push(
    {
      kind: 'finger',
      at: at(addDays(DRY.from, DRY.days), '07:30'),
      containerId,
      knuckle: 'second',
      feel: 'dry',
    },
    {
      kind: 'sign',
      at: at(addDays(DRY.from, DRY.days - 1), '15:00'),
      containerId,
      sign: 'wilting',
    },
    {
      kind: 'sign',
      at: at(DRY.seen, '18:10'),
      containerId,
      sign: 'blossomEndRot',
      note: 'Two fruits, lowest truss.',
    },
    {
      kind: 'check',
      at: at(DRY.seen, '18:20'),
      containerId,
      signs: ['fruitEndBlack'],
      absent: ['leafBrownTips', 'mixWetKnuckle'],
      cause: 'unevenWater',
      note: 'Watered every day since.',
    },
  )
  return drafts
}

const picks: Draft[] = [
  { kind: 'pick', at: at(FIRST_PICK, '19:30'), containerId: 'l1', count: 14, massG: 165 },
  { kind: 'pick', at: at('2026-06-14', '19:30'), containerId: 't1', count: 23, massG: 180 },
  { kind: 'pick', at: at('2026-06-15', '19:00'), containerId: 'l1', count: 21, massG: 250 },
  { kind: 'pick', at: at('2026-06-17', '19:20'), containerId: 'r1', count: 4, massG: 240 },
]

/** Every so many days one of the plants is measured. */
const MEASURED = { containerIds: ['b1', 'f1', 'r1', 'k1', 'n1'], everyDays: 12 }

/** What was seen of the plants: heights by tape, first flowers and fruits, a little off the model. */
function sightings(garden: Garden): Draft[] {
  const noiseOf = dice(
    randomNormal.source(randomLcg(0.27))(0, 1),
    randomNormal.source(randomLcg(0.47))(0, 1),
    THROWN_AWAY.sightings,
  )
  const today = dayOf(DEMO_NOW)
  const course = gardenCourse(garden, DEMO_NOW)
  return course.pots.flatMap(({ container: { id: containerId }, plants }) =>
    plants.flatMap(({ course: growth, planting }): Draft[] => {
      const drafts: Draft[] = []
      const noise = noiseOf(containerId)
      const own = 1 + 0.08 * noise()
      if (MEASURED.containerIds.includes(containerId))
        for (
          let date = addDays(planting.plantedOn < DEMO_FROM ? '2026-05-09' : planting.plantedOn, 8);
          date < today;
          date = addDays(date, MEASURED.everyDays)
        ) {
          const heightMm = growthOn(growth, date).heightMm * own * (1 + 0.03 * noise())
          const tapeMm = Math.round(heightMm / 10) * 10
          drafts.push({ kind: 'height', at: at(date, '19:00'), containerId, heightMm: tapeMm })
        }
      const seen = (kind: 'firstFlower' | 'firstRipe', day: number, offDays: number) => {
        const date = addDays(growth.from, Math.round(day + offDays))
        if (date < today) drafts.push({ kind, at: at(date, '18:50'), containerId })
      }
      const [first] = growth.trusses
      if (first) seen('firstFlower', first.opensOn, Math.round(1.5 * noise()))
      const picked = picks.find((pick) => pick.containerId === containerId)
      if (picked) drafts.push({ kind: 'firstRipe', at: picked.at, containerId })
      return drafts
    }),
  )
}

/** Everything recorded in the demo garden, oldest first. */
export function demoRecords(bare: Garden, changed: readonly Draft[]): GardenRecord[] {
  const past = changed.map((one, index): GardenRecord => ({ ...one, id: `past${index}` }))
  const garden = { ...bare, records: [...bare.records, ...past] }
  const fed = feeds(garden)
  const watered = trulyWatered(garden, fed)
  return [
    ...changed,
    ...nursery(garden),
    ...waterings(watered),
    ...fingerTests(watered),
    ...fed,
    ...sightings(garden),
    ...picks,
  ]
    .filter((draft) => draft.at < DEMO_NOW)
    .sort((one, other) => (one.at < other.at ? -1 : one.at > other.at ? 1 : 0))
    .map((draft, index) => ({ ...draft, id: `r${index + 1}` }))
}
