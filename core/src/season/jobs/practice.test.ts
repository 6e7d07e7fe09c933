import { describe, expect, test } from '@jest/globals'
import { gardenIn, type TownName } from '../../../test/places'
import { typicalContainer, type Container } from '../../container'
import type { Garden, GardenRecord, UndatedRecord } from '../../garden'
import { addDays, daysBetween } from '../../units'
import type { DailyWeather } from '../../weather'
import { jobsBetween, plantingCard, type Job, type JobKind } from '.'

// All that is asked here is common practice among gardeners, with no source, unless it says otherwise.

const NOW = '2026-06-18T08:00'
const TODAY = '2026-06-18'
let number = 0
const record = (at: string, more: UndatedRecord): GardenRecord => ({
  id: `r${number++}`,
  at: `${at}T08:00`,
  containerId: 'k',
  ...more,
})
const planted = (
  varietyId: string,
  {
    town = 'kent',
    plantedOn = '2026-05-20',
    container,
  }: Partial<{
    town: TownName
    plantedOn: string
    container: Partial<Container> & Pick<Container, 'type'>
  }> = {},
  records: readonly GardenRecord[] = [],
): Garden => ({
  ...gardenIn(town, { varietyId, plantedOn }, container),
  records: [...records],
})
const season = (garden: Garden, now = NOW) => jobsBetween(garden, now, '2026-01-01', '2027-06-30')
const of = (jobs: readonly Job[], kind: JobKind) => jobs.filter((job) => job.kind === kind)
const days = (jobs: readonly Job[]) => jobs.map(({ dueOn }) => dueOn)
const gaps = (jobs: readonly Job[]) =>
  days(jobs)
    .slice(1)
    .map((on, index) => daysBetween(days(jobs)[index]!, on))
/** Days from today on, all alike but for what is changed of some. */
const forecast = (
  count: number,
  changed: Readonly<Record<number, Partial<DailyWeather>>> = {},
): DailyWeather[] =>
  Array.from({ length: count }, (_, day) => ({
    date: addDays(TODAY, day),
    tempMaxC: 23,
    tempMinC: 13,
    windMS: 1.5,
    rainMm: 0,
    ...changed[day],
  }))

describe('from seed to pot', () => {
  const early = '2026-02-01T08:00'
  const at = (varietyId: string, lastFrost = '05-10') => {
    const garden = planted(varietyId, { plantedOn: '2026-05-20' })
    return season({ ...garden, place: { ...garden.place, lastFrost } }, early)
  }
  const weeksBeforeFrost = (jobs: readonly Job[]) =>
    of(jobs, 'sow').map(({ window }) => daysBetween(window.from, '2026-05-10') / 7)[0]!
  test('sown 6–8 weeks before the last frost, slow chillies sooner', () => {
    expect(weeksBeforeFrost(at('vineSalad'))).toBeGreaterThanOrEqual(5)
    expect(weeksBeforeFrost(at('vineSalad'))).toBeLessThanOrEqual(8.5)
    const weeksInTrays = (varietyId: string) => {
      const jobs = at(varietyId)
      return daysBetween(of(jobs, 'sow')[0]!.window.from, of(jobs, 'plant')[0]!.dueOn) / 7
    }
    expect(weeksInTrays('veryHotPepper')).toBeGreaterThanOrEqual(weeksInTrays('vineSalad') + 2)
  })
  test('hardened off over 7–10 days, each longer out than the one before, up to the day it is planted', () => {
    const jobs = at('vineSalad')
    const out = of(jobs, 'hardenOff')
    expect(out.length).toBeGreaterThanOrEqual(7)
    expect(out.length).toBeLessThanOrEqual(10)
    const hours = out.map(({ amounts }) => amounts[0]!.value)
    expect(hours).toEqual([...hours].sort((one, other) => one - other))
    expect(days(out).at(-1)! < of(jobs, 'plant')[0]!.dueOn).toBe(true)
  })
  test('planted one to two weeks after the last frost, in the evening', () => {
    const [plant] = of(at('vineSalad'), 'plant')
    expect(daysBetween('2026-05-10', plant!.dueOn)).toBeGreaterThanOrEqual(7)
    expect(daysBetween('2026-05-10', plant!.dueOn)).toBeLessThanOrEqual(14)
    expect(plant!.hour).toBeGreaterThanOrEqual(17)
  })
  test('the gardener’s own last frost goes before that of the years', () => {
    const [late] = of(at('vineSalad', '05-28'), 'plant')
    expect(daysBetween('2026-05-28', late!.dueOn)).toBeGreaterThanOrEqual(7)
  })
  test('a cold night ahead puts planting off, and says so', () => {
    const cold = {
      ...planted('vineSalad', { plantedOn: TODAY }),
      weather: forecast(8, { 1: { tempMinC: 3 }, 2: { tempMinC: 3 } }),
    }
    const [plant] = of(season(cold), 'plant')
    expect(plant!.dueOn > TODAY).toBe(true)
    expect(plant!.reasons.map(({ code }) => code)).toContain('job.plant.waits')
  })
  test('a mix that was measured too cold holds planting back, by the gardener’s way', () => {
    const measured = (tempC: number, soilC: 7 | 16) => {
      const probe = record(TODAY, { kind: 'probe', moistureShare: 0.4, depthMm: 100, tempC })
      const garden = {
        ...planted('vineSalad', { plantedOn: TODAY, town: 'seville' }, [probe]),
        weather: forecast(8),
      }
      return of(season({ ...garden, ways: { garden: { soilC } } }), 'plant')[0]!
    }
    expect(measured(12, 16).held?.code).toBe('job.hold.coldMix')
    expect(measured(12, 7).held).toBeUndefined()
  })
  test('who buys plants in June is not asked to sow', () =>
    expect(of(season(planted('vineSalad', { plantedOn: '2026-06-24' })), 'sow')).toEqual([]))
})

