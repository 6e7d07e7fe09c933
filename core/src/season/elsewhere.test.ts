// A season anywhere: what ripens when, where it ends, and when to sow, on the balconies of the world.
import { describe, expect, test } from '@jest/globals'
import { gardenIn, type TownName } from '../../test/places'
import { cropForecast } from '../plant'
import { addDays, daysBetween } from '../units'
import { frostsOfPlace } from './course/sky'
import { gardenCourse, yearsSpread } from '.'

const grown = (name: TownName, varietyId: string, plantedOn: string, todayAfter = 10) => {
  const garden = gardenIn(name, { varietyId, plantedOn })
  const course = gardenCourse(garden, addDays(plantedOn, todayAfter))
  const { course: plant } = course.pots[0]!.plants[0]!
  const [first] = plant.trusses
  return {
    course,
    kg: cropForecast(plant).totalKg,
    ripeOn: addDays(plant.from, first!.ripeOn),
    ripeAfterDays: first!.ripeOn - plant.plantedOn,
    frostOn: plant.frostOn < plant.days ? addDays(plant.from, plant.frostOn) : undefined,
  }
}

describe('what a half barrel gives, by the usual weather of a town (practice)', () => {
  test('England: ripe in August, two to three kilos', () => {
    const { ripeOn, kg } = grown('kent', 'moneymaker', '2026-05-25')
    expect(ripeOn.slice(0, 7)).toBe('2026-08')
    expect(kg).toBeGreaterThan(2)
    expect(kg).toBeLessThan(3)
    expect(grown('hull', 'stupice', '2026-06-01').ripeOn.slice(0, 7)).toBe('2026-08')
  })
  test('Vienna: ripe in the second half of July, twice as much', () => {
    const { ripeOn, kg } = grown('vienna', 'moneymaker', '2026-05-15')
    expect(ripeOn > '2026-07-14').toBe(true)
    expect(ripeOn < '2026-08-06').toBe(true)
    expect(kg).toBeGreaterThan(3.5)
    expect(kg).toBeLessThan(6)
  })
  test('Edmonton: an early kind ripens in August, a late one hardly before frost in September', () => {
    expect(grown('edmonton', 'stupice', '2026-06-01').ripeOn.slice(0, 7)).toBe('2026-08')
    const late = grown('edmonton', 'brandywine', '2026-06-01')
    expect(late.frostOn!.slice(0, 7)).toBe('2026-09')
    expect(late.kg).toBeLessThan(0.5)
  })
  test('Adelaide: planted in October, ripe about Christmas', () => {
    const { ripeOn, kg } = grown('adelaide', 'moneymaker', '2026-10-15')
    expect(ripeOn > '2026-12-10').toBe(true)
    expect(ripeOn < '2027-01-15').toBe(true)
    expect(kg).toBeGreaterThan(4)
  })
  test('lowland tropics: ripe 60–75 days after planting, whenever that was', () => {
    for (const plantedOn of ['2026-02-01', '2026-06-01', '2026-12-01'])
      for (const name of ['singapore', 'southOfEquator'] as const) {
        const { ripeAfterDays } = grown(name, 'moneymaker', plantedOn)
        expect(ripeAfterDays).toBeGreaterThanOrEqual(60)
        expect(ripeAfterDays).toBeLessThanOrEqual(75)
      }
  })
})

describe('where a season ends', () => {
  test.each([
    ['singapore', '2026-12-01'],
    ['singapore', '2026-08-20'],
    ['phoenix', '2026-10-01'],
    ['southOfEquator', '2026-04-01'],
    ['southOfEquator', '2026-11-20'],
    ['adelaide', '2027-02-01'],
  ] as const)('%s, planted %s: not before it has cropped', (name, plantedOn) => {
    for (const after of [0, 20, 60]) {
      const { course, kg } = grown(name, 'stupice', plantedOn, after)
      expect(daysBetween(plantedOn, course.to)).toBeGreaterThanOrEqual(150)
      expect(kg).toBeGreaterThan(0.8)
    }
  })
  test('where frost comes it ends with it, and no course goes on for the dead', () => {
    const { course, frostOn } = grown('vienna', 'stupice', '2026-08-20')
    expect(frostOn!.slice(0, 7)).toBe('2026-11')
    expect(course.to <= '2026-12-05').toBe(true)
  })
  test('frost as usual is that of half of the years of its own generator', () => {
    const { firstFrost, lastFrost } = frostsOfPlace(
      gardenIn('edmonton', { varietyId: 'stupice', plantedOn: '2026-06-01' }),
    )
    // Edmonton: last frost in early to mid May, first in mid to late September (memory).
    expect(lastFrost! >= '04-25' && lastFrost! <= '05-20').toBe(true)
    expect(firstFrost! >= '09-10' && firstFrost! <= '10-05').toBe(true)
    const tropics = gardenIn('singapore', { varietyId: 'stupice', plantedOn: '2026-06-01' })
    expect(frostsOfPlace(tropics)).toEqual({ lastFrost: undefined, firstFrost: undefined })
  })
})

describe('dates', () => {
  const windowAt = (name: TownName, at: string, lastFrost?: string) => {
    const garden = gardenIn(name, { varietyId: 'moneymaker', plantedOn: addDays(at, -30) })
    const place = { ...garden.place, ...(lastFrost && { lastFrost }) }
    const asked = { containerId: 'k', at, count: 20, seed: 3 }
    return yearsSpread({ ...garden, place }, asked).plantings[0]!.window
  }
  test('in December they are those of the coming spring, in June those of this one', () => {
    expect(windowAt('vienna', '2026-12-10').goesOutOn.slice(0, 4)).toBe('2027')
    expect(windowAt('vienna', '2026-09-10').sow.from.slice(0, 4)).toBe('2027')
    expect(windowAt('vienna', '2026-06-10').goesOutOn.slice(0, 4)).toBe('2026')
    expect(windowAt('adelaide', '2026-12-10').goesOutOn.slice(0, 4)).toBe('2026')
  })
  test('the gardener’s own last frost is heeded, north and south', () => {
    expect(windowAt('vienna', '2026-05-20', '05-30').goesOutOn).toBe('2026-06-06')
    expect(windowAt('adelaide', '2026-11-20', '11-10').goesOutOn).toBe('2026-11-17')
  })
  test('where it is never cold any day will do', () => {
    expect(windowAt('singapore', '2026-06-10').isYearRound).toBe(true)
    expect(windowAt('southOfEquator', '2026-06-10').isYearRound).toBe(true)
  })
})
