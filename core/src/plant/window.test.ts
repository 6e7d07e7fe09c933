import { describe, expect, test } from '@jest/globals'
import { varietyOf } from '../../test/made'
import { normalsOf, towns } from '../../test/places'
import { addDays, datesFrom, daysBetween, remembered } from '../units'
import { generateWeather, generatorFromNormals, usualNormals } from '../weather'
import { plantingWindow, soilSchoolIds } from '.'

const FIRST = '2026-01-01'
const site = { latitudeDeg: 47, elevationM: 200, coastal: false }
const model = generatorFromNormals(usualNormals(site), site)
const years = Array.from({ length: 40 }, (_, seed) => generateWeather(model, FIRST, 200, seed))
const mix = { lagDays: 1.5, sunGainK: 2 }
const windowOf = (id: string, lastFrostOn?: string) =>
  plantingWindow(varietyOf(id), years, FIRST, mix, lastFrostOn)

/** A spring that warms by a fifth of a degree a day, with one mild week in winter. */
const steadySpring = datesFrom(FIRST, 200).map((date, day) => {
  const meanC = day >= 10 && day < 18 ? 14 : day * 0.2 - 6
  return { date, tempMaxC: meanC + 5, tempMinC: meanC - 5, radiationMjM2: 0 }
})

describe('when to sow and plant', () => {
  const found = windowOf('moneymaker', '2026-05-10')
  test('sown 6–8 weeks before the last frost, planted 1–2 weeks after it (practice)', () => {
    expect(daysBetween(found.sow.from, '2026-05-10')).toBe(56)
    expect(daysBetween(found.sow.to, '2026-05-10')).toBe(42)
    expect(daysBetween('2026-05-10', found.afterFrost.from)).toBe(7)
    expect(daysBetween('2026-05-10', found.afterFrost.to)).toBe(14)
  })
  test('potted on three to four weeks after sowing (memory), and before hardening off', () => {
    const days = daysBetween(found.sow.from, found.potOn.from)
    expect(days).toBeGreaterThanOrEqual(21)
    expect(days).toBeLessThanOrEqual(28)
    expect(found.potOn.to < found.harden.from).toBe(true)
  })
  test('hardened off over 7–10 days before (practice), slow peppers sown longer before', () => {
    const days = daysBetween(found.harden.from, found.harden.to) + 1
    expect(days).toBeGreaterThanOrEqual(7)
    expect(days).toBeLessThanOrEqual(10)
    expect(found.harden.to < found.afterFrost.from).toBe(true)
    expect(windowOf('scotchBonnet', '2026-05-10').sow.from < found.sow.from).toBe(true)
  })
  test('schools that want a warmer mix open later, each with its spread', () => {
    const opens = soilSchoolIds.map((school) => windowOf('moneymaker').schools[school]!)
    for (const { early, middle, late } of opens) {
      expect(early < middle && middle < late).toBe(true)
      expect(daysBetween(early, late)).toBeLessThan(60)
    }
    expect(opens[2]!.middle > opens[0]!.middle).toBe(true)
  })
  test('peppers wait for warmer nights than tomatoes', () => {
    expect(windowOf('padron').nights!.middle > windowOf('moneymaker').nights!.middle).toBe(true)
  })
  test('by hand: nights reach 7 °C on day 90, their week’s mean three days later; a mild January week opens nothing', () => {
    const found = plantingWindow(varietyOf('moneymaker'), [steadySpring], FIRST, mix)
    expect(found.nights!.middle).toBe(addDays(FIRST, 93))
    expect(found.lastFrost!.middle).toBe(addDays(FIRST, 55))
  })
  test('the gardener’s own last frost holds back every school, and moves sowing with it', () => {
    const late = windowOf('moneymaker', '2026-06-20')
    for (const school of soilSchoolIds) expect(late.schools[school]!.early).toBe('2026-06-27')
    expect(late.goesOutOn).toBe('2026-06-27')
    expect(daysBetween(late.sow.from, '2026-06-20')).toBe(56)
  })
  test('where it never gets warm no date is told', () => {
    const cold = steadySpring.map((day) => ({ ...day, tempMaxC: 8, tempMinC: 2 }))
    const { nights, schools } = plantingWindow(varietyOf('padron'), [cold], FIRST, mix)
    expect(nights).toBeUndefined()
    expect(schools.warm).toBeUndefined()
  })
})

describe('dates that a gardener anywhere would keep', () => {
  const names = ['hull', 'kent', 'lisbon', 'singapore', 'darwin'] as const
  type Name = (typeof names)[number]
  const firstOf = (name: Name) => (towns[name].latitudeDeg < 0 ? '2026-07-01' : FIRST)
  const drawn = remembered((town: (typeof towns)[Name], name: Name) => {
    const ofPlace = generatorFromNormals(normalsOf(name), town)
    const days = town.months.every(([, low]) => low >= 8) ? 365 : 200
    return Array.from({ length: 25 }, (_, seed) =>
      generateWeather(ofPlace, firstOf(name), days, seed),
    )
  })
  const found = (name: Name, id: string, lastFrostOn?: string) =>
    plantingWindow(varietyOf(id), drawn(towns[name], name), firstOf(name), mix, lastFrostOn)

  test.each(['hull', 'kent'] as const)(
    'in England (%s) tomatoes go out in May, peppers between late May and mid June (practice)',
    (name) => {
      const [tomato, pepper] = [found(name, 'moneymaker'), found(name, 'sweetBlock')]
      expect(tomato.goesOutOn >= '2026-04-25').toBe(true)
      expect(tomato.goesOutOn <= '2026-05-31').toBe(true)
      expect(pepper.goesOutOn >= '2026-05-20').toBe(true)
      expect(pepper.goesOutOn <= '2026-06-20').toBe(true)
    },
  )
  test('nowhere is anything sown more than fourteen weeks before it goes out, or hardened off longer than ten days', () => {
    for (const name of names)
      for (const id of ['moneymaker', 'sweetBlock', 'scotchBonnet', 'tinyTim'])
        for (const own of [undefined, '2026-09-20']) {
          const { sow, potOn, harden, goesOutOn } = found(name, id, own)
          const before = (date: string) => daysBetween(date, goesOutOn)
          expect(before(sow.from)).toBeLessThanOrEqual(14 * 7)
          expect(before(sow.to)).toBeGreaterThanOrEqual(42)
          expect(before(potOn.to)).toBeGreaterThan(before(harden.from))
          expect(before(harden.from)).toBe(10)
          expect(before(harden.to)).toBe(1)
        }
  })
  test('where frost is rare the nights rule, and not the one frost of many years', () => {
    const { goesOutOn, sow } = found('lisbon', 'sweetBlock')
    expect(goesOutOn >= '2026-02-15').toBe(true)
    expect(goesOutOn <= '2026-04-25').toBe(true)
    expect(sow.from >= '2025-12-15').toBe(true)
  })
  test('where no day is too cold no day is pinned: planted to flower in the coolest nights', () => {
    expect(found('singapore', 'moneymaker').isYearRound).toBe(true)
    const { isYearRound, schools, goesOutOn } = found('darwin', 'moneymaker')
    expect(isYearRound).toBe(true)
    expect(schools.usual).toBeUndefined()
    // The dry season of the north of Australia, when tomatoes are grown there (practice).
    expect(goesOutOn.slice(5) >= '04-01').toBe(true)
    expect(goesOutOn.slice(5) <= '07-10').toBe(true)
    expect(found('kent', 'moneymaker').isYearRound).toBe(false)
  })
})