describe('the planting card', () => {
  const card = (varietyId: string, type: Container['type'] = 'halfBarrel') =>
    plantingCard(planted(varietyId, { container: { type } }), 'p', '2026-05-20')
  test('a tomato goes in by a third to two thirds of its 13–20 cm, a pepper barely', () => {
    expect(card('vineSalad').buryMm).toBeGreaterThanOrEqual(180 / 3)
    expect(card('vineSalad').buryMm).toBeLessThanOrEqual((180 * 2) / 3)
    expect(card('padron').buryMm).toBeLessThanOrEqual(20)
    expect(card('padron').leavesOff.count).toBe(0)
  })
  test('soaked one to two hours before, a flat bag a day', () => {
    expect(card('vineSalad').soakHoursBefore).toEqual({ from: 1, to: 2 })
    expect(card('bushCherry', 'flatBag').soakHoursBefore).toEqual({ from: 24, to: 24 })
  })
  test('chips at the bottom are a layer of a deep box where its gardener goes that way, and come first', () => {
    const layers = { fillerMm: 120, poorSoilMm: 0 }
    const garden = planted('vineSalad', { container: { type: 'deepBox', layers } })
    const first = (chipsBelow: 'no' | 'counted') =>
      plantingCard({ ...garden, ways: { garden: { chipsBelow } } }, 'p', '2026-05-20').order[0]
    expect(first('counted')).toEqual({ id: 'chips', amounts: [{ what: 'mm', value: 120 }] })
    expect(first('no')!.id).toBe('soak')
  })
  test('goes by its ways: sideways it is laid, with a first feed it is watered in', () => {
    const garden = planted('vineSalad')
    const ways = {
      garden: { depth: 'sideways', firstFeed: 'atPlanting', calcium: 'atPlanting' },
    } as const
    const { order, waterIn, hole } = plantingCard({ ...garden, ways }, 'p', '2026-05-20')
    expect(order.map(({ id }) => id)).toContain('lay')
    expect(waterIn?.solution?.volumeL).toBeGreaterThan(0)
    expect(hole.map(({ product }) => product.id)).toEqual(['boneMeal'])
    const ids = order.map(({ id }) => id)
    expect(ids.indexOf('soak')).toBeLessThan(ids.indexOf('lay'))
    expect(ids.indexOf('hole')).toBeLessThan(ids.indexOf('lay'))
  })
})

