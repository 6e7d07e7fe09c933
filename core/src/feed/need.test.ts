// What plants want, by stage, and the schools of feeding judged by it.
import { describe, expect, test } from '@jest/globals'
import { feed, fedPot, steadyNeed, tools, total } from '../../test/feeding'
import { varietyOf } from '../../test/made'
import { cropForecast, growthCourse, type GrowthCourse } from '../plant'
import { datesFrom } from '../units'
import {
  feedPlanSchema,
  judgeProgramme,
  nutrientNeed,
  nutrients,
  plannedFeeds,
  productOn,
  programmeIds,
  programmes,
  stepsOf,
  summedNeed,
  UPTAKE_BAND,
  UPTAKE_G_KG,
  type ProgrammePot,
} from '.'

const DAYS = 200
const FROM = '2026-04-20'
/** A plant in a large pot through a warm summer. */
function grown(varietyId: string, rootVolumeL = 60, days = DAYS): GrowthCourse {
  const variety = varietyOf(varietyId)
  const weather = datesFrom(FROM, days).map((date) => ({
    date,
    tempMaxC: 26,
    tempMinC: 16,
    radiationMjM2: 22,
  }))
  return growthCourse(
    { variety, plantedOn: FROM },
    { rootVolumeL, cells: 1, plantCount: 1 },
    weather,
    [],
  )
}
const needOf = (course: GrowthCourse, count = 1) =>
  nutrientNeed({ course, crop: course.plant.variety.crop, count })
const before = (row: Float64Array, day: number) => total(row.slice(0, day))

describe.each(['moneymaker', 'rioGrande', 'padron'])('what %s wants', (id) => {
  const course = grown(id)
  const need = needOf(course)
  const { crop } = course.plant.variety
  const [first] = course.trusses

  test('over the season is its crop times what a kilo takes, within the handbook range (memory)', () => {
    const kg = cropForecast(course).totalKg
    for (const nutrient of nutrients) {
      const perKg = total(need[nutrient]) / kg
      expect(perKg).toBeGreaterThan(UPTAKE_G_KG[crop][nutrient] * (1 - UPTAKE_BAND))
      expect(perKg).toBeLessThan(UPTAKE_G_KG[crop][nutrient] * (1 + UPTAKE_BAND))
    }
  })
  test('is as much potassium as nitrogen to the first truss, 1.5–2 times after it (memory)', () => {
    const early = before(need.k, first!.opensOn) / before(need.n, first!.opensOn)
    const late =
      (total(need.k) - before(need.k, first!.opensOn)) /
      (total(need.n) - before(need.n, first!.opensOn))
    expect(early).toBeGreaterThan(0.95)
    expect(early).toBeLessThan(1.15)
    expect(late).toBeGreaterThan(1.3)
    expect(late).toBeLessThan(2)
  })
  test('is never less than nothing, and nothing before planting', () => {
    for (const nutrient of nutrients) expect(Math.min(...need[nutrient])).toBeGreaterThanOrEqual(0)
  })
})

describe('the need of several', () => {
  test('twice the plants want twice as much, and plantings of a pot add up', () => {
    const course = grown('padron')
    const [one, two] = [needOf(course), needOf(course, 2)]
    const both = summedNeed([one, one], DAYS)
    for (const nutrient of nutrients) {
      expect(total(two[nutrient])).toBeCloseTo(2 * total(one[nutrient]), 9)
      expect(total(both[nutrient])).toBeCloseTo(2 * total(one[nutrient]), 9)
    }
  })
  test('a plant in a small pot wants less', () =>
    expect(total(needOf(grown('moneymaker', 10)).n)).toBeLessThan(
      0.75 * total(needOf(grown('moneymaker', 60)).n),
    ))
  test('a season cut short at flowering wants a third of a usual crop’s nitrogen or a bit more', () => {
    const whole = grown('rioGrande')
    const cut = before(needOf(whole).n, whole.trusses[0]!.opensOn) / total(needOf(whole).n)
    expect(cut).toBeGreaterThan(0.28)
    expect(cut).toBeLessThan(0.42)
  })
})

