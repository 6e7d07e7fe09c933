import { describe, expect, test } from '@jest/globals'
import { steadyWeather, wateredPot } from '../../test/pots'
import { catalogue } from '../plant'
import { HOURS_A_DAY } from '../weather'
import {
  awayHelps,
  blossomEndRotRisk,
  checkProbe,
  dailyVisits,
  planAway,
  simulateProbe,
  simulateWater,
  splitRisk,
  survivesAway,
  tooWet,
  type PotLeft,
} from '.'

const DAYS = 16
const HOURS = DAYS * HOURS_A_DAY
const absence = { leavesAtHour: 31, days: 7 }
const none = { givenL: new Float64Array(HOURS), visitH: new Uint8Array(HOURS) }
const left = (id: string, leafM2: number, more: Partial<PotLeft> = {}): PotLeft => ({
  id,
  pot: wateredPot('bucket', 'thirds').pot,
  weather: steadyWeather(DAYS, 5, { leafM2 }),
  thirst: 1,
  capacity: 1,
  mulchLeaves: 0.3,
  shadeLeaves: 0.7,
  saucerL: 1.2,
  moreReservoirL: 0,
  liftLH: 0.2,
  ...more,
})

describe('a week away', () => {
  test('a small plant comes through, a large one is lost, and both are told when', () => {
    const outcome = (leafM2: number) => {
      const { pot, weather } = left('a', leafM2)
      return survivesAway(pot, weather, none, absence)
    }
    expect(outcome(0.03).verdict).toBe('well')
    expect(outcome(0.5)).toMatchObject({ verdict: 'lost' })
    expect(outcome(0.5).shortAfterH!).toBeLessThan(outcome(0.5).wiltsAfterH!)
    expect(outcome(0.1).lowestShare).toBeGreaterThan(outcome(0.2).lowestShare)
  })
  test('the smallest set is as small as any that saves all, by trying every set', () => {
    const pots = [left('a', 0.03), left('b', 0.13), left('c', 0.16), left('d', 0.4)]
    const plan = planAway(pots, absence, awayHelps, 4)
    expect(plan.unsavedIds).toEqual([])
    // By hand: what each pot needs alone, without and with a neighbour, is the least number that saves it.
    const least = (one: PotLeft, neighbour: number | undefined) =>
      planAway([one], absence, awayHelps, neighbour)
    const without = pots.reduce((sum, one) => sum + least(one, undefined).count, 0)
    expect(plan.count).toBeLessThanOrEqual(without)
    expect(
      plan.smallest.reduce((sum, { helps }) => sum + helps.length, 0) +
        (plan.neighbourOnDay ? 1 : 0),
    ).toBe(plan.count)
    for (const { outcome } of plan.smallest) expect(['well', 'thirsty']).toContain(outcome.verdict)
    // Taking any one help away leaves its pot hanging.
    for (const choice of plan.smallest)
      for (const help of choice.helps) {
        const rest = choice.helps.filter((one) => one !== help)
        const again = planAway(
          [pots.find(({ id }) => id === choice.id)!],
          absence,
          rest,
          plan.neighbourOnDay,
        )
        if (again.neighbourOnDay === plan.neighbourOnDay) expect(again.unsavedIds).toHaveLength(1)
      }
  })
  test('a neighbour on the third day leaves a pot as one that was filled on the third morning', () => {
    const one = left('a', 0.16)
    const { smallest } = planAway([one], absence, [], 3)
    const visitH = none.visitH.slice()
    // Left on the morning of the second day, at 7: the third morning after it.
    visitH[31 + 3 * HOURS_A_DAY] = 255
    const filled = survivesAway(one.pot, one.weather, { ...none, visitH }, absence)
    expect(smallest[0]!.outcome).toEqual(filled)
    expect(filled).not.toEqual(survivesAway(one.pot, one.weather, none, absence))
  })
  test('where nothing helps, it says so', () => {
    const plan = planAway([left('a', 1.2)], absence, ['mulch'])
    expect(plan.unsavedIds).toEqual(['a'])
  })
})

