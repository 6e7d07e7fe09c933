import { describe, expect, test } from '@jest/globals'
import { openDay, openShelter, rectangularPlan, spotShelter, weatherAt, type Plan } from '.'

const place = { name: 'P', latitudeDeg: 44, longitudeDeg: 9, elevationM: 20, coastal: false }
/** A house to the north, nothing else. */
const before: Plan = {
  ...rectangularPlan({ widthMm: 6000, depthMm: 3000, facingDeg: 180 }),
  sides: [{ kind: 'house' }, { kind: 'open' }, { kind: 'open' }, { kind: 'open' }],
}
const recess: Plan = {
  ...before,
  sides: [
    { kind: 'house' },
    { kind: 'wall', heightMm: 2600 },
    { kind: 'parapet', solidMm: 1000, railMm: 1000 },
    { kind: 'wall', heightMm: 2600 },
  ],
  slab: { heightMm: 2600, toYMm: 2000 },
}
const spot = (yMm: number, zMm = 700) => ({ xMm: 3000, yMm, zMm })
const day = {
  date: '2026-06-21',
  tempMaxC: 28,
  tempMinC: 16,
  radiationMjM2: 28,
  windMS: 3,
  rainMm: 10,
}
const here = (plan: Plan, where = spot(2500)) =>
  weatherAt(spotShelter(plan, place, where), openDay(day, place))

describe('the weather at a spot', () => {
  test('in the open it is that of the open', () => {
    const { dayOfYear, ...there } = weatherAt(openShelter, openDay(day, place))
    expect(dayOfYear).toBe(172)
    expect(there.radiationMjM2).toBeCloseTo(28, 9)
    expect({ ...there, radiationMjM2: 28 }).toMatchObject(day)
  })
  test('before a house half of the sky, more than half of the sun, nearly three quarters of the wind', () => {
    const shelter = spotShelter(before, place, spot(1500))
    expect(shelter.skyShare).toBeCloseTo(0.5, 1)
    expect(shelter.beamShares[5]).toBeGreaterThan(0.7)
    expect(shelter.windShare).toBeCloseTo(0.4 + 0.6 / 2, 1)
    expect(shelter.rainShare).toBe(1)
  })
  test('in winter the low sun from the south is all there; in a recess there is less of everything', () => {
    const [open, closed] = [before, recess].map((plan) => spotShelter(plan, place, spot(1200)))
    expect(open!.beamShares[11]).toBeGreaterThan(0.97)
    expect(closed!.beamShares[5]).toBeLessThan(open!.beamShares[5]!)
    expect(closed!.skyShare).toBeLessThan(open!.skyShare)
    expect(closed!.windShare).toBeLessThan(open!.windShare)
  })
  test('a slab keeps rain off the deeper the drier, none falls short in front of it', () => {
    const rain = (yMm: number) => here(recess, spot(yMm)).rainMm!
    expect(rain(500)).toBe(0)
    expect(rain(1600)).toBeGreaterThan(0)
    expect(rain(1600)).toBeLessThan(10)
    expect(rain(2500)).toBe(10)
    // Higher under the slab rain is driven in less far.
    expect(here(recess, spot(1600, 1800)).rainMm!).toBeLessThan(rain(1600))
  })
  test('a sunlit wall warms what is near it, more by day than by night, and not under cloud', () => {
    const [near, far] = [here(before, spot(300)), here(before, spot(2500))]
    expect(near.tempMaxC).toBeGreaterThan(far.tempMaxC)
    expect(near.tempMaxC - 28).toBeGreaterThan(near.tempMinC - 16)
    expect(near.tempMaxC).toBeLessThanOrEqual(32)
    const dull = weatherAt(
      spotShelter(before, place, spot(300)),
      openDay({ ...day, radiationMjM2: 4 }, place),
    )
    expect(dull.tempMaxC - 28).toBeLessThan(0.5)
  })
})