/** A bucket with a plant that wants 8 g of nitrogen in a season, in bark that brings nothing. */
const SEASON = 150
const pot: ProgrammePot = {
  fed: fedPot(SEASON, {
    needG: steadyNeed(SEASON, { n: 0.053, p: 0.008, k: 0.08, ca: 0.03, mg: 0.008 }),
    givenL: new Float64Array(SEASON).fill(1.2),
    drainedL: new Float64Array(SEASON).fill(0.1),
    water: { kind: 'tap', ecDsM: 0.5, caMgL: 60, mgMgL: 10 },
  }),
  dosed: { fillVolumeL: 17, surfaceM2: 0.06, hasReservoir: false },
  crop: 'tomato',
  flowersOn: 35,
  from: 0,
  to: SEASON - 1,
  recorded: [],
}
const judged = (id: (typeof programmeIds)[number], more: object = {}, of = pot) =>
  judgeProgramme(stepsOf({ programmeId: id, ...more }), of, feed, tools)

describe('the schools, by the ledger of a hungry bucket', () => {
  test('liquid at every watering feeds it best, weekly less, every 10–14 days by the label least; none starves it', () => {
    const had = (['everyWatering', 'weekly', 'tenToFourteen'] as const).map(
      (id) => judged(id).hadShare.n,
    )
    expect(had).toEqual([...had].sort((one, other) => other - one))
    expect(judged('everyWatering').shortOf).toEqual([])
    expect(judged('tenToFourteen').shortOf).toContain('n')
    expect(judgeProgramme([], pot, feed, tools).hadShare.n).toBe(0)
  })
  test('compost and seaweed alone leave it short of nitrogen (practice dose, PNW release)', () => {
    const { shortOf, hadShare } = judged('compostAndSeaweed')
    expect(shortOf).toContain('n')
    expect(hadShare.n).toBeLessThan(0.3)
  })
  test('a dry ring poured on, without a reservoir below, burns; above one it does not so soon', () => {
    const above = { ...pot, dosed: { ...pot.dosed, hasReservoir: true } }
    expect(judged('dryRing').saltYieldShare).toBeLessThan(0.5)
    expect(judged('dryRing', {}, above).ecMostDsM).toBeLessThan(judged('dryRing').ecMostDsM / 2)
  })
  test('manure, granules and liquid by turns want for nothing, and are the most work of all', () => {
    expect(judged('manureAndMineral').shortOf).toEqual([])
    const { minutes } = judged('manureAndMineral')
    for (const id of programmeIds)
      if (!['manureAndMineral', 'everyWatering'].includes(id))
        expect(judged(id).minutes).toBeLessThan(minutes)
  })
  test('quarter cups of granular food every two weeks are six at least, with three of bone meal at 0, 2 and 4 weeks', () => {
    const feeds = plannedFeeds(stepsOf({ programmeId: 'granularAndCalcium' }), pot, feed, tools)
    const daysOf = (id: string) =>
      feeds.filter(({ dose }) => dose.product.id === id).map(({ day }) => day)
    expect(daysOf('boneMeal')).toEqual([0, 14, 28])
    expect(daysOf('granularOrganic').length).toBeGreaterThanOrEqual(6)
    // Nothing is strewn so late that it would come when the plants are gone.
    expect(Math.max(...daysOf('granularOrganic'))).toBeLessThanOrEqual(SEASON - 28)
    // A quarter of a US cup, 59 mL, for a large pot of 25 L (practice); this one holds 17.
    expect(feeds[0]!.dose.massG / ((59.1 * 0.85 * 17) / 25)).toBeCloseTo(1, 2)
  })
  test('is not worth more than its shortest nutrient or its salt leave, and less than both where both fail', () => {
    for (const id of programmeIds) {
      const { score, saltYieldShare, hadShare } = judged(id)
      const worst = Math.min(saltYieldShare, ...Object.values(hadShare))
      expect([id, score <= worst + 1e-9]).toEqual([id, true])
    }
    const ring = judged('dryRing')
    expect(ring.saltYieldShare).toBeLessThan(1)
    expect(ring.score).toBeLessThanOrEqual(ring.saltYieldShare)
  })
  test('controlled release is given once', () => {
    const feeds = plannedFeeds(stepsOf({ programmeId: 'controlledAndLate' }), pot, feed, tools)
    expect(feeds.filter(({ dose }) => dose.product.form === 'controlledRelease')).toHaveLength(1)
  })
  test('from first flower on the late product is given: less nitrogen, more potassium', () => {
    const [liquid] = programmes.weekly
    expect(productOn(liquid!, 34, 35)).toBe('balancedSoluble')
    expect(productOn(liquid!, 35, 35)).toBe('tomatoFeed')
    const [early, late] = ['balancedSoluble', 'tomatoFeed'].map((id) => feed(id).analysis)
    expect(late!.k2o! / late!.n!).toBeGreaterThan(early!.k2o! / early!.n!)
  })
  test('at every watering means on days with water, and on no other', () => {
    const givenL = new Float64Array(SEASON)
    for (let day = 0; day < SEASON; day += 3) givenL[day] = 3
    const seldom = { ...pot, fed: { ...pot.fed, givenL } }
    const feeds = plannedFeeds(stepsOf({ programmeId: 'everyWatering' }), seldom, feed, tools)
    expect(feeds.length).toBeGreaterThan(30)
    for (const { day } of feeds) expect(givenL[day]).toBeGreaterThan(0)
  })
})

