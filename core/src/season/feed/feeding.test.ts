// Feeding a whole garden: the demo's ledgers, what is due, the cans of the walk, the shelf.
import { beforeAll, describe, expect, test } from '@jest/globals'
import highsLoader from 'highs'
import { demo, withoutCounts } from '../../../test/demo'
import { nutrients, programmeIds } from '../../feed'
import { feedTools, feedProductOf, shelfStock, type Garden } from '../../garden'
import { addDays, daysBetween, solveWithHighs, type Solve } from '../../units'
import {
  chooseForPot,
  feedDays,
  feedRound,
  feedToday,
  feedWeeks,
  flushFor,
  gardenCourse,
  gardenOn,
  judgePlan,
  potFeeding,
  potString,
  roundOf,
  jobsOfCourse,
  withJobs,
} from '..'

const NOW = demo.clock!
const course = gardenCourse(demo, NOW)
const today = gardenOn(course, course.today)
const DAY = daysBetween(course.from, course.today)
const at = (id: string) => today.pots.findIndex(({ container }) => container.id === id)
const feedOf = (id: string) => feedToday(course, course.pots[at(id)]!, today.pots[at(id)]!)!

/** The demo with something changed, and how one of its pots then stands. */
function otherwise(change: Partial<Garden>, id: string, when = NOW) {
  const garden = { ...demo, ...change }
  const ofCourse = gardenCourse(
    garden,
    when,
    undefined,
    garden.containers.filter((one) => one.id === id),
  )
  const day = gardenOn(ofCourse, ofCourse.today)
  const feed = feedToday(ofCourse, ofCourse.pots[0]!, day.pots[0]!)
  return { course: ofCourse, pot: day.pots[0]!, feed: feed! }
}

describe('every pot of the demo', () => {
  test('has a ledger out of its records', () => {
    for (const pot of course.pots) {
      const feeding = potFeeding(course, pot)!
      expect(feeding.ledger.rows.n.needG.some((grams) => grams > 0)).toBe(true)
      const { weeks, startG } = feedWeeks(course, feeding)
      expect(weeks.length).toBeGreaterThan(20)
      expect(weeks.some(({ isPast }) => isPast)).toBe(true)
      expect(startG.k).toBeGreaterThan(0)
    }
  })
  test('weeks add up to the days of the ledger', () => {
    for (const pot of course.pots) {
      const feeding = potFeeding(course, pot)!
      const { weeks, needG } = feedWeeks(course, feeding)
      const last = weeks.at(-1)!
      for (const nutrient of nutrients) {
        const whole = feeding.ledger.rows[nutrient].needG.reduce((sum, one) => sum + one, 0)
        expect(needG[nutrient]).toBeCloseTo(whole, 6)
        expect(last.ofNutrient[nutrient].balanceG).toBeCloseTo(
          feeding.ledger.rows[nutrient].balanceG[feeding.endsOn]!,
          9,
        )
      }
    }
  })
  test('its overfed pot is found, and no other: K3, three times too strong every four days', () => {
    const over = today.pots
      .map(({ container }) => container.id)
      .filter((id) => feedOf(id).verdict.isOverfed)
    expect(over).toEqual(['k3'])
    expect(feedOf('k3').verdict.salt.state).toBe('harmful')
  })
  test('its underfed pot is found: S2, with hardly more than seaweed on half earth', () => {
    expect(feedOf('s2').verdict.isUnderfed).toBe(true)
    const short = feedOf('s2').verdict.nutrients.filter(({ state }) => state === 'short')
    expect(short.map(({ nutrient }) => nutrient)).toEqual(expect.arrayContaining(['n', 'k']))
  })
  test('what a feed was dissolved in is in its water', () => {
    const record = demo.records.find(
      (one) => one.kind === 'feed' && one.volumeL !== undefined && one.at > course.from,
    )!
    const pot = course.pots[at(record.containerId!)]!
    const day = daysBetween(course.from, record.at)
    expect(pot.givenL[day]).toBeGreaterThanOrEqual('volumeL' in record ? record.volumeL! : 0)
  })
})