describe('training', () => {
  test('side shoots weekly on a vine, two or three times on a cherry, never on a bush', () => {
    const vine = of(season(planted('vineSalad')), 'sideShoots')
    expect(vine.length).toBeGreaterThan(8)
    for (const gap of gaps(vine)) expect(gap).toBe(7)
    const cherry = of(season(planted('vineCherry')), 'sideShoots')
    expect([2, 3]).toContain(cherry.length)
    expect(of(season(planted('bushCherry')), 'sideShoots')).toEqual([])
  })
  test('chillies are tipped at 20 and 40 cm, once or never by other ways, and sweet peppers are not', () => {
    const tips = (tipping?: 'once' | 'never', varietyId = 'smallChilli') => {
      const garden = planted(varietyId, { town: 'seville' })
      return of(season({ ...garden, ...(tipping && { ways: { garden: { tipping } } }) }), 'tip')
    }
    expect(tips().map(({ amounts }) => amounts[0]!.value)).toEqual([200, 400])
    expect(tips('once').map(({ amounts }) => amounts[0]!.value)).toEqual([200])
    expect(tips('never')).toEqual([])
    expect(tips(undefined, 'sweetBlock')).toEqual([])
  })
  test('a support stands by 20 cm of height, none for a dwarf, and none again where one stands', () => {
    const ways = { garden: { staking: 'at15to20cm' } } as const
    const jobs = season({ ...planted('hotPepper', { town: 'seville' }), ways }, '2026-05-20T20:00')
    const [stake] = of(jobs, 'support')
    expect(stake!.window.to <= of(jobs, 'tip')[0]!.window.from).toBe(true)
    expect(of(season(planted('dwarfCherry')), 'support')).toEqual([])
    const caged = planted('bushCherry', {}, [
      record('2026-05-21', { kind: 'support', support: 'cage', heightMm: 900 }),
    ])
    expect(of(season(caged), 'support').map(({ state }) => state)).toEqual(['done'])
    expect(of(season(caged), 'tie')).toEqual([])
  })
  test('open flowers are shaken every two or three days where no wind comes, and not in the open', () => {
    const sheltered = { type: 'halfBarrel', exposure: 'sheltered' } as const
    const shaken = of(season(planted('vineSalad', { container: sheltered })), 'shake')
    expect(shaken.length).toBeGreaterThan(5)
    for (const gap of gaps(shaken)) expect(gap).toBeGreaterThanOrEqual(2)
    expect(gaps(shaken).filter((gap) => gap <= 3).length).toBeGreaterThan(3)
    expect(of(season(planted('vineSalad')), 'shake')).toEqual([])
  })
  test('stopped after so many trusses as the way has it', () => {
    const at = (stopAt: number) =>
      of(season({ ...planted('vineSalad'), ways: { garden: { stopAt } } }), 'stopTop')[0]!.dueOn
    expect(at(3) < at(5)).toBe(true)
  })
})

describe('mix and mulch', () => {
  test('mulch of 2.5–5 cm, grass thinner, its litres those of the surface', () => {
    const [mulch] = of(season(planted('vineSalad')), 'mulch')
    const [depth, litres] = mulch!.amounts
    expect(depth!.value).toBeGreaterThanOrEqual(25)
    expect(depth!.value).toBeLessThanOrEqual(50)
    // The half barrel's surface, a circle of its inner width at the fill line, is about 0.3 m².
    expect(litres!.value / (depth!.value / 100)).toBeGreaterThan(20)
    const grass = { ...planted('vineSalad'), ways: { garden: { mulch: 'grass' as const } } }
    expect(of(season(grass), 'mulch')[0]!.amounts[0]!.value).toBeLessThan(depth!.value)
  })
  test('a part-filled pot is topped up as a tomato grows, every few weeks, and not under a pepper', () => {
    const { fillMm } = typicalContainer('halfBarrel')
    const half = { type: 'halfBarrel', fillMm: fillMm / 2 } as const
    const [top] = of(season(planted('vineSalad', { container: half })), 'topUp')
    expect(top!.amounts[0]!.what).toBe('L')
    expect(top!.amounts[0]!.value).toBeGreaterThan(5)
    expect(of(season(planted('padron', { container: half })), 'topUp')).toEqual([])
    expect(of(season(planted('vineSalad')), 'topUp')).toEqual([])
    const filled = planted('vineSalad', { container: half }, [
      record(TODAY, { kind: 'topUp', volumeL: 8 }),
    ])
    const next = of(season(filled), 'topUp').filter(({ state }) => state !== 'done')
    expect(daysBetween(TODAY, next[0]!.dueOn)).toBeGreaterThanOrEqual(14)
  })
  test('pH is measured a week after lime', () => {
    const limed = planted('vineSalad', {}, [record('2026-06-14', { kind: 'lime', massG: 30 })])
    expect(days(of(season(limed), 'measurePh'))).toEqual(['2026-06-21'])
  })
})

