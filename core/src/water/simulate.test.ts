import { describe, expect, test } from '@jest/globals'
import { sum } from 'd3-array'
import fc from 'fast-check'
import { made } from '../../test/made'
import { mixed } from '../../test/mixes'
import { steadyWeather, wateredPot } from '../../test/pots'
import { containerTypes } from '../container'
import { recipes } from '../mix'
import { HOURS_A_DAY } from '../weather'
import {
  dailyVisits,
  freeShareOf,
  fullPot,
  runsPastShare,
  simulateWater,
  stressShare,
  waterStore,
  type WaterEvents,
} from '.'

const DAYS = 12
const HOURS = DAYS * HOURS_A_DAY
const none: WaterEvents = { givenL: new Float64Array(HOURS), visitH: new Uint8Array(HOURS) }
const at = (hour: number, litres: number): WaterEvents => {
  const givenL = new Float64Array(HOURS)
  givenL[hour] = litres
  return { ...none, givenL }
}
const bucket = wateredPot('bucket', 'thirds').pot

describe('the store of a pot', () => {
  test('gives what is easily available first, then the buffer; together not more than all', () => {
    for (const type of containerTypes)
      for (const recipe of recipes.slice(0, 6)) {
        const store = waterStore(made(type), mixed(recipe))
        expect(store.easyL).toBeGreaterThan(0)
        expect(store.bufferL).toBeGreaterThan(0)
        expect(store.easyL + store.bufferL).toBeLessThan(store.availableL)
        expect(store.availableL).toBeLessThan(store.fillVolumeL)
      }
  })
  test('a tower is a row of tiers, a cut floor adds earth, a reservoir stands below', () => {
    expect(wateredPot('tower', 'thirds').pot.cells.length).toBeGreaterThan(1)
    const { container, mix, pot } = wateredPot('sunkenPot', 'thirds')
    const { sunken: _none, ...closed } = container
    expect(pot.availableL).toBeGreaterThan(waterStore(closed, mix).availableL)
    const box = wateredPot('reservoirBox', 'thirds').pot
    expect(box.reservoirL).toBeGreaterThan(1)
    // Peat and perlite lift more in a day than a hot day asks (practice: days = reservoir ÷ use).
    expect(box.capillaryLH * HOURS_A_DAY).toBeGreaterThan(3)
  })
})

describe('stress', () => {
  test('FAO 56, Eq. 84: full supply up to p, then a line to nothing at wilting', () => {
    // Example 37, from memory: tomato on silt, 0.8 m of roots, θ from 0.32 to 0.12:
    // 160 mm in all, 64 of them readily with p = 0.40.
    const totalMm = 1000 * (0.32 - 0.12) * 0.8
    expect(stressShare(64, totalMm, 0.4)).toBe(1)
    expect(stressShare(112, totalMm, 0.4)).toBeCloseTo(0.5, 12)
    expect(stressShare(totalMm, totalMm, 0.4)).toBe(0)
  })
  test('Table 22: p rises by 0.04 for each mm below 5, within 0.1 and 0.8; peppers have less', () => {
    const cell = { easyL: 4, availableL: 10 }
    expect(freeShareOf(cell, 1, 5)).toBeCloseTo(0.4, 12)
    expect(freeShareOf(cell, 1, 3)).toBeCloseTo(0.48, 12)
    expect(freeShareOf(cell, 0.75, 5)).toBeCloseTo(0.3, 12)
    expect(freeShareOf(cell, 1, 40)).toBe(0.1)
    expect(freeShareOf({ easyL: 9, availableL: 10 }, 1, 2)).toBe(0.8)
  })
  test('a pot that dries by leaves alone follows the line of Ks hour by hour', () => {
    const weather = steadyWeather(DAYS, 6, { openM2: 0 })
    const { hadShare, missingL, usedL } = simulateWater(bucket, weather, none)
    const free = freeShareOf(bucket.cells[0]!, 1, 6)
    for (let hour = 1; hour < HOURS; hour++) {
      const expected = stressShare(missingL[hour - 1]!, bucket.availableL, free)
      expect(hadShare[hour]).toBeCloseTo(expected, 9)
      expect(usedL[hour]).toBeCloseTo(weather.referenceMm[hour]! * 0.25 * expected, 9)
    }
    expect(Math.min(...hadShare)).toBeLessThan(0.2)
  })
})