describe('bent to one’s ways', () => {
  test('twice as strong brings twice as much, seldomer means fewer', () => {
    const usual = judged('weekly')
    const strong = judged('weekly', { strength: 2 })
    const massOf = ({ feeds }: typeof usual) => feeds.reduce((sum, { dose }) => sum + dose.massG, 0)
    expect(massOf(strong)).toBeCloseTo(2 * massOf(usual), 6)
    expect(strong.ecMostDsM).toBeGreaterThan(usual.ecMostDsM)
    expect(judged('weekly', { everyDays: 21 }).feeds.length).toBeLessThan(usual.feeds.length / 2)
  })
  test('another product takes the place of the first', () => {
    const { feeds } = judged('weekly', { productId: 'fishEmulsion', lateProductId: 'fishEmulsion' })
    expect(new Set(feeds.map(({ dose }) => dose.product.id))).toEqual(new Set(['fishEmulsion']))
  })
  test('beyond what makes sense is refused', () => {
    expect(feedPlanSchema.safeParse({ programmeId: 'weekly', everyDays: 0 }).success).toBe(false)
    expect(feedPlanSchema.safeParse({ programmeId: 'weekly', strength: 9 }).success).toBe(false)
    expect(feedPlanSchema.safeParse({ programmeId: 'moonlight' }).success).toBe(false)
  })
  test('costs and work go with the feeds', () => {
    const { feeds, minutes, price } = judged('weekly')
    expect(minutes).toBeGreaterThan(feeds.length)
    expect(price).toBeCloseTo(
      feeds.reduce((sum, { dose }) => sum + (dose.massG / 1000) * dose.product.packs[0]!.price, 0),
      6,
    )
  })
})

describe('practice doses through the ledger', () => {
  const after = (id: string, massG: number, days = 60) =>
    judgeProgramme([], { ...pot, recorded: [{ day: 0, product: feed(id), massG }] }, feed, tools)
      .ledger.rows.n.takenG.slice(0, days)
      .reduce((sum, grams) => sum + grams, 0)
  const needed = total(pot.fed.needG.n.slice(0, 60))

  test('half a cup of granular organic in a bucket carries nitrogen for a good part of two months', () => {
    const share = after('granularOrganic', 118 * 0.75) / needed
    expect(share).toBeGreaterThan(0.3)
    expect(share).toBeLessThan(0.9)
  })
  test('a handful of bone meal hardly feeds nitrogen at all', () =>
    expect(after('boneMeal', 34) / needed).toBeLessThan(0.15))
  test('a tablespoon of controlled release a US gallon feeds a bucket for two months', () =>
    expect(after('controlledRelease', 15 * (17 / 3.785)) / needed).toBeGreaterThan(0.95))
})
