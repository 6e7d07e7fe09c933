import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { made, varietyOf as variety } from '../../test/made'
import { containerVolumes } from '../container'
import { addDays, datesFrom, daysBetween } from '../units'
import { degreeDays } from '../weather'
import {
  catalogue,
  cropForecast,
  cultivars,
  fruitMassG,
  growthCourse,
  growthOn,
  habitClasses,
  NORMAL_DAY,
  setShare,
  summerDays,
  varietySchema,
  type GrowthCourse,
  type Observation,
  type PlantDay,
} from '.'

const PLANTED = '2026-04-20'
const FULL_SUN_MJ_M2 = 22
const roomy = { rootVolumeL: 300, cells: 1, plantCount: 1 }
/** Days that are all alike: those that days to maturity are told for, unless said otherwise. */
const summer = (days = 200, day: Partial<PlantDay> = {}): PlantDay[] =>
  datesFrom(PLANTED, days).map((date) => ({
    date,
    ...NORMAL_DAY,
    radiationMjM2: FULL_SUN_MJ_M2,
    ...day,
  }))
const courseOf = (
  id: string,
  weather = summer(),
  observations: readonly Observation[] = [],
  room = roomy,
): GrowthCourse =>
  growthCourse({ variety: variety(id), plantedOn: PLANTED }, room, weather, observations)
const on = (course: GrowthCourse, days: number) => growthOn(course, addDays(PLANTED, days))

describe('degree-days by hand, base 10, cap 30', () => {
  test.each([
    [28, 16, 12],
    [34, 18, 14],
    [16, 4, 3],
    [8, 2, 0],
    [40, 32, 20],
    [24, 14, 9],
  ])('%d over %d °C is %d', (tempMaxC, tempMinC, expected) =>
    expect(degreeDays({ tempMaxC, tempMinC })).toBeCloseTo(expected, 12),
  )
  test('never less than nothing, never more than the span, more in warmer days', () => {
    const temp = fc.double({ min: -20, max: 50, noNaN: true })
    fc.assert(
      fc.property(temp, fc.double({ min: 0, max: 20, noNaN: true }), (tempMinC, span) => {
        const day = { tempMinC, tempMaxC: tempMinC + span }
        const warmer = { tempMinC: tempMinC + 1, tempMaxC: day.tempMaxC + 1 }
        expect(degreeDays(day)).toBeGreaterThanOrEqual(0)
        expect(degreeDays(day)).toBeLessThanOrEqual(20)
        expect(degreeDays(warmer)).toBeGreaterThanOrEqual(degreeDays(day))
      }),
    )
  })
})

describe('the catalogue', () => {
  test('habit classes come first, ids are single, every entry is valid', () => {
    expect(catalogue.slice(0, habitClasses.length)).toEqual(habitClasses)
    expect(new Set(catalogue.map((one) => one.id)).size).toBe(catalogue.length)
    for (const one of catalogue) expect(varietySchema.safeParse(one).success).toBe(true)
  })
  test('vines are 1.8 m and more, bushes 0.9–1.2 m and less (practice)', () => {
    for (const one of cultivars.filter(({ habit }) => habit === 'indeterminate')) {
      expect(one.matureHeightMm).toBeGreaterThanOrEqual(1800)
      expect(one.matureHeightMm).toBeLessThanOrEqual(3000)
    }
    for (const one of cultivars.filter(({ habit }) => habit === 'determinate'))
      expect(one.matureHeightMm).toBeLessThanOrEqual(1200)
  })
})

