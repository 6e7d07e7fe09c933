// Programmes as they are told to a gardener: the doses that are judged are those that are given, and what growers follow with success is no ruin.
import { describe, expect, test } from '@jest/globals'
import { demo } from '../../../test/demo'
import { isOverLabel, nutrients, programmeIds, type FeedPlan } from '../../feed'
import { type Garden } from '../../garden'
import { addDays, daysBetween } from '../../units'
import { feedToday, gardenCourse, gardenOn, judgePlan, potFeeding } from '..'

const NOW = demo.clock!

/** One pot of the demo alone, with another mix and plant, and nothing recorded of it. */
function alone(
  id: string,
  more: { recipeId?: string; varietyId?: string; plan?: FeedPlan } = {},
): Garden {
  const { recipeId, varietyId, plan } = more
  return {
    ...demo,
    containers: demo.containers
      .filter((one) => one.id === id)
      .map((one) => ({ ...one, ...(recipeId !== undefined && { recipeId }) })),
    plantings: demo.plantings
      .filter((one) => one.containerId === id)
      .map((one) => ({ ...one, ...(varietyId !== undefined && { varietyId }) })),
    feedPlans: plan ? { [id]: plan } : {},
    records: [],
  }
}
const feedingOf = (garden: Garden, at = NOW) => {
  const course = gardenCourse(garden, at)
  return { course, feeding: potFeeding(course, course.pots[0]!)! }
}
const judged = (garden: Garden, plan: FeedPlan) =>
  judgePlan(garden, feedingOf(garden).feeding, plan, 0)

describe('what is judged is what is told', () => {
  test.each(['b1', 'k1', 'r1', 'f1', 'h1', 's2'])('in %s, by every programme', (id) => {
    let toldCount = 0
    for (const programmeId of programmeIds) {
      const garden = alone(id, { plan: { programmeId } })
      const { course, feeding } = feedingOf(garden)
      const today = daysBetween(course.from, course.today)
      const plan = judgePlan(garden, feeding, { programmeId }, today)
      const [first] = plan.feeds
      if (!first) continue
      const then = gardenCourse(garden, `${addDays(course.from, first.day)}T07:30`)
      const pot = gardenOn(then, then.today).pots[0]!
      const told = feedToday(then, then.pots[0]!, pot)!.due.find(
        ({ dose }) => dose.product.id === first.dose.product.id,
      )
      // A pot that is not watered on that very morning is fed with its next water.
      if (!told) continue
      toldCount++
      expect([programmeId, told.dose.massG]).toEqual([
        programmeId,
        expect.closeTo(first.dose.massG, programmeId === 'toMeasure' ? -1 : 6),
      ])
      expect(told.dose.solution?.volumeL).toEqual(
        programmeId === 'toMeasure' ? expect.anything() : first.dose.solution?.volumeL,
      )
    }
    expect(toldCount).toBeGreaterThan(4)
  })
  test('rain is no visit with the can: at every watering feeds on watered days only', () => {
    const weather = demo.weather.map((day) => ({ ...day, rainMm: 12 }))
    const spaces = demo.spaces.map(({ plan: _drawn, ...space }) => ({ ...space, covered: false }))
    const garden = { ...alone('b1'), weather, spaces }
    const { feeding } = feedingOf(garden)
    const { feeds } = judgePlan(garden, feeding, { programmeId: 'everyWatering' }, 0)
    expect(feeds.length).toBeGreaterThan(0)
    for (const { day } of feeds) expect(feeding.fed.pouredL![day]).toBeGreaterThan(0.05)
    expect(
      feeding.fed.givenL.some((litres, day) => litres > 0.05 && !feeding.fed.pouredL![day]),
    ).toBe(true)
  })
  test('no programme is over a label in any pot of the demo', () => {
    const course = gardenCourse(demo, NOW)
    for (const pot of course.pots) {
      const feeding = potFeeding(course, pot)!
      for (const programmeId of programmeIds)
        for (const { dose } of judgePlan(demo, feeding, { programmeId }, 0).feeds)
          expect([programmeId, isOverLabel(dose)]).toEqual([programmeId, false])
    }
  })
})