describe('the balance', () => {
  test('what came in is what was used, ran out and changed, to a millionth of a litre, in any pot', () => {
    const days = fc.record({
      type: fc.constantFrom(...containerTypes),
      recipe: fc.constantFrom(...recipes),
      dailyMm: fc.double({ min: 0, max: 12, noNaN: true }),
      rainL: fc.double({ min: 0, max: 3, noNaN: true }),
      wallM2: fc.double({ min: 0, max: 0.3, noNaN: true }),
      leafM2: fc.double({ min: 0, max: 1, noNaN: true }),
      given: fc.array(
        fc.tuple(fc.nat({ max: HOURS - 1 }), fc.double({ min: 0, max: 20, noNaN: true })),
        { maxLength: 12 },
      ),
      isVisited: fc.boolean(),
      thirst: fc.double({ min: 0.3, max: 3, noNaN: true }),
      capacity: fc.double({ min: 0.5, max: 1.5, noNaN: true }),
    })
    fc.assert(
      fc.property(
        days,
        ({ type, recipe, dailyMm, given, isVisited, thirst, capacity, ...rest }) => {
          const pot = { ...waterStore(made(type), mixed(recipe)), sensitivity: 1 }
          const givenL = new Float64Array(HOURS)
          for (const [hour, litres] of given) givenL[hour]! += litres
          const weather = steadyWeather(DAYS, dailyMm, rest)
          const visitH = isVisited ? dailyVisits(HOURS) : none.visitH
          const run = simulateWater(pot, weather, { givenL, visitH }, { thirst, capacity })
          const inL = sum(run.givenL) + rest.rainL * DAYS
          const outL = sum(run.usedL) + sum(run.drainedL)
          const changeL = run.end.reservoirL - pot.reservoirL - sum(run.end.missingL)
          expect(Math.abs(inL - outL - changeL)).toBeLessThan(1e-6)
          for (const share of run.driestShare) {
            expect(share).toBeGreaterThanOrEqual(-1e-9)
            expect(share).toBeLessThanOrEqual(1 + 1e-9)
          }
        },
      ),
      { numRuns: 60 },
    )
  })
  test('a run in two parts is the run in one', () => {
    const weather = steadyWeather(DAYS, 6)
    const whole = simulateWater(bucket, weather, at(100, 3))
    const first = simulateWater(bucket, weather, at(100, 3), { to: 77 })
    const second = simulateWater(bucket, weather, at(100, 3), { from: 77, start: first.end })
    expect([...first.missingL, ...second.missingL]).toEqual([...whole.missingL])
  })
  test('rows of another length are refused', () =>
    expect(() => simulateWater(bucket, steadyWeather(DAYS + 1, 5), none)).toThrow(
      expect.objectContaining({ code: 'hoursMissing' }),
    ))
})