describe('the overfed pot', () => {
  test('is not fed: its feed waits, and says why', () => {
    const { due } = feedOf('k3')
    expect(due.length).toBeGreaterThan(0)
    for (const one of due) {
      expect(one.isHeld).toBe(true)
      expect(one.holds.map(({ code }) => code)).toContain('salty')
    }
  })
  test('is told how to be washed out', () => {
    const flush = flushFor(feedOf('k3'), today.pots[at('k3')]!, demo.settings.water.ecDsM)!
    expect(flush.flushL).toBeGreaterThan(5)
    expect(flush.ecAfterDsM).toBeLessThan(1.5)
    expect(flushFor(feedOf('b1'), today.pots[at('b1')]!, demo.settings.water.ecDsM)).toBeUndefined()
  })
  test('washed out as told is fit to be fed again', () => {
    const flush = flushFor(feedOf('k3'), today.pots[at('k3')]!, demo.settings.water.ecDsM)!
    const records: Garden['records'] = [
      ...demo.records,
      { id: 'flush', kind: 'water', at: NOW, containerId: 'k3', volumeL: flush.pourL },
    ]
    const then = otherwise({ records }, 'k3', `${addDays(course.today, 1)}T07:30`)
    expect(then.feed.verdict.salt.state).not.toBe('harmful')
  })
})

describe('what is due', () => {
  test('is due no more once it was given, and comes again by its plan', () => {
    const [due] = feedOf('f2').due
    const { product, massG, solution } = due!.dose
    const records: Garden['records'] = [
      ...demo.records,
      {
        id: 'fed',
        kind: 'feed',
        at: NOW,
        containerId: 'f2',
        productId: product.id,
        massG,
        volumeL: solution!.volumeL,
      },
    ]
    const then = otherwise({ records }, 'f2')
    expect(then.feed.due.map(({ dose }) => dose.product.id)).not.toContain(product.id)
    expect(then.feed.lastFedOn).toBe(DAY)
    expect(then.pot.nowL).toBeLessThan(today.pots[at('f2')]!.nowL)
  })
  test('to measure brings what is missing until the next feed, within the label', () => {
    const { due, feeding } = feedOf('f3')
    const [one] = due
    expect(one!.dose.timesLabel).toBeLessThanOrEqual(1.001)
    expect(one!.dose.bringsG.n).toBeGreaterThan(0)
    const week = feeding.ledger.rows.n.needG.slice(DAY, DAY + 7).reduce((sum, n) => sum + n, 0)
    expect(one!.dose.bringsG.n).toBeLessThan(4 * week)
  })
  test('waits in a heat wave', () => {
    const weather = demo.weather.map((day) =>
      day.date >= course.today && day.date <= addDays(course.today, 2)
        ? { ...day, tempMaxC: 38, tempMinC: 24 }
        : day,
    )
    const { feed } = otherwise({ weather }, 'f2')
    expect(feed.due.every(({ isHeld }) => isHeld)).toBe(true)
    expect(feed.due[0]!.holds[0]!.code).toBe('heatWave')
  })
  test('is nothing without a plan, before planting, or in an empty pot', () => {
    expect(otherwise({ feedPlans: {} }, 'f2').feed).toMatchObject({ due: [], nextOn: undefined })
    expect(otherwise({ plantings: [] }, 'f2').feed).toBeUndefined()
    expect(otherwise({}, 'f2', '2026-03-20T07:30').feed).toBeUndefined()
  })
  test('a feed to measure with an empty shelf is none', () =>
    expect(otherwise(withoutCounts(demo), 'b1').feed.due).toEqual([]))
})