describe('schools that gardeners follow with success, in the pot they are made for (practice)', () => {
  test.each<[string, FeedPlan['programmeId'], string, string, string]>([
    ['weekly liquid by label in 27 L of thirds', 'weekly', 'f1', 'thirds', 'moneymaker'],
    ['weekly liquid by label in 41 L of thirds', 'weekly', 'b1', 'thirds', 'californiaWonder'],
    ['the dry ring in its reservoir planter', 'dryRing', 'r1', 'thirds', 'bushSalad'],
    ['the dry ring with peppers', 'dryRing', 'r2', 'thirds', 'californiaWonder'],
    ['two liquids in alternate weeks', 'alternateWeeks', 'f1', 'thirds', 'moneymaker'],
    ['granules with bone meal', 'granularAndCalcium', 'b1', 'thirds', 'moneymaker'],
    ['compost and seaweed in plain earth', 'compostAndSeaweed', 'b1', 'plainEarth', 'moneymaker'],
    ['compost and seaweed in a mix of soil', 'compostAndSeaweed', 'f1', 'soilBased', 'vineCherry'],
  ])('%s is no ruined crop', (_school, programmeId, id, recipeId, varietyId) => {
    const { score, saltYieldShare } = judged(alone(id, { recipeId, varietyId }), { programmeId })
    expect(saltYieldShare).toBeGreaterThan(0.75)
    expect(score).toBeGreaterThan(0.7)
  })
})

describe('salt and hunger are found where they are', () => {
  test('a dry ring in a bucket burns', () => {
    const { saltYieldShare } = judged(alone('k2'), { programmeId: 'dryRing' })
    expect(saltYieldShare).toBeLessThan(0.3)
  })
  test('it is told to nobody: the feed waits, and says why', () => {
    const garden = alone('k2', { plan: { programmeId: 'dryRing' } })
    const planted = garden.plantings[0]!.plantedOn
    const course = gardenCourse(garden, `${addDays(planted, 1)}T07:30`)
    const feed = feedToday(course, course.pots[0]!, gardenOn(course, course.today).pots[0]!)!
    expect(feed.due.map(({ isHeld }) => isHeld)).toEqual([true])
    expect(feed.due[0]!.holds.map(({ code }) => code)).toContain('ringNoReservoir')
  })
  test('a strong feed twice a week in a reservoir box that never drains', () => {
    for (const varietyId of ['bushSalad', 'padron']) {
      const garden = alone('r1', { recipeId: 'thirds', varietyId })
      const strong = judged(garden, { programmeId: 'weekly', everyDays: 3, strength: 2 })
      expect(strong.saltYieldShare).toBeLessThan(0.5)
      expect(judged(garden, { programmeId: 'weekly' }).saltYieldShare).toBeGreaterThan(0.9)
    }
  })
  test('bark that brings nothing, with compost and seaweed alone, starves', () => {
    const { shortOf, hadShare } = judged(alone('k1'), { programmeId: 'compostAndSeaweed' })
    expect(shortOf).toContain('n')
    expect(hadShare.n).toBeLessThan(0.4)
  })
  test('the mean that is judged lies between nothing and the worst day', () => {
    for (const programmeId of programmeIds) {
      const { ecMeanDsM, ecMostDsM, hadShare } = judged(alone('b1'), { programmeId })
      expect(ecMeanDsM).toBeGreaterThan(0)
      expect(ecMeanDsM).toBeLessThanOrEqual(ecMostDsM + 1e-9)
      for (const one of nutrients) expect(hadShare[one]).toBeLessThanOrEqual(1)
    }
  })
})

test('a wetting agent is no feed: what is due stays due', () => {
  const records: Garden['records'] = [
    ...demo.records,
    {
      id: 'wet',
      kind: 'feed',
      at: NOW,
      containerId: 'f3',
      productId: 'wettingAgent',
      massG: 3,
    },
  ]
  const dueIn = (garden: Garden) => {
    const course = gardenCourse(garden, NOW)
    const at = course.pots.findIndex(({ container }) => container.id === 'f3')
    const pot = gardenOn(course, course.today).pots[at]!
    return feedToday(course, course.pots[at]!, pot)!.due.map(({ dose }) => dose.product.id)
  }
  expect(dueIn({ ...demo, records })).toEqual(dueIn(demo))
})

describe('a plan that a file brings and that cannot be carried out', () => {
  const plan = { programmeId: 'weekly', productId: 'epsomSalt', lateProductId: 'gypsum' } as const
  test('is told at its pot, and takes no other down', () => {
    const garden = { ...demo, feedPlans: { ...demo.feedPlans, k1: plan } }
    const course = gardenCourse(garden, NOW)
    const day = gardenOn(course, course.today)
    const feeds = course.pots.map((pot, index) => feedToday(course, pot, day.pots[index]!)!)
    const at = course.pots.findIndex(({ container }) => container.id === 'k1')
    expect(feeds[at]!.unusable).toEqual([
      { productId: 'epsomSalt', fault: 'bringsNone' },
      { productId: 'gypsum', fault: 'notSoluble' },
    ])
    expect(feeds[at]!.due).toEqual([])
    expect(feeds.filter(({ unusable }) => unusable.length)).toHaveLength(1)
    expect(feeds.some(({ due }) => due.length > 0)).toBe(true)
    expect(judgePlan(garden, feeds[at]!.feeding, plan, 0)).toMatchObject({ feeds: [] })
  })
})
