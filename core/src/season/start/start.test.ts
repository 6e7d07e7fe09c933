import { describe, expect, test } from '@jest/globals'
import { demo } from '../../../test/demo'
import { normalsOf, towns, type TownName } from '../../../test/places'
import { usualContainers, type Container } from '../../container'
import { emptyGarden, exportReminder, type Garden } from '../../garden'
import { judgeFit } from '../../fit'
import { catalogue } from '../../plant'
import { daysBetween } from '../../units'
import { gardenToday, kindsToGrow, nextDates, plantingDayOf, unknownsOf, whichGoesWhere } from '..'

const potOf = (usualId: string, code: string): Container => {
  const usual = usualContainers.find(({ id }) => id === usualId)!
  return {
    ...usual.measures,
    id: code,
    code,
    name: usualId,
    type: usual.type,
    spaceId: 'space-1',
    recipeId: 'thirds',
    mulchMm: 0,
    exposure: 'open',
    isTypical: true,
  }
}
const begun = (town: TownName, ...pots: string[]): Garden => ({
  ...emptyGarden('g', 'Mine', 'Balcony', {
    place: { name: town, longitudeDeg: 0, ...towns[town] },
    guessed: normalsOf(town),
    settings: {},
  }),
  containers: pots.map((id, index) => potOf(id, `P${index + 1}`)),
})
const variety = (id: string) => catalogue.find((one) => one.id === id)!

describe('which goes where', () => {
  test('what needs most room has the first choice; the others the smallest pot they do well in', () => {
    const garden = begun('hull', 'pot30', 'fabric20', 'bucket')
    const { placed, leftOut } = whichGoesWhere(garden, [
      { varietyId: 'dwarfCherry', count: 1 },
      { varietyId: 'vineCherry', count: 1 },
      { varietyId: 'bushCherry', count: 1 },
    ])
    expect(leftOut).toEqual([])
    expect(Object.fromEntries(placed.map((one) => [one.varietyId, one.containerId]))).toEqual({
      vineCherry: 'P2',
      bushCherry: 'P3',
      dwarfCherry: 'P1',
    })
    for (const { judgement } of placed) expect(judgement.value).toBeGreaterThan(0)
  })
  test('no two plants could change places and give more together', () => {
    const garden = begun('hull', 'pot20', 'pot30', 'bucket', 'fabric7', 'fabric15', 'pot45')
    const wanted = [
      'vineBeefsteak',
      'hotPepper',
      'dwarfCherry',
      'bushPlum',
      'smallChilli',
      'vineCherry',
    ]
    const { placed } = whichGoesWhere(
      garden,
      wanted.map((varietyId) => ({ varietyId, count: 1 })),
    )
    const worth = (varietyId: string, containerId: string) =>
      judgeFit({
        variety: variety(varietyId),
        container: garden.containers.find(({ id }) => id === containerId)!,
        count: 1,
        school: 'house',
      }).value
    const sum = (order: readonly string[]) =>
      order.reduce((total, id, index) => total + worth(id, placed[index]!.containerId), 0)
    const found = placed.map(({ varietyId }) => varietyId)
    for (const [one, other] of wanted.flatMap((_, a) =>
      wanted.map((_other, b) => [a, b] as const),
    )) {
      const swapped = [...found]
      swapped[one] = found[other]!
      swapped[other] = found[one]!
      expect(sum(swapped)).toBeLessThanOrEqual(sum(found) + 0.0101)
    }
  })
  test('pots that hold a plant already are left alone, and what finds no room is told', () => {
    const garden = begun('hull', 'pot20', 'pot20')
    const planting = {
      id: 'p',
      containerId: 'P1',
      varietyId: 'dwarfCherry',
      count: 1,
      plantedOn: '2026-06-01',
    }
    const { placed, leftOut } = whichGoesWhere({ ...garden, plantings: [planting] }, [
      { varietyId: 'vineBeefsteak', count: 3 },
    ])
    expect(placed.map(({ containerId }) => containerId)).toEqual(['P2'])
    expect(placed[0]!.judgement.verdict).toBe('poor')
    expect(leftOut).toEqual(['vineBeefsteak', 'vineBeefsteak'])
  })
  test('every kind stands in one group', () => {
    const ids = kindsToGrow.flatMap(({ kinds }) => kinds.map(({ id }) => id))
    expect(new Set(ids).size).toBe(ids.length)
    expect(
      kindsToGrow.find(({ group }) => group === 'chilli')!.kinds.map(({ id }) => id),
    ).toContain('smallChilli')
  })
})