describe('the walk with its feeds', () => {
  const round = roundOf(today, demo.settings.measures.canL)
  const walk = feedRound(round, (stop) => feedOf(stop.pot.container.id), feedTools(demo))

  test('carries plain water and solutions, each litre once', () => {
    const solutions = walk.cans.reduce((sum, { litres }) => sum + litres, 0)
    const plain = walk.stops.reduce((sum, { plainL }) => sum + plainL, 0)
    expect(walk.carryL).toBeCloseTo(solutions + plain, 9)
    expect(walk.carryCans).toBe(Math.ceil(walk.carryL / demo.settings.measures.canL))
    for (const { stop, due, plainL } of walk.stops) {
      const fedL = due.reduce((sum, { dose }) => sum + (dose.solution?.volumeL ?? 0), 0)
      // Neither less than it wants, nor its water a second time beside the feed.
      expect(plainL + fedL).toBeCloseTo(Math.max(stop.nowL, fedL), 9)
    }
  })
  test('puts pots with the same feed at the same strength into one can', () => {
    for (const can of walk.cans) {
      const own = walk.stops.filter(({ stop }) => can.containerIds.includes(stop.pot.container.id))
      const grams = own.flatMap(({ due }) =>
        due
          .filter(({ dose }) => dose.product.id === can.dose.product.id)
          .map(({ dose }) => dose.massG),
      )
      expect(can.massG).toBeCloseTo(
        grams.reduce((sum, one) => sum + one, 0),
        9,
      )
      expect(can.massG / can.litres).toBeCloseTo(can.dose.solution!.gramsL, 0)
    }
    const shared = walk.cans.filter(({ containerIds }) => containerIds.length > 1)
    expect(shared.length).toBeGreaterThan(0)
  })
  test('of two liquids that are due the one that fell due first is poured, and no other', () => {
    const { stop, feed } = walk.stops.find(({ due }) => due.some(({ dose }) => dose.solution))!
    const [liquid] = feed!.due.filter(({ dose }) => dose.solution)
    const named = (id: string, volumeL: number) => ({
      ...liquid!,
      dose: {
        ...liquid!.dose,
        product: { ...liquid!.dose.product, id },
        solution: { ...liquid!.dose.solution!, volumeL },
      },
    })
    const due = [named('first', 1), named('second', 2)]
    const [two] = feedRound(
      { ...round, stops: [stop] },
      () => ({ ...feed!, due }),
      feedTools(demo),
    ).stops
    expect(two!.due.map(({ dose }) => dose.product.id)).toEqual(['first'])
    expect(two!.plainL).toBeCloseTo(Math.max(0, stop.nowL - 1), 9)
  })
  test('has nothing that is held back, and one can a pot', () => {
    for (const { due } of walk.stops) {
      expect(due.some(({ isHeld }) => isHeld)).toBe(false)
      expect(due.filter(({ dose }) => dose.solution).length).toBeLessThanOrEqual(1)
    }
  })
})

const jobs = jobsOfCourse(course, course.to)

describe('feeds to come', () => {
  test('hang on the string after today', () => {
    const feed = feedOf('f3')
    const days = feedDays(demo, feed, DAY)
    expect(days.length).toBeGreaterThan(5)
    expect(Math.min(...days)).toBeGreaterThan(DAY)
    const pot = course.pots[at('f3')]!
    const ahead = jobs.filter(
      ({ kind, containerId, dueOn }) =>
        kind === 'feed' && containerId === 'f3' && dueOn > course.today,
    )
    expect(ahead.map(({ dueOn }) => dueOn)).toEqual(days.map((day) => addDays(course.from, day)))
    const string = withJobs(potString(course, pot), course, ahead)
    expect(string.knots.get(days[0]!)!.some(({ kind }) => kind === 'job')).toBe(true)
    expect(string.beads).toBe(potString(course, pot).beads)
  })
})

describe('water and feed are jobs like others', () => {
  const due = jobs.filter(({ dueOn, state }) => dueOn === course.today && state !== 'done')
  const of = (kind: string) => due.filter((job) => job.kind === kind)
  test('the water of them is what the round carries, now and in the evening', () => {
    const litres = of('water').map(({ amounts: [one] }) => one!.value)
    const { carryL, laterL } = roundOf(today, 8)
    expect(litres.reduce((sum, one) => sum + one, 0)).toBeCloseTo(carryL + laterL, 9)
    expect(carryL).toBeGreaterThan(0)
  })
  test('what is held back says why', () => {
    const held = of('feed').filter(({ state }) => state === 'held')
    expect(held.length).toBeGreaterThan(0)
    for (const job of held) expect(job.held!.code).toMatch(/^feed\.hold\./)
  })
})

test('what is due today is not planned again for tomorrow: two liquids in alternate weeks are a week apart', () => {
  const feed = feedOf('f2')
  expect(feed.due.length).toBeGreaterThan(0)
  const days = feedDays(demo, feed, DAY)
  const apart = days.slice(1).map((day, index) => day - days[index]!)
  expect(days[0]! - DAY).toBeGreaterThanOrEqual(3)
  expect(Math.min(...apart)).toBeGreaterThanOrEqual(3)
})

