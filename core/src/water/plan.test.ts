import { describe, expect, test } from '@jest/globals'
import { steadyWeather, wateredPot } from '../../test/pots'
import { varietyOf } from '../../test/made'
import { HOURS_A_DAY } from '../weather'
import {
  dailyVisits,
  dripLine,
  dripMinutes,
  fullPot,
  planWatering,
  simulateWater,
  sumsOf,
  type WateredPot,
  type WaterDrive,
} from '.'
import { shortInH } from './plan'

const DAYS = 10
const HOURS = DAYS * HOURS_A_DAY
const none = { givenL: new Float64Array(HOURS) }
const MORNING = 2 * HOURS_A_DAY + 7

/** A grown plant on hot days of 6.5 mm, its own leaf, in moving air (practice: hot, open). */
function hotDays(varietyId: string, leafShare = 1): WaterDrive {
  const leafM2 = varietyOf(varietyId).matureCanopyM2 * leafShare * 1.1 * 1.2
  return steadyWeather(DAYS, 6.5, { leafM2, openM2: 0.03 })
}
/** As it stands at seven when it was filled on the evening before. */
const morning = (pot: WateredPot, weather: WaterDrive) =>
  simulateWater(
    pot,
    weather,
    { ...none, visitH: dailyVisits(HOURS).fill(0, MORNING) },
    { to: MORNING },
  ).end

test('each daily visit, of the morning and of the evening, looks ahead to the next morning', () => {
  const visits = dailyVisits(HOURS)
  const at = [...visits.keys()].filter((hour) => visits[hour]! > 0)
  expect(at).toHaveLength(2 * DAYS)
  for (const hour of at) {
    const ends = hour + visits[hour]!
    expect(ends % HOURS_A_DAY).toBe(MORNING % HOURS_A_DAY)
    expect(ends - hour).toBeLessThanOrEqual(HOURS_A_DAY)
  }
})

test('short of water is who has missed a twentieth of a whole day, however the day is spread', () => {
  // By hand: 24 hours of 1 mm ask for 24 mm; at a share of 0.9 a twentieth, 1.2 mm, is passed in the 13th hour.
  const row = new Float64Array(3 * HOURS_A_DAY).fill(1)
  const weather = { ...steadyWeather(3, 24, {}), referenceMm: row, referenceSumMm: sumsOf(row) }
  const hadShare = new Float64Array(2 * HOURS_A_DAY).fill(0.9)
  expect(shortInH(hadShare, weather, HOURS_A_DAY)).toBe(12)
  expect(
    shortInH(
      hadShare.map(() => 0.96),
      weather,
      HOURS_A_DAY,
    ),
  ).toBeUndefined()
})

describe('what practitioners say', () => {
  test('a 19 L bucket of fast-drain bark with a full vine wants water twice on a hot day', () => {
    const { pot } = wateredPot('bucket', 'fastDrainBark')
    // The vine as large as its roots let it be there.
    const weather = hotDays('moneymaker', 0.75)
    const plan = planWatering(pot, weather, morning(pot, weather), none, MORNING)
    expect(plan.eveningL).toBeGreaterThan(0.5)
  })
  test('in a half barrel it wants water every second day at most', () => {
    const { pot } = wateredPot('halfBarrel', 'thirds')
    const weather = hotDays('moneymaker')
    const plan = planWatering(pot, weather, fullPot(pot), none, MORNING)
    expect(plan.eveningL).toBe(0)
    expect(plan.fullForH).toBeGreaterThan(36)
  })
  test('a basket with a grown trailing tomato cannot skip a hot day', () => {
    const { pot } = wateredPot('basket', 'thirdsVermiculite')
    const weather = hotDays('redAlert', 0.8)
    const plan = planWatering(pot, weather, fullPot(pot), none, MORNING)
    expect(plan.fullForH).toBeLessThan(30)
  })
  test('drip takes about three minutes on a barrel pot: 2 L through five emitters of 8 L/h', () => {
    expect(dripMinutes(2, 5, 8)).toBeCloseTo(3, 9)
  })
})