describe('when a plant goes in', () => {
  const dayIn = (town: TownName, today: string, id = 'vineCherry') => {
    const garden = begun(town, 'fabric10')
    return plantingDayOf(garden, garden.containers[0]!, variety(id), today)
  }
  // Common practice in these climates: out after mid-May in the north of Europe, from August or September on where
  // winter is mild in the south, in late winter in the low desert, and at any time in the wet tropics.
  test.each([
    ['hull', '2026-03-14', false, '05', '06'],
    ['hull', '2026-06-14', true, '06', '06'],
    ['hull', '2026-12-14', false, '05', '06'],
    ['vienna', '2026-10-14', false, '04', '05'],
    ['phoenix', '2026-12-14', false, '01', '03'],
    ['adelaide', '2026-06-14', false, '08', '10'],
    ['adelaide', '2026-12-14', true, '12', '12'],
    ['singapore', '2026-12-14', true, '12', '12'],
  ] as const)('%s on %s: now %s, between months %s and %s', (town, today, isNow, from, to) => {
    const day = dayIn(town, today)
    expect(day.isNow).toBe(isNow)
    expect([from <= day.on.slice(5, 7), day.on.slice(5, 7) <= to]).toEqual([true, true])
    expect(day.on >= today).toBe(true)
    expect(daysBetween(today, day.on)).toBeLessThan(366)
    expect(day.reasons).toHaveLength(1)
  })
  test('what ripens late goes in no more where what is quick still does', () => {
    expect(dayIn('vienna', '2026-07-20', 'dwarfCherry').isNow).toBe(true)
    expect(dayIn('vienna', '2026-07-20', 'veryHotPepper').isNow).toBe(false)
  })
})

test('the next dates are in order, near, and neither water nor feed', () => {
  const garden = begun('hull', 'fabric10')
  const planting = {
    id: 'p',
    containerId: 'P1',
    varietyId: 'vineCherry',
    count: 1,
    plantedOn: '2027-05-25',
  }
  const dates = nextDates({ ...garden, plantings: [planting] }, '2026-12-14T08:00')
  expect(dates).toHaveLength(3)
  expect(dates.map(({ on }) => on)).toEqual(dates.map(({ on }) => on).sort())
  expect(dates[0]!.kind).toBe('sow')
  expect(dates[0]!.on.slice(0, 7) >= '2027-02' && dates[0]!.on.slice(0, 7) <= '2027-04').toBe(true)
  expect(nextDates(garden, '2026-12-14T08:00')).toEqual([])
})

test('today of a garden just begun: plants drink, and it is said that the day is a usual one', () => {
  const garden = begun('hull', 'fabric10')
  const plantings = [
    { id: 'p', containerId: 'P1', varietyId: 'vineCherry', count: 1, plantedOn: '2026-06-14' },
  ]
  const today = gardenToday({ ...garden, plantings }, '2026-06-14T08:00')
  expect(today.source).toBe('typical')
  expect(today.pots[0]!.need!.waterL).toBeGreaterThan(0)
})

describe('what is not known yet', () => {
  test('is told the most telling first, and goes when it is told', () => {
    const garden = { ...begun('hull', 'bucket') }
    const plantings = [
      { id: 'p', containerId: 'P1', varietyId: 'bushCherry', count: 1, plantedOn: '2026-06-01' },
    ]
    expect(unknownsOf({ ...garden, plantings }, '2026-06-14T08:00')).toEqual([
      'weather',
      'measures',
      'plan',
      'climate',
      'tapWater',
    ])
    const weather = [{ date: '2026-06-14', tempMaxC: 20, tempMinC: 11 }]
    expect(unknownsOf({ ...garden, plantings, weather }, '2026-06-14T08:00')).not.toContain(
      'weather',
    )
    expect(unknownsOf({ ...garden, containers: [] }, '2026-06-14T08:00')).toEqual([])
  })
  test('of the demo next to nothing', () =>
    expect(unknownsOf(demo, '2026-06-18T07:30').length).toBeLessThanOrEqual(1))
})

describe('a file that should be made', () => {
  const garden = (records: number) => ({
    containers: demo.containers,
    records: demo.records.slice(0, records),
  })
  test.each([
    [50, 14, undefined],
    [51, 0, { days: 0, records: 51 }],
    [3, 15, { days: 15, records: 3 }],
    [0, 15, { days: 15, records: 0 }],
  ])('%d records and %d days', (records, days, told) => {
    const on = `2026-06-${String(18 - days).padStart(2, '0')}`
    expect(exportReminder(garden(records), { on, records: 0 }, '2026-06-18')).toEqual(told)
  })
  test('nothing is asked where nothing was done since the last one', () =>
    expect(
      exportReminder(garden(20), { on: '2026-01-01', records: 20 }, '2026-06-18'),
    ).toBeUndefined())
})