describe('what is poured', () => {
  const weather = steadyWeather(DAYS, 6)
  test('beyond the room of the pot it runs out below', () => {
    const { drainedL } = simulateWater(bucket, weather, at(6, 5))
    expect(drainedL[6]).toBeGreaterThan(4.9)
  })
  test('moist mix lets little past, dry peat sheds it: two passes keep more than one', () => {
    expect(runsPastShare(1, 0.3)).toBeCloseTo(0.03, 12)
    expect(runsPastShare(1, 0.95)).toBeGreaterThan(0.4)
    expect(runsPastShare(0, 0.95)).toBeCloseTo(0.03, 12)
    const dry = { ...fullPot(bucket), missingL: Float64Array.of(bucket.availableL * 0.95) }
    const kept = (givenL: Float64Array) =>
      3 - sum(simulateWater(bucket, weather, { ...none, givenL }, { start: dry, to: 4 }).drainedL)
    const [once, twice] = [new Float64Array(HOURS), new Float64Array(HOURS)]
    once[0] = 3
    twice[0] = 1.5
    twice[1] = 1.5
    expect(kept(twice)).toBeGreaterThan(kept(once) + 0.1)
  })
  test('a tower is fed from above: too little leaves the lowest tier dry', () => {
    const tower = wateredPot('tower', 'thirds').pot
    const drying = steadyWeather(DAYS, 6, { leafM2: 0.8 })
    const day = simulateWater(tower, drying, none, { to: 2 * HOURS_A_DAY }).end
    const before = [...day.missingL]
    const missing = sum(before)
    const after = simulateWater(tower, drying, at(48, missing / 2), {
      from: 48,
      to: 49,
      start: day,
    }).end
    expect(after.missingL[0]).toBeLessThan(0.01)
    expect(after.missingL[tower.cells.length - 1]).toBeCloseTo(before.at(-1)!, 2)
  })
  test('a reservoir keeps its mix moist until it is empty: days are reservoir ÷ use (practice)', () => {
    const box = wateredPot('reservoirBox', 'thirds').pot
    const drying = steadyWeather(DAYS, 5, { leafM2: 0.35, openM2: 0 })
    const { reservoirL, hadShare } = simulateWater(box, drying, none)
    const emptyAfter = reservoirL.findIndex((litres) => litres < 0.01) / HOURS_A_DAY
    expect(emptyAfter).toBeGreaterThan(box.reservoirL / (5 * 0.35) - 1)
    expect(emptyAfter).toBeLessThan(box.reservoirL / (5 * 0.35) + 1)
    expect(Math.min(...hadShare.subarray(0, Math.floor(emptyAfter * HOURS_A_DAY)))).toBe(1)
  })
})

test('visits that were told for fewer hours are none after them, whatever ran before', () => {
  const { pot } = wateredPot('bucket', 'thirds')
  const drying = steadyWeather(DAYS, 6, { leafM2: 0.5 })
  const visitH = dailyVisits(HOURS)
  const cut = 3 * HOURS_A_DAY
  simulateWater(pot, drying, { ...none, visitH })
  const short = simulateWater(pot, drying, { ...none, visitH: visitH.slice(0, cut) })
  const padded = simulateWater(pot, drying, {
    ...none,
    visitH: visitH.map((h, at) => (at < cut ? h : 0)),
  })
  expect(short.missingL).toEqual(padded.missingL)
  expect(sum(short.givenL)).toBeGreaterThan(0)
})

describe('the quiet hours', () => {
  const pots = (['bucket', 'pot', 'basket', 'fabricBag'] as const).map(
    (type) => wateredPot(type, 'thirds').pot,
  )
  test('go as all others do: a rain that nobody could measure changes nothing', () => {
    const litre = fc.double({ min: 0, max: 4, noNaN: true })
    const hour = fc.integer({ min: 0, max: HOURS - 1 })
    fc.assert(
      fc.property(
        fc.constantFrom(...pots),
        fc.double({ min: 0.5, max: 12, noNaN: true }),
        fc.double({ min: 0.5, max: 2, noNaN: true }),
        fc.array(fc.tuple(hour, litre), { maxLength: 6 }),
        fc.boolean(),
        (pot, dailyMm, thirst, given, isVisited) => {
          const givenL = new Float64Array(HOURS)
          for (const [when, litres] of given) givenL[when]! += litres
          const events = { givenL, visitH: isVisited ? dailyVisits(HOURS) : none.visitH }
          const leaf = { leafM2: 0.3, openM2: 0.04, wallM2: 0.05 }
          const [quiet, gone] = [0, 1e-13].map((rainL) =>
            simulateWater(pot, steadyWeather(DAYS, dailyMm, { ...leaf, rainL }), events, {
              thirst,
            }),
          )
          for (const row of ['missingL', 'usedL', 'hadShare', 'driestShare', 'givenL'] as const)
            for (let index = 0; index < HOURS; index++)
              expect(Math.abs(quiet![row][index]! - gone![row][index]!)).toBeLessThan(1e-9)
        },
      ),
      { numRuns: 60 },
    )
  })
})