describe('programmes for a pot of the demo', () => {
  const feeding = potFeeding(course, course.pots[at('k1')]!)!
  const verdicts = new Map(
    programmeIds.map((id) => [id, judgePlan(demo, feeding, { programmeId: id }, 0)]),
  )
  test('to measure is short of nothing, harms nothing and costs little', () => {
    const measured = verdicts.get('toMeasure')!
    expect(measured.shortOf).toEqual([])
    expect(measured.saltYieldShare).toBeGreaterThan(0.9)
    for (const [id, other] of verdicts)
      if (id !== 'toMeasure') expect(measured.score).toBeGreaterThanOrEqual(other.score - 0.02)
  })
  test('differ: some leave this bark short, some salt it', () => {
    const all = [...verdicts.values()]
    expect(all.some(({ shortOf }) => shortOf.includes('n'))).toBe(true)
    expect(all.some(({ saltYieldShare }) => saltYieldShare < 0.6)).toBe(true)
  })
  test('from today on leave what was given as it was', () => {
    const fromToday = judgePlan(demo, feeding, { programmeId: 'weekly' }, DAY)
    expect(Math.min(...fromToday.feeds.map(({ day }) => day))).toBeGreaterThanOrEqual(DAY)
    for (let day = 0; day < DAY; day++)
      expect(fromToday.ledger.rows.n.leftG[day]).toBeCloseTo(feeding.ledger.rows.n.leftG[day]!, 9)
  })
})

describe('chosen out of the demo’s shelf', () => {
  let solve: Solve
  beforeAll(async () => {
    solve = solveWithHighs(await highsLoader())
  })
  const chosenFor = (id: string, garden = demo) => {
    const { pot, feed, course: ofCourse } = otherwise(garden === demo ? {} : garden, id)
    return chooseForPot(ofCourse, feed, pot, DAY, 7, solve)
  }
  test('a hungry pot gets something, within stock and label', () => {
    const { doses, unmetG } = chosenFor('s2')
    expect(doses.length).toBeGreaterThan(0)
    for (const { product, massG, timesLabel } of doses) {
      expect(timesLabel ?? 0).toBeLessThanOrEqual(1.001)
      expect(massG).toBeLessThanOrEqual(
        shelfStock(demo).find((one) => one.product.id === product.id)!.leftG + 1e-6,
      )
    }
    expect(unmetG.n).toBeGreaterThanOrEqual(0)
  })
  test('a salty one gets nothing', () => expect(chosenFor('k3').doses).toEqual([]))
  test('from an empty shelf: one thing to buy', () => {
    const { doses, toBuy } = chosenFor('s2', withoutCounts(demo))
    expect(doses).toEqual([])
    expect(toBuy).toBeDefined()
  })
})

describe('the shelf', () => {
  const left = (garden: Garden, id: string) =>
    shelfStock(garden).find(({ product }) => product.id === id)!
  const given = (massG: number, when: string): Garden['records'][number] => ({
    id: `given-${when}`,
    kind: 'feed',
    at: when,
    containerId: 'b1',
    productId: 'epsomSalt',
    massG,
  })
  test('goes down with each record since it was counted, and comes back with it', () => {
    const before = left(demo, 'epsomSalt').leftG
    const fed = { ...demo, records: [...demo.records, given(12, NOW)] }
    expect(left(fed, 'epsomSalt').leftG).toBeCloseTo(before - 12, 9)
    expect(left({ ...fed, records: demo.records }, 'epsomSalt').leftG).toBe(before)
  })
  test('what was given before it was counted does not count', () => {
    const early = { ...demo, records: [...demo.records, given(12, '2026-03-02T10:00')] }
    expect(left(early, 'epsomSalt').leftG).toBe(left(demo, 'epsomSalt').leftG)
  })
  test('never goes below nothing: it says that more was used than counted', () => {
    const { leftG, isOverdrawn } = left(
      { ...demo, records: [...demo.records, given(99_999, NOW)] },
      'epsomSalt',
    )
    expect([leftG, isOverdrawn]).toEqual([0, true])
  })
  test('a spoon that was weighed tells the density of that product from then on', () => {
    expect(feedProductOf(demo, 'own-vine-feed')!.densityGMl).toBeUndefined()
    const weighed = {
      ...demo,
      mixTests: [
        ...demo.mixTests,
        {
          id: 'spoon',
          at: NOW,
          kind: 'weigh' as const,
          of: 'product' as const,
          testedId: 'own-vine-feed',
          massG: 13.5,
          volumeL: 0.015,
        },
      ],
    }
    expect(feedProductOf(weighed, 'own-vine-feed')!.densityGMl).toBeCloseTo(0.9, 9)
  })
})
