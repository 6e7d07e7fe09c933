// What speaks against a feed on a day.
import { describe, expect, test } from '@jest/globals'
import { feed } from '../../test/feeding'
import { feedHolds, isHeld, type HoldFacts } from '.'

const fine: HoldFacts = {
  tempMaxC: 26,
  missingL: 0.5,
  safeL: 3,
  daysSincePlanting: 45,
  seasonDays: 200,
  daysSinceFeed: 14,
  daysSinceSame: undefined,
  timesLabel: 0.8,
  ecDsM: 1.2,
  saltLimitEc: 3.5,
  isShortOfCalcium: false,
  isPhKnown: true,
  hasAmmonium: false,
  hasAsh: false,
  daysToHarvest: 120,
}
const codes = (id: string, more: Partial<HoldFacts> = {}) =>
  feedHolds(feed(id), { ...fine, ...more }).map(({ code }) => code)

describe('on a good day', () => {
  test('nothing speaks against a liquid feed', () => expect(codes('tomatoFeed')).toEqual([]))
  test('care is asked for, and nothing held back, with bone and blood meal and dogs', () => {
    for (const id of ['boneMeal', 'bloodMeal']) {
      const holds = feedHolds(feed(id), fine)
      expect(holds.map(({ code }) => code)).toEqual(expect.arrayContaining(['dogs', 'dust']))
      expect(isHeld(holds)).toBe(false)
    }
  })
})

describe('held back (practice)', () => {
  test.each<[string, string, Partial<HoldFacts>]>([
    ['in a heat wave', 'heatWave', { tempMaxC: 35 }],
    ['on a dry mix: water first', 'dryMix', { missingL: 4 }],
    ['on plants just set out', 'freshTransplant', { daysSincePlanting: 2 }],
    ['on a salty mix', 'salty', { ecDsM: 4 }],
  ])('%s', (_when, code, more) => {
    const holds = feedHolds(feed('tomatoFeed'), { ...fine, ...more })
    expect(holds.map((one) => one.code)).toContain(code)
    expect(isHeld(holds)).toBe(true)
  })
  test('controlled release after mid season, and not before it', () => {
    expect(codes('controlledRelease', { daysSincePlanting: 120 })).toContain('controlledLate')
    expect(codes('controlledRelease', { daysSincePlanting: 1 })).toEqual([])
  })
  test('what is no feed at all: neem, copper', () => {
    for (const id of ['neemOil', 'copperDust']) {
      expect(codes(id)).toEqual(['notFeed'])
      expect(isHeld(feedHolds(feed(id), fine))).toBe(true)
    }
  })
})

test('a dry ring where no reservoir is below is held back; an additive is no feed and no poison', () => {
  const holds = feedHolds(feed('balancedGranular'), { ...fine, isRingWashedIn: true })
  expect(isHeld(holds)).toBe(true)
  expect(holds.map(({ code }) => code)).toContain('ringNoReservoir')
  expect(isHeld(feedHolds(feed('wettingAgent'), { ...fine, tempMaxC: 40, ecDsM: 9 }))).toBe(false)
})
test('what is brewed at home comes with its hygiene, and has no label to be over', () => {
  const tea = feedHolds(feed('manureTea'), { ...fine, timesLabel: 3 }).map(({ code }) => code)
  expect(tea).toEqual(expect.arrayContaining(['homeMade', 'manure']))
  expect(tea).not.toContain('overLabel')
})

describe('warned of, and left to the gardener', () => {
  const warned = (id: string, code: string, more: Partial<HoldFacts>) => {
    const hold = feedHolds(feed(id), { ...fine, ...more }).find((one) => one.code === code)
    expect(hold?.level).toBe('warn')
    return hold!
  }
  test('too close to the last feed, by its label', () => {
    warned('tomatoFeed', 'tooClose', { daysSinceSame: 4 })
    // Another feed may follow in the next week, but not on its heels.
    expect(codes('tomatoFeed', { daysSinceFeed: 6 })).toEqual([])
    warned('tomatoFeed', 'tooClose', { daysSinceFeed: 1 })
  })
  test('a weak feed may go twice a week, and two fifths of the label with any watering (practice)', () => {
    expect(codes('tomatoFeed', { daysSinceFeed: 3, daysSinceSame: 3, timesLabel: 0.42 })).toEqual(
      [],
    )
    expect(codes('tomatoFeed', { daysSinceFeed: 1, daysSinceSame: 1, timesLabel: 0.4 })).toEqual([])
    warned('tomatoFeed', 'tooClose', { daysSinceSame: 2, daysSinceFeed: 2, timesLabel: 0.6 })
  })
  test('more than the label allows, and how many times', () =>
    expect(warned('tomatoFeed', 'overLabel', { timesLabel: 2.5 }).reason.params).toEqual({
      times: 2.5,
    }))
  test('Epsom salt where calcium is short, and not where it is not', () => {
    warned('epsomSalt', 'epsomCalcium', { isShortOfCalcium: true })
    expect(codes('epsomSalt')).toEqual([])
    expect(codes('dolomitic', { isShortOfCalcium: true })).not.toContain('epsomCalcium')
  })
  test('lime without a measured pH', () => {
    warned('ground', 'limeNoPh', { isPhKnown: false })
    expect(codes('ground')).not.toContain('limeNoPh')
  })
  test('wood ash with ammonium, either way round', () => {
    warned('woodAsh', 'ashAmmonium', { hasAmmonium: true })
    warned('balancedGranular', 'ashAmmonium', { hasAsh: true })
    expect(codes('calciumNitrate', { hasAsh: true })).not.toContain('ashAmmonium')
  })
  test('manure, with the days that raw manure wants before harvest (7 CFR 205.203: 90)', () => {
    const manure = feedHolds(feed('poultryPellets'), { ...fine, daysToHarvest: 30 }).find(
      ({ code }) => code === 'manure',
    )!
    expect(manure.reason.params).toEqual({ dayCount: 30, leastCount: 90 })
    expect(manure.reason.provenance?.mark).toBe('published')
  })
})