describe('warmth', () => {
  /** Days from flower to ripe fruit where every hour is as warm as every other. */
  const fruitDays = (id: string, tempC: number) => {
    const [first] = courseOf(id, summer(260, { tempMaxC: tempC, tempMinC: tempC })).trusses
    return first!.ripeOn - first!.opensOn
  }
  test.each([
    [14, 95],
    [18, 65],
    [22, 46],
    [26, 42],
  ])(
    'at %d °C a tomato is ripe %d days after its flower, within a tenth (Adams, Cockshull & Cave 2001, Annals of Botany 88:869–877)',
    (tempC, days) => {
      expect(Math.abs(fruitDays('moneymaker', tempC) / days - 1)).toBeLessThan(0.1)
      expect(Math.abs(fruitDays('blackCherry', tempC) / days - 1)).toBeLessThan(0.1)
    },
  )
  test.each([
    [31, 24],
    [32, 25],
    [30, 23],
    [33, 24],
  ])(
    'in the lowland tropics, %d over %d °C, ripe 60–75 days after planting (practice)',
    (high, low) => {
      const weather = summer(200, { tempMaxC: high, tempMinC: low })
      for (const id of ['moneymaker', 'ailsaCraig']) {
        const { ripeOn } = courseOf(id, weather).trusses[0]!
        expect(ripeOn).toBeGreaterThanOrEqual(60)
        expect(ripeOn).toBeLessThanOrEqual(75)
      }
    },
  )
  test('1 on the day that it is counted in; none in the cold, less in great heat than in mild warmth', () => {
    for (const crop of ['tomato', 'pepper'] as const) {
      const at = (tempMaxC: number, tempMinC: number) => summerDays(crop, { tempMaxC, tempMinC })
      expect(at(24, 14)).toBeCloseTo(1, 12)
      expect(at(0, -5)).toBe(0)
      expect(at(12, 4)).toBeLessThan(0.35)
      expect(at(27, 18)).toBeGreaterThan(1.15)
      expect(at(42, 29)).toBeLessThan(at(30, 20))
    }
  })
})

