// Great heat, dry air and shelter: what goes short is called short, and nothing else.
import { describe, expect, test } from '@jest/globals'
import { gardenIn } from '../../test/places'
import type { Container } from '../container'
import { heatCondition, type SpotConditions } from '../fit'
import type { Garden } from '../garden'
import { openShelter, openDay, weatherAt } from '../place'
import { addDays, datesFrom, daysBetween } from '../units'
import { survivesAway } from '../water'
import { gardenCourse, gardenToday, siteOf } from '.'

const TODAY = '2026-07-15'
const HOT_FROM = '2026-07-10'

/** A pot whose plants were planted in April, and such days since the tenth of July. */
function inHeat(
  tempMaxC: number,
  tempMinC: number,
  varietyId: string,
  container: Partial<Container> & Pick<Container, 'type'>,
): Garden {
  const weather = datesFrom('2026-04-15', 110).map((date) => ({
    date,
    ...(date < HOT_FROM ? { tempMaxC: 25, tempMinC: 15 } : { tempMaxC, tempMinC }),
    radiationMjM2: 24,
    windMS: 2,
  }))
  return { ...gardenIn('seville', { varietyId, plantedOn: '2026-04-20' }, container), weather }
}
const planOf = (garden: Garden) => gardenToday(garden, `${TODAY}T07:00`).pots[0]!
const round = (across: number, height: number) => ({
  shape: {
    kind: 'round' as const,
    topDiameterMm: across,
    bottomDiameterMm: across * 0.9,
    heightMm: height,
  },
  fillMm: height - 40,
})
const sixtyLitres = { type: 'pot' as const, ...round(470, 430) }
const tenLitres = { type: 'pot' as const, ...round(250, 260), exposure: 'windy' as const }
const basket = { type: 'basket' as const, baseHeightMm: 1500 }

describe('what goes short in heat', () => {
  test.each([
    [34, 22],
    [38, 25],
    [42, 28],
  ])(
    'at %d over %d °C sixty litres with one vine last from one morning to the next',
    (high, low) => {
      const { plan, volumes } = planOf(inHeat(high, low, 'moneymaker', sixtyLitres))
      expect(volumes.fillVolumeL).toBeGreaterThan(55)
      expect(plan!.fullForH!).toBeGreaterThanOrEqual(24)
      expect(plan!.isTooSmall).toBe(false)
    },
  )
  test('ten litres with the same vine in hot wind do not: they are watered in the evening as well', () => {
    const { plan } = planOf(inHeat(40, 26, 'moneymaker', tenLitres))
    expect(plan!.fullForH!).toBeLessThan(30)
    expect(plan!.eveningL).toBeGreaterThan(0.5)
  })
  test('the hotter the day, the sooner it is short, and never by the moment alone', () => {
    const hours = [26, 30, 34, 38, 42].map(
      (high) => planOf(inHeat(high, high - 12, 'moneymaker', { type: 'bucket' })).plan!.fullForH!,
    )
    hours.slice(1).forEach((one, index) => expect(one).toBeLessThanOrEqual(hours[index]!))
  })
  test('a basket: never a day without; one dry day at 32 °C is its last (practice)', () => {
    const garden = inHeat(32, 20, 'trailingCherry', basket)
    const course = gardenCourse(garden, `${TODAY}T07:00`)
    const [pot] = course.pots
    const { weather } = pot!.ofWater
    const hours = weather.days * 24
    const away = (days: number) =>
      survivesAway(
        pot!.water,
        weather,
        { givenL: new Float64Array(hours), visitH: new Uint8Array(hours) },
        { leavesAtHour: daysBetween(course.from, TODAY) * 24 + 7, days },
      )
    expect(away(1).verdict).not.toBe('lost')
    expect(away(2).verdict).toBe('lost')
    expect(away(2).wiltsAfterH!).toBeLessThan(34)
  })
  test('what hangs has air all round it and draws more than what stands', () => {
    const need = (container: Parameters<typeof inHeat>[3]) =>
      planOf(inHeat(30, 18, 'trailingCherry', container)).need!
    const windOf = (container: Parameters<typeof inHeat>[3]) =>
      need(container).reasons.find(({ code }) => code === 'water.transpiration')!.params[
        'windFactor'
      ]
    expect(Number(windOf(basket))).toBeGreaterThan(Number(windOf({ type: 'pot' })))
  })
})

describe('shelter', () => {
  const place = gardenIn('kent', { varietyId: 'stupice', plantedOn: '2026-05-20' }).place
  const here = (windShare: number, windMS?: number) =>
    weatherAt(
      { ...openShelter, windShare },
      openDay(
        { date: TODAY, tempMaxC: 30, tempMinC: 17, ...(windMS === undefined ? {} : { windMS }) },
        place,
      ),
    )
  test('counts on days of which the wind is not known as on those of which it is', () => {
    for (const share of [0.4, 0.7, 1]) {
      expect(here(share).windMS).toBeCloseTo(here(share, 2).windMS, 12)
      expect(here(share).windMS).toBeCloseTo(2 * share, 12)
    }
  })
})

describe('roots in hot pots', () => {
  const black = { type: 'bucket' as const, colour: 'black' as const, material: 'plastic' as const }
  const costIn = (name: 'hull' | 'seville' | 'phoenix') => {
    const garden = gardenIn(name, { varietyId: 'stupice', plantedOn: '2026-05-20' }, black)
    const { conditions } = siteOf(garden, garden.containers[0]!, 2026)
    return 1 - heatCondition(garden.containers[0]!, conditions).factor
  }
  test('cost next to nothing in Hull, and the more the hotter the season', () => {
    expect(costIn('hull')).toBeLessThan(0.01)
    expect(costIn('seville')).toBeGreaterThan(costIn('hull'))
    expect(costIn('phoenix')).toBeGreaterThan(costIn('seville'))
  })
  test('one hot day in a season costs less than a season of them', () => {
    const garden = gardenIn('hull', { varietyId: 'stupice', plantedOn: '2026-05-20' }, black)
    const { conditions } = siteOf(garden, garden.containers[0]!, 2026)
    const hot = { tempMaxC: 38, tempMinC: 22, sunHours: 9 }
    const factor = (season: NonNullable<SpotConditions['season']>) =>
      heatCondition(garden.containers[0]!, { ...conditions, hot, season }).factor
    const once = [hot, ...conditions.season!.slice(1)]
    expect(factor(once)).toBeGreaterThan(factor(once.map(() => hot)) + 0.02)
    expect(factor(once)).toBeLessThan(1)
  })
  test('with one day typed that was hot for once, the season stays as the place has it', () => {
    const garden = gardenIn('hull', { varietyId: 'stupice', plantedOn: '2026-05-20' }, black)
    const typed = { ...garden, weather: [{ date: addDays(TODAY, -3), tempMaxC: 37, tempMinC: 20 }] }
    const of = (one: Garden) => {
      const { conditions } = siteOf(one, one.containers[0]!, 2026)
      return heatCondition(one.containers[0]!, conditions).factor
    }
    expect(of(garden) - of(typed)).toBeLessThan(0.01)
  })
})