describe('a plan', () => {
  const { pot } = wateredPot('bucket', 'thirds')
  const weather = steadyWeather(DAYS, 5)

  test('gives nothing while the pot is safe until the next morning, then fills it', () => {
    expect(planWatering(pot, weather, fullPot(pot), none, MORNING).nowL).toBe(0)
    const dry = { ...fullPot(pot), missingL: Float64Array.of(pot.easyL * 0.9) }
    const plan = planWatering(pot, weather, dry, none, MORNING)
    expect(plan.nowL).toBeCloseTo((pot.easyL * 0.9) / 0.97, 6)
    expect(plan.nextH).toBeGreaterThan(20)
  })
  test('followed, keeps every pot safe that once or twice a day can keep safe', () => {
    for (const type of ['pot', 'bucket', 'fabricBag', 'box', 'reservoirBox', 'tower'] as const) {
      const one = wateredPot(type, 'thirdsCoir').pot
      const { hadShare } = simulateWater(one, weather, { ...none, visitH: dailyVisits(HOURS) })
      expect(Math.min(...hadShare)).toBe(1)
    }
  })
  test('once what was wanted was given, nothing more is wanted in the same hour', () => {
    const dry = { ...fullPot(pot), missingL: Float64Array.of(pot.easyL * 0.9) }
    const { nowL } = planWatering(pot, weather, dry, none, MORNING)
    const givenL = new Float64Array(HOURS)
    givenL[MORNING] = nowL
    expect(planWatering(pot, weather, dry, { givenL }, MORNING).nowL).toBe(0)
    givenL[MORNING] = nowL / 10
    expect(planWatering(pot, weather, dry, { givenL }, MORNING).nowL).toBeCloseTo(nowL * 0.9, 1)
  })
  test('tells when it runs short and hangs, in that order, and sooner where it drinks more', () => {
    const left = planWatering(pot, weather, fullPot(pot), none, MORNING)
    expect(left.safeForH!).toBeLessThan(left.wiltsInH!)
    const thirsty = planWatering(pot, weather, fullPot(pot), none, MORNING, { thirst: 1.5 })
    expect(thirsty.safeForH!).toBeLessThan(left.safeForH!)
  })
  test('rain that is on its way is not poured', () => {
    const rainy = steadyWeather(DAYS, 5, { rainL: 4 })
    const dry = { ...fullPot(pot), missingL: Float64Array.of(pot.easyL * 0.8) }
    expect(planWatering(pot, rainy, dry, none, MORNING).nowL).toBe(0)
    expect(planWatering(pot, weather, dry, none, MORNING).nowL).toBeGreaterThan(1)
  })
  test('dry peat is watered in two passes', () => {
    const dry = { ...fullPot(pot), missingL: Float64Array.of(pot.availableL * 0.97) }
    expect(planWatering(pot, weather, dry, none, MORNING).passes).toBe(2)
    expect(planWatering(pot, weather, fullPot(pot), none, MORNING).passes).toBe(1)
  })
  test('in the evening there is one walk', () => {
    const dry = { ...fullPot(pot), missingL: Float64Array.of(pot.easyL) }
    const plan = planWatering(pot, weather, dry, none, MORNING + 11)
    expect(plan.nowL).toBeGreaterThan(1)
    expect(plan.eveningL).toBe(0)
  })
})

describe('drip on one timer', () => {
  const needs = [
    { containerId: 'a', needL: 0.8, easyL: 3 },
    { containerId: 'b', needL: 1.6, easyL: 3 },
    { containerId: 'c', needL: 3.1, easyL: 6 },
  ]
  test('gives every pot what it wants, and says what is too much', () => {
    const line = dripLine(needs)
    for (const pot of line.pots) {
      expect(pot.getsL).toBeGreaterThanOrEqual(pot.needL - 1e-9)
      expect(pot.getsL).toBeCloseTo(
        (pot.emitters * pot.emitterLH * line.minutes * line.runsADay) / 60,
        9,
      )
    }
    expect(line.wastedShare).toBeLessThan(0.1)
  })
  test('a small pot is not given more at once than it holds in easy reach', () => {
    const line = dripLine([{ containerId: 'a', needL: 3, easyL: 1.2 }])
    expect(line.runsADay).toBe(3)
  })
  test('is refused without pots, or without flow', () => {
    expect(() => dripLine([])).toThrow(expect.objectContaining({ code: 'noPots' }))
    expect(() => dripMinutes(1, 0, 4)).toThrow(expect.objectContaining({ code: 'noFlow' }))
  })
})
