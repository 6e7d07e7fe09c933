// Every answer about feed has its words, and every choice its name.
import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import {
  amountUnits,
  choicesToBuy,
  dosedPot,
  doseFor,
  feedCatalogue,
  feedHolds,
  feedSources,
  feedToday,
  feedTools,
  flushPlan,
  gardenCourse,
  gardenOn,
  holdCodes,
  judgePlan,
  labelRateKinds,
  limeKinds,
  needReasons,
  nutrients,
  nutrientStates,
  placements,
  productForms,
  programmeIds,
  readGarden,
  releaseReasons,
  saltStates,
  stepFaults,
  UPTAKE_G_KG,
  waterKinds,
  type HoldFacts,
  type Reason,
} from '@rimbo/core'
import { printedNutrients } from '../views/FeedView/useProductForm'
import { messages } from '.'

const words: unknown = messages.en
const at = (path: string): unknown =>
  path
    .split('.')
    .reduce<unknown>((found, step) => (found as Record<string, unknown> | undefined)?.[step], words)

const demo = readGarden(
  readFileSync(new URL('../../../demo/port-maren.rimbo.json', import.meta.url), 'utf8'),
)
const course = gardenCourse(demo, demo.clock!)
const today = gardenOn(course, course.today)

/** Days on which as much as can be speaks against a feed. */
const worst: HoldFacts = {
  tempMaxC: 40,
  missingL: 5,
  safeL: 2,
  daysSincePlanting: 3,
  seasonDays: 5,
  daysSinceFeed: 1,
  daysSinceSame: 1,
  timesLabel: 3,
  ecDsM: 9,
  saltLimitEc: 2,
  isShortOfCalcium: true,
  isPhKnown: false,
  hasAmmonium: true,
  hasAsh: true,
  daysToHarvest: 20,
  isRingWashedIn: true,
}

function everyReason(): Reason[] {
  const feeds = today.pots.flatMap(
    (pot, index) => feedToday(course, course.pots[index]!, pot) ?? [],
  )
  const dosed = dosedPot(course.pots[0]!)
  const doses = choicesToBuy(demo, dosed).map(({ product }) =>
    doseFor(dosed, product, { kind: 'label' }, feedTools(demo)),
  )
  return [
    ...feeds.flatMap(({ verdict, due }) => [
      ...verdict.reasons,
      ...verdict.salt.reasons,
      ...verdict.nutrients.flatMap(({ reasons }) => reasons),
      ...due.flatMap(({ holds, dose }) => [...holds.map(({ reason }) => reason), ...dose.reasons]),
    ]),
    ...programmeIds.flatMap(
      (programmeId) => judgePlan(demo, feeds[4]!.feeding, { programmeId }, 0).reasons,
    ),
    ...doses.flatMap(({ reasons }) => reasons),
    ...feedCatalogue.flatMap(releaseReasons),
    ...feedCatalogue.flatMap((product) => feedHolds(product, worst).map(({ reason }) => reason)),
    ...flushPlan(5, 1.5, 0.3, 10, 1).reasons,
    ...flushPlan(5, 1.5, 3, 10, 1).reasons,
    ...needReasons('tomato', 4, UPTAKE_G_KG.tomato),
  ]
}

describe('words about feed', () => {
  const byCode = new Map(everyReason().map((reason) => [reason.code, reason]))
  test.each([...byCode])(
    'for the reason %s, naming no number that it does not carry',
    (code, reason) => {
      const text = at(`reason.${code}`)
      expect(typeof text).toBe('string')
      const named = [...String(text).matchAll(/\{(\w+)\}/g)].map((match) => match[1]!)
      expect(Object.keys(reason.params)).toEqual(expect.arrayContaining(named))
    },
  )
  test('every hold can be met with', () => {
    for (const code of holdCodes) expect([...byCode.keys()]).toContain(`feed.hold.${code}`)
  })
  test.each([
    ['nutrient', nutrients],
    ['nutrientSign', nutrients],
    ['nutrientState', nutrientStates],
    ['saltState', saltStates],
    ['placement', placements],
    ['productForm', productForms],
    ['programme', programmeIds],
    ['waterKind', waterKinds],
    ['rateKind', labelRateKinds],
    ['amountUnit', amountUnits],
    ['feedSource', feedSources],
    ['feedView.verdict', ['under', 'over', 'hungry', 'well']],
    ['feedView.form.sign.asOxide', printedNutrients],
    ['feedView.form.sign.asElement', printedNutrients],
    ['feedView.fault', ['gypsum', 'calciumPhosphate', 'tooStrong', 'notSoluble']],
    ['feedView.tank', ['a', 'b']],
    ['feedView.stepFault', stepFaults],
    ['reason.feed.state', nutrientStates],
    ['reason.feed.hold', holdCodes],
  ])('for every %s', (catalogueName, ids) => {
    for (const id of ids) expect(typeof at(`${catalogueName}.${id}`)).toBe('string')
  })
  test('every generic feed has a name, as a feed or as a lime', () => {
    for (const { id } of feedCatalogue) {
      const isLime = limeKinds.some((kind) => kind === id)
      expect(typeof at(isLime ? `limeKind.${id}` : `product.${id}`)).toBe('string')
    }
  })
})
