import { describe, expect, test } from '@jest/globals'
import { varietyOf } from '../../test/made'
import { addDays, datesFrom, daysBetween } from '../units'
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
    const opens = soilSchoolIds.map((school) => found.schools[school]!)
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
  test('where it never gets warm no date is told', () => {
    const cold = steadySpring.map((day) => ({ ...day, tempMaxC: 8, tempMinC: 2 }))
    const { nights, schools } = plantingWindow(varietyOf('padron'), [cold], FIRST, mix)
    expect(nights).toBeUndefined()
    expect(schools.warm).toBeUndefined()
  })
})