describe('a course', () => {
  test('planted out 13–20 cm tall (practice), and not there before', () => {
    const course = courseOf('moneymaker')
    expect(on(course, 0).heightMm).toBeGreaterThanOrEqual(130)
    expect(on(course, 0).heightMm).toBeLessThanOrEqual(200)
    expect(on(course, -1)).toMatchObject({ stage: 'notSown', isStanding: false, heightMm: 0 })
  })
  test.each(cultivars.map(({ id }) => id))(
    '%s is ripe at its days to maturity in the summer they are told for',
    (id) => {
      const [first] = courseOf(id).trusses
      expect(Math.abs(first!.ripeOn + 1 - variety(id).daysToMaturity)).toBeLessThanOrEqual(1)
    },
  )
  test('goes through its stages in order, from seed to frost', () => {
    const weather = [...summer(150), ...summer(20, { tempMaxC: 6, tempMinC: -2 })].map(
      (day, index) => ({ ...day, date: addDays('2026-03-01', index) }),
    )
    const course = growthCourse(
      { variety: variety('stupice'), plantedOn: PLANTED, sownOn: '2026-03-03' },
      roomy,
      weather,
      [],
    )
    const seen = datesFrom('2026-03-01', 170).map((date) => growthOn(course, date).stage)
    expect([...new Set(seen)]).toEqual([
      'notSown',
      'sown',
      'up',
      'prickedOut',
      'hardening',
      'planted',
      'established',
      'flowering',
      'set',
      'colouring',
      'cropping',
      'done',
    ])
    expect(growthOn(course, '2026-08-17').isStanding).toBe(false)
  })
  test('hardening takes 7–10 days (practice)', () => {
    const course = growthCourse(
      { variety: variety('stupice'), plantedOn: addDays(PLANTED, 60), sownOn: PLANTED },
      roomy,
      summer(),
      [],
    )
    const days = datesFrom(PLANTED, 60).filter(
      (date) => growthOn(course, date).stage === 'hardening',
    )
    expect(days.length).toBeGreaterThanOrEqual(7)
    expect(days.length).toBeLessThanOrEqual(10)
  })
  test('grows all the while and ends at its grown height; warmth makes it quicker', () => {
    const [usual, warm] = [
      courseOf('moneymaker'),
      courseOf('moneymaker', summer(200, { tempMaxC: 29, tempMinC: 19 })),
    ]
    for (let day = 1; day < 200; day++) {
      expect(usual.heightMm[day]).toBeGreaterThanOrEqual(usual.heightMm[day - 1]!)
      expect(usual.canopyM2[day]).toBeGreaterThanOrEqual(usual.canopyM2[day - 1]!)
      expect(warm.heightMm[day]).toBeGreaterThanOrEqual(usual.heightMm[day]! - 1e-9)
    }
    expect(usual.heightMm[199]! / variety('moneymaker').matureHeightMm).toBeCloseTo(1, 2)
    expect(warm.trusses[0]!.ripeOn).toBeLessThan(usual.trusses[0]!.ripeOn - 10)
  })
  test('trusses hang on the stem, the lowest first, and carry flower, green and ripe fruit', () => {
    const { trusses, heightMm } = on(courseOf('blackCherry'), 80)
    expect(trusses.length).toBeGreaterThan(3)
    for (const truss of trusses) expect(truss.heightMm).toBeLessThan(heightMm)
    expect(trusses[0]!.heightMm).toBeLessThan(trusses[1]!.heightMm)
    expect(trusses.map(({ ripeness }) => ripeness)).toEqual(
      expect.arrayContaining(['flower', 'green', 'ripe']),
    )
  })
  test('an eighth of the mass is half the height and a quarter of the leaf', () => {
    const full = courseOf('moneymaker')
    // The root room at which Poorter's rule leaves an eighth.
    const volumeL = variety('moneymaker').fullVolumeL * (1 / 8) ** (1 / Math.log2(1.43))
    const small = courseOf('moneymaker', summer(), [], { ...roomy, rootVolumeL: volumeL })
    expect(small.heightMm[199]! / full.heightMm[199]!).toBeCloseTo(1 / 2, 2)
    expect(small.canopyM2[199]! / full.canopyM2[199]!).toBeCloseTo(1 / 4, 2)
  })
  test('half the light, half the crop; a dry spell costs time and fruit', () => {
    const usual = courseOf('rioGrande')
    // 25 mol are all it can use: half of them are 6.07 MJ/m².
    const shade = courseOf('rioGrande', summer(200, { radiationMjM2: 12.5 / (0.45 * 4.57) }))
    expect(cropForecast(shade).totalKg / cropForecast(usual).totalKg).toBeCloseTo(1 / 2, 2)
    const hadWater = new Float64Array(200).fill(1)
    hadWater.fill(0.2, 20, 40)
    const plant = { variety: variety('rioGrande'), plantedOn: PLANTED }
    const dry = growthCourse(plant, roomy, summer(), [], hadWater)
    expect(dry.trusses[0]!.ripeOn).toBe(usual.trusses[0]!.ripeOn + 16)
    expect(cropForecast(dry).totalKg).toBeLessThan(0.95 * cropForecast(usual).totalKg)
  })
  test('FAO 56 table 17: tomato 1.10 falling to 0.60–0.80, pepper 1.00 to 0.80; a vine crops on', () => {
    const coefficient = (id: string, days: number) =>
      on(courseOf(id, summer(220)), days).basalCoefficient
    expect(coefficient('rioGrande', 80)).toBeCloseTo(1.1, 9)
    expect(coefficient('rioGrande', 219)).toBeGreaterThanOrEqual(0.6)
    expect(coefficient('rioGrande', 219)).toBeLessThanOrEqual(0.8)
    expect(coefficient('padron', 80)).toBeCloseTo(1, 9)
    expect(coefficient('padron', 219)).toBeCloseTo(0.8, 9)
    expect(coefficient('moneymaker', 219)).toBeCloseTo(1.1, 9)
  })
})

describe('what was seen', () => {
  const usual = courseOf('moneymaker')
  test('a flower seen early moves the whole plant, half as much for what is to come', () => {
    const date = addDays(PLANTED, usual.trusses[0]!.opensOn - 8)
    const { trusses, development } = courseOf('moneymaker', summer(), [
      { kind: 'firstFlower', date },
    ])
    expect(development.isFlowerSeen).toBe(true)
    expect(addDays(PLANTED, trusses[0]!.opensOn)).toBe(date)
    const sooner = usual.trusses[0]!.ripeOn - trusses[0]!.ripeOn
    expect(sooner).toBeGreaterThan(8)
    expect(sooner).toBeLessThan(20)
  })
  test('ripe fruit seen is ripe that day', () => {
    const date = addDays(PLANTED, usual.trusses[0]!.ripeOn + 9)
    const { trusses } = courseOf('moneymaker', summer(), [{ kind: 'firstRipe', date }])
    expect(addDays(PLANTED, trusses[0]!.ripeOn)).toBe(date)
  })
  test('measured heights draw the curve to themselves, and narrow its band', () => {
    const tall = (count: number): Observation[] =>
      Array.from({ length: count }, (_, index) => {
        const day = 40 + 8 * index
        return { kind: 'height', date: addDays(PLANTED, day), heightMm: usual.heightMm[day]! * 1.3 }
      })
    const [one, six] = [1, 6].map((count) => courseOf('moneymaker', summer(), tall(count)))
    const ratio = (course: GrowthCourse) => course.heightMm[90]! / usual.heightMm[90]!
    expect(ratio(one!)).toBeGreaterThan(1.15)
    expect(ratio(six!)).toBeGreaterThan(ratio(one!))
    expect(ratio(six!)).toBeLessThan(1.3)
    expect(six!.height.sdShare).toBeLessThan(one!.height.sdShare)
    expect(one!.height.sdShare).toBeLessThan(usual.height.sdShare)
  })
})