describe('fruit', () => {
  const weather = steadyWeather(DAYS, 6)
  const { pot } = wateredPot('bucket', 'thirds')
  const variety = (id: string) => ({
    variety: catalogue.find((one) => one.id === id)!,
    isSwelling: true,
    isRipening: true,
    ecDsM: 1,
  })
  const even = simulateWater(pot, weather, { ...none, visitH: dailyVisits(HOURS) })
  const dry = simulateWater(pot, weather, none)

  test('rots at its end where water was short, large fruit before cherries (practice)', () => {
    const rot = (run: typeof even, id: string, more = {}) =>
      blossomEndRotRisk(run, weather, HOURS, { ...variety(id), ...more })
    expect(rot(even, 'brandywine').level).toBe('low')
    expect(rot(dry, 'brandywine').level).toBe('high')
    expect(rot(dry, 'blackCherry').score).toBeLessThan(rot(dry, 'brandywine').score)
    expect(rot(dry, 'brandywine', { isSwelling: false }).score).toBe(0)
    expect(rot(dry, 'brandywine', { ecDsM: 4 }).score).toBeGreaterThan(rot(dry, 'brandywine').score)
  })
  test('splits where a dry pot is filled at one go', () => {
    const givenL = new Float64Array(HOURS)
    givenL[HOURS - 30] = 8
    const filled = simulateWater(pot, weather, { ...none, givenL })
    expect(splitRisk(filled, HOURS, variety('blackCherry')).level).toBe('high')
    expect(splitRisk(even, HOURS, variety('blackCherry')).level).toBe('low')
  })
  test('roots drown without a hole, over a reservoir in fine mix, and in weeks that never dry', () => {
    const cool = simulateWater(pot, steadyWeather(DAYS, 0.2, { rainL: 2 }), none)
    const facts = { airlessShare: 0, hasReservoir: false, hasNoWayOut: false }
    expect(tooWet(even, HOURS, facts)).toEqual([])
    expect(tooWet(cool, HOURS, facts).map(({ code }) => code)).toEqual(['tooWet.longWet'])
    const worst = tooWet(even, HOURS, { airlessShare: 0.7, hasReservoir: true, hasNoWayOut: true })
    expect(worst.map(({ code }) => code)).toEqual(['tooWet.noHoles', 'tooWet.reservoir'])
  })
})

describe('the simulated probe', () => {
  const request = {
    from: '2026-06-10T07:00',
    hours: 240,
    fullShare: 0.58,
    wiltingShare: 0.2,
    useShareADay: 0.05,
    wateredAfterH: '48,96,144,192',
    seed: 5,
  }
  const readings = simulateProbe(request)
  test('tells the same for the same seed, within what a mix can hold', () => {
    expect(simulateProbe(request)).toEqual(readings)
    expect(simulateProbe({ ...request, seed: 6 })).not.toEqual(readings)
    for (const { moistureShare } of readings) {
      expect(moistureShare).toBeGreaterThanOrEqual(0)
      expect(moistureShare).toBeLessThanOrEqual(1)
    }
  })
  test('has gaps and jumps, which are told and set apart', () => {
    const found = checkProbe(readings)
    expect(readings.length).toBeLessThan(240)
    expect(found.gaps.length).toBeGreaterThan(0)
    const jumping = readings.map((one, index) =>
      index === 50 ? { ...one, moistureShare: 0.95 } : one,
    )
    expect(checkProbe(jumping).jumps).toContainEqual(jumping[50])
    expect(checkProbe(jumping).good).not.toContainEqual(jumping[50])
  })
  test('a watering is not taken for a jump', () => {
    const row = [0.3, 0.29, 0.58, 0.57, 0.56].map((moistureShare, hour) => ({
      at: `2026-06-10T0${hour}:00`,
      moistureShare,
      tempC: 20,
      ecDsM: 1,
    }))
    expect(checkProbe(row).jumps).toEqual([])
  })
  test('refuses by field what it cannot answer', () =>
    expect(() => simulateProbe({ ...request, hours: 0, fullShare: 2 })).toThrow(
      expect.objectContaining({
        faults: [
          expect.objectContaining({ path: ['hours'] }),
          expect.objectContaining({ path: ['fullShare'] }),
        ],
      }),
    ))
})
