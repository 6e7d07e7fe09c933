import { randomLcg, randomNormal } from 'd3'
import {
  addDays,
  catalogue,
  dayOf,
  daysBetween,
  gardenCourse,
  gardenToday,
  growthOn,
  type Garden,
  type GardenRecord,
} from '@rimbo/core'
import { DEMO_FROM, DEMO_NOW } from './garden'

// A record before it has its number.
type Draft = GardenRecord extends infer R ? (R extends GardenRecord ? Omit<R, 'id'> : never) : never

/** The pot that was left dry for two days, and when its fruit showed it. */
const DRY = { containerId: 'f2', from: '2026-06-12', days: 2, seen: '2026-06-16' }
const FIRST_PICK = '2026-06-12'
const at = (date: string, time: string) => `${date}T${time}`

function nursery(garden: Garden): Draft[] {
  return garden.plantings.flatMap((planting): Draft[] => {
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

/** Waterings as the model asks for them, given by hand: rounded, uneven, sometimes late. */
function waterings(garden: Garden): Draft[] {
  const noise = randomNormal.source(randomLcg(0.42))(1, 0.07)
  const drafts: Draft[] = []
  const missing = new Map<string, number>()
  const today = dayOf(DEMO_NOW)
  const dryDays = Array.from({ length: DRY.days }, (_, index) => addDays(DRY.from, index))
  for (let date = DEMO_FROM; date < today; date = addDays(date, 1)) {
    for (const pot of gardenToday(garden, date).pots) {
      const { id } = pot.container
      if (!pot.need || !pot.mix) continue
      const wantedL = (missing.get(id) ?? 0) + pot.need.waterL
      const isDry = id === DRY.containerId && dryDays.includes(date)
      if (isDry)
        drafts.push({ kind: 'skipWater', at: at(date, '07:45'), containerId: id, reason: 'noTime' })
      if (isDry || wantedL < Math.min(0.5, pot.mix.easilyAvailableL / 3)) {
        missing.set(id, wantedL)
        continue
      }
      const volumeL = Math.max(0.1, Math.round(wantedL * noise() * 10) / 10)
      const half = Math.round(volumeL * 5) / 10
      const isSplit = pot.visits !== undefined && pot.visits.count > 1 && half > 0 && volumeL > half
      if (isSplit) {
        drafts.push({ kind: 'water', at: at(date, '07:40'), containerId: id, volumeL: half })
        const rest = Math.round((volumeL - half) * 10) / 10
        drafts.push({ kind: 'water', at: at(date, '19:10'), containerId: id, volumeL: rest })
      } else drafts.push({ kind: 'water', at: at(date, '07:40'), containerId: id, volumeL })
      missing.set(id, 0)
    }
  }
  return drafts
}

/** What the finger feels just before watering: read off the mix's own curve after a day's use. */
function fingerTests(garden: Garden): Draft[] {
  const drafts: Draft[] = []
  const today = dayOf(DEMO_NOW)
  garden.plantings.forEach((planting, index) => {
    for (let date = addDays(planting.plantedOn, 4 + index); date < today; date = addDays(date, 6)) {
      const pot = gardenToday(garden, addDays(date, -1)).pots.find(
        (one) => one.container.id === planting.containerId,
      )
      if (!pot?.need || !pot.mix) continue
      const usedShare = pot.need.waterL / pot.volumes.fillVolumeL
      const left = pot.mix.drained.containerCapacity - usedShare
      const dryBelow = pot.mix.curve.waterShare(60)
      const feel = left < dryBelow ? 'dry' : usedShare < 0.02 ? 'wet' : 'moist'
      drafts.push({
        kind: 'finger',
        at: at(date, '07:35'),
        containerId: planting.containerId,
        knuckle: feel === 'dry' ? 'first' : 'second',
        feel,
      })
    }
  })
  const containerId = DRY.containerId
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
  )
  return drafts
}

/** Liquid feed about every twelve days from three weeks after planting; none in the heat. */
function feeds(garden: Garden): Draft[] {
  return garden.plantings.flatMap((planting): Draft[] => {
    const drafts: Draft[] = []
    const today = dayOf(DEMO_NOW)
    for (let date = addDays(planting.plantedOn, 21); date < today; date = addDays(date, 12)) {
      if (date >= '2026-06-09' && date <= '2026-06-13') continue
      const isEarly = daysBetween(planting.plantedOn, date) < 30
      drafts.push({
        kind: 'feed',
        at: at(date, '19:20'),
        containerId: planting.containerId,
        productId: isEarly ? 'fishEmulsion' : 'tomatoFeed',
        volumeL: 1.5,
        massG: isEarly ? 6 : 3,
      })
    }
    return drafts
  })
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
  const noise = randomNormal.source(randomLcg(0.27))(0, 1)
  const today = dayOf(DEMO_NOW)
  const course = gardenCourse(garden, DEMO_NOW)
  return course.pots.flatMap(({ container: { id: containerId }, plants }) =>
    plants.flatMap(({ course: growth, planting }): Draft[] => {
      const drafts: Draft[] = []
      const own = 1 + 0.08 * noise()
      if (MEASURED.containerIds.includes(containerId))
        for (
          let date = addDays(planting.plantedOn, 8);
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

/** Everything recorded in the demo garden since March, oldest first. */
export function demoRecords(garden: Garden): GardenRecord[] {
  return [
    ...nursery(garden),
    ...waterings(garden),
    ...fingerTests(garden),
    ...feeds(garden),
    ...sightings(garden),
    ...picks,
  ]
    .filter((draft) => draft.at < DEMO_NOW)
    .sort((one, other) => (one.at < other.at ? -1 : one.at > other.at ? 1 : 0))
    .map((draft, index) => ({ ...draft, id: `r${index + 1}` }))
}