describe('the crop', () => {
  const days = (course: GrowthCourse) => {
    const { weeks, totalKg } = cropForecast(course)
    let sum = 0
    const most = weeks.findIndex(({ cropKg }) => (sum += cropKg) >= 0.9 * totalKg)
    return daysBetween(weeks[0]!.from, weeks[most]!.from) + 7
  }
  test('of a bush comes within two to four weeks (practice), of a vine over months', () => {
    for (const id of ['rioGrande', 'legend', 'siletz', 'redAlert']) {
      expect(days(courseOf(id))).toBeGreaterThanOrEqual(14)
      expect(days(courseOf(id))).toBeLessThanOrEqual(28)
    }
    expect(days(courseOf('moneymaker'))).toBeGreaterThan(60)
  })
  test('sixteen fruits on a small reservoir pepper, double from a better pot (practice), lie in the band', () => {
    // Five months of such a summer, with a little more sun on a good spot.
    const season = summer(150, { radiationMjM2: 26 })
    const crop = (rootVolumeL: number) =>
      cropForecast(courseOf('sweetHorn', season, [], { ...roomy, rootVolumeL }))
    const small = crop(containerVolumes(made('reservoirBucket')).rootVolumeL)
    expect(small.leastCount).toBeLessThan(16)
    expect(small.mostCount).toBeGreaterThan(16)
    expect(crop(36).leastCount).toBeLessThan(32)
    expect(crop(36).mostCount).toBeGreaterThan(32)
  })
  test('a fifth of its water missing takes 21 % off a tomato and 22 % off a pepper (Doorenbos & Kassam 1979, FAO 33: 1.05 and 1.1)', () => {
    const left = (id: string) => {
      const course = courseOf(id)
      const short = { ...course, waterShare: course.waterShare.map(() => 0.8) }
      return cropForecast(short).totalKg / cropForecast(course).totalKg
    }
    expect(left('moneymaker')).toBeCloseTo(0.79, 9)
    expect(left('padron')).toBeCloseTo(0.78, 9)
  })
  test('weeks add up to the total, and fruits weigh what they do', () => {
    const { weeks, totalKg, fruitCount, leastKg, mostKg } = cropForecast(courseOf('legend'))
    expect(weeks.reduce((sum, { cropKg }) => sum + cropKg, 0)).toBeCloseTo(totalKg, 9)
    expect((fruitCount * fruitMassG(variety('legend'))) / 1000).toBeCloseTo(totalKg, 9)
    expect(leastKg).toBeLessThan(totalKg)
    expect(mostKg).toBeGreaterThan(totalKg)
  })
  test('nights of 13–21 °C and days below 32 °C set fruit; heat and cold do not (bulletins, memory)', () => {
    const set = (id: string, tempMaxC: number, tempMinC: number) =>
      setShare(variety(id), { tempMaxC, tempMinC })
    expect(set('moneymaker', 28, 16)).toBe(1)
    expect(set('moneymaker', 38, 26)).toBeLessThan(0.1)
    expect(set('moneymaker', 20, 7)).toBe(0)
    expect(set('padron', 25, 12)).toBeLessThan(set('moneymaker', 25, 12))
    expect(set('blackCherry', 36, 23)).toBeGreaterThan(set('moneymaker', 36, 23))
  })
})