describe('weather', () => {
  const out = (
    varietyId: string,
    changed: Readonly<Record<number, Partial<DailyWeather>>>,
    container: Partial<Container> & Pick<Container, 'type'> = { type: 'pot' },
  ) => season({ ...planted(varietyId, { container }), weather: forecast(9, changed) })
  test('frost is told the evening before', () => {
    const [cover] = of(out('vineSalad', { 3: { tempMinC: -1 } }), 'coverOn')
    expect(cover!.dueOn).toBe(addDays(TODAY, 2))
    expect(cover!.hour).toBeGreaterThanOrEqual(17)
  })
  test('peppers come in before a night under 10 °C, tomatoes do not', () => {
    expect(days(of(out('padron', { 2: { tempMinC: 8 } }), 'moveIn'))[0]).toBe(addDays(TODAY, 1))
    expect(of(out('vineSalad', { 2: { tempMinC: 8 } }), 'moveIn')).toEqual([])
  })
  test('shade goes up before 35 °C, and in a heat wave nothing is cut', () => {
    const hot = { 0: { tempMaxC: 36 }, 1: { tempMaxC: 37 }, 2: { tempMaxC: 36 } }
    const jobs = out('vineSalad', hot)
    expect(of(jobs, 'shadeOn').map(({ state }) => state)).toEqual(['due'])
    const cuts = jobs.filter(
      ({ kind, dueOn }) => dueOn === TODAY && ['sideShoots', 'lowerLeaves', 'tip'].includes(kind),
    )
    for (const { state, held } of cuts)
      expect([state, held?.code]).toEqual(['held', 'job.hold.heat'])
  })
  test('wind that would tip a tall plant in a small pot is told before it comes', () => {
    const august = '2026-08-18'
    const windOn = (windMS: number): DailyWeather[] =>
      forecast(9, { 2: { windMS } }).map((day, index) => ({ ...day, date: addDays(august, index) }))
    const tall = planted('vineSalad', { plantedOn: '2026-04-20', container: { type: 'bucket' } })
    const secured = (windMS: number) =>
      of(season({ ...tall, weather: windOn(windMS) }, `${august}T08:00`), 'secure')
    expect(days(secured(9))).toEqual([addDays(august, 1)])
    expect(secured(1.5)).toEqual([])
  })
})

describe('the end', () => {
  test('ripe fruit every two or three days, then all that is green before frost', () => {
    const jobs = season(planted('vineSalad', { town: 'vienna' }))
    const picks = of(jobs, 'pick')
    expect(picks.length).toBeGreaterThan(5)
    for (const gap of gaps(picks).slice(0, -1)) expect(gap).toBeLessThanOrEqual(3)
    const [out] = of(jobs, 'pullOut')
    expect(picks.at(-1)!.dueOn).toBe(addDays(out!.dueOn, -1))
    expect(picks.at(-1)!.reasons[0]!.code).toBe('job.pick.green')
  })
  test('nothing is picked before what was sprayed allows it', () => {
    const sprayed = planted('vineSalad', { plantedOn: '2026-03-20', town: 'seville' }, [
      record('2026-06-17', { kind: 'spray', intervalDays: 7 }),
    ])
    const [pick] = of(season(sprayed), 'pick').filter(({ state }) => state === 'held')
    expect(pick!.held!.code).toBe('job.hold.sprayed')
  })
  test('a pot whose plant is out is recharged, one whose plant was ill is washed instead', () => {
    const gone = (why: 'cropOver' | 'disease') =>
      season(
        planted('bushCherry', {}, [record('2026-06-15', { kind: 'remove', plantingId: 'p', why })]),
      )
    expect(of(gone('cropOver'), 'recharge')).toHaveLength(1)
    expect(of(gone('disease'), 'recharge')).toEqual([])
    expect(of(gone('disease'), 'wash')).toHaveLength(1)
  })
})

test.each([
  ['kent', '2026-03-05', '2026-05-20', ['sow']],
  ['kent', '2026-06-18', '2026-05-20', ['support', 'sideShoots', 'lookOver']],
  ['vienna', '2026-10-15', '2026-05-20', ['pick']],
  ['adelaide', '2026-08-20', '2026-10-20', ['sow']],
  ['adelaide', '2026-12-18', '2026-10-20', ['sideShoots', 'lookOver']],
  ['singapore', '2026-06-18', '2026-05-01', ['sideShoots', 'lookOver']],
] as const)('a new user in %s on %s has sensible jobs', (town, today, plantedOn, wanted) => {
  const garden = planted('vineSalad', { town, plantedOn })
  const kinds = new Set(
    jobsBetween(garden, `${today}T08:00`, today, addDays(today, 21)).map(({ kind }) => kind),
  )
  for (const kind of wanted) expect(kinds).toContain(kind)
  if (plantedOn > today)
    for (const kind of ['tie', 'pick', 'water'] as const) expect(kinds).not.toContain(kind)
})
