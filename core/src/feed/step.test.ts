// What a programme's step can use, and that it stops at the label.
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { feed, soluble, tools } from '../../test/feeding'
import {
  feedCatalogue,
  feedHolds,
  isOverLabel,
  programmeIds,
  programmes,
  stepDose,
  stepFault,
  stepsOf,
  type DosedPot,
  type FeedProduct,
  type ProgrammeId,
} from '.'

const anyPot: fc.Arbitrary<DosedPot> = fc.record({
  fillVolumeL: fc.double({ min: 0.3, max: 400, noNaN: true }),
  surfaceM2: fc.double({ min: 0.005, max: 2, noNaN: true }),
  hasReservoir: fc.boolean(),
})
const anyProduct = fc.constantFrom<FeedProduct>(
  ...feedCatalogue,
  soluble('urea', { n: 46 }),
  soluble('unlabelled', { n: 10 }, { rates: [] }),
  soluble(
    'unweighed',
    { n: 10 },
    { rates: [{ kind: 'dilution', waterParts: 100 }], densityGMl: undefined },
  ),
)

describe('a step', () => {
  test('doses whatever it says it can use, in every pot, without a word thrown', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...programmeIds),
        anyProduct,
        anyPot,
        fc.double({ min: 0.1, max: 4, noNaN: true }),
        (programmeId, product, pot, strength) => {
          for (const step of stepsOf({ programmeId, strength, productId: product.id })) {
            if (stepFault(step.dose, product)) continue
            const { massG } = stepDose(step, product, pot, tools)
            expect(Number.isFinite(massG) && massG >= 0).toBe(true)
          }
        },
      ),
    ))
  test.each<[ProgrammeId, string, string]>([
    ['weekly', 'epsomSalt', 'bringsNone'],
    ['weekly', 'gypsum', 'notSoluble'],
    ['weekly', 'rockPhosphate', 'notSoluble'],
    ['weekly', 'neemOil', 'notFeed'],
    ['weekly', 'wettingAgent', 'notFeed'],
    ['dryRing', 'fishEmulsion', 'notStrewn'],
  ])('of %s cannot use %s: %s', (programmeId, id, fault) =>
    expect(stepFault(programmes[programmeId][0]!.dose, feed(id))).toBe(fault),
  )
  test('asks for a spoon to be weighed where a label speaks of millilitres', () => {
    const own = soluble(
      'own',
      { n: 5 },
      { rates: [{ kind: 'perLitreWater', amount: 4, unit: 'ml' }] },
    )
    const { densityGMl: _none, ...unweighed } = own
    expect(stepFault({ kind: 'strength', ppm: 100 }, unweighed)).toBe('densityUnknown')
    expect(stepFault({ kind: 'strength', ppm: 100 }, own)).toBeUndefined()
  })
})

describe('as the school has it', () => {
  test('no programme goes over a label, in any pot; where the gardener insists, it is said', () =>
    fc.assert(
      fc.property(fc.constantFrom(...programmeIds), anyPot, (programmeId, pot) => {
        for (const step of stepsOf({ programmeId }))
          for (const id of [step.productId, step.lateProductId ?? step.productId]) {
            const dose = stepDose(step, feed(id), pot, tools)
            expect(isOverLabel(dose)).toBe(false)
            const insisted = stepDose({ ...step, strength: 4 }, feed(id), pot, tools)
            expect(insisted.massG).toBeCloseTo(4 * dose.massG, 6)
            if (dose.timesLabel! > 0.3) expect(isOverLabel(insisted)).toBe(true)
          }
      }),
    ))
  test('no programme is called too close to itself, or over its label, by what holds feeds back', () => {
    const usual = { fillVolumeL: 25, surfaceM2: 0.1, hasReservoir: true }
    for (const programmeId of programmeIds)
      for (const step of stepsOf({ programmeId })) {
        const product = feed(step.productId)
        const { timesLabel } = stepDose(step, product, usual, tools)
        const since = Math.max(1, step.everyDays)
        const codes = feedHolds(product, {
          tempMaxC: 25,
          missingL: 0,
          safeL: 2,
          daysSincePlanting: 40,
          seasonDays: 200,
          daysSinceFeed: since,
          daysSinceSame: since,
          timesLabel,
          ecDsM: 1,
          saltLimitEc: 3,
          isShortOfCalcium: false,
          isPhKnown: true,
          hasAmmonium: false,
          hasAsh: false,
          daysToHarvest: 60,
        }).map(({ code }) => code)
        expect([programmeId, step.productId, codes]).not.toContainEqual(
          expect.arrayContaining(['tooClose']),
        )
        expect(codes).not.toContain('overLabel')
      }
  })
  test('cups grow with the pot, and say so', () => {
    const [ring] = stepsOf({ programmeId: 'dryRing' })
    const of = (fillVolumeL: number) =>
      stepDose(
        ring!,
        feed('balancedGranular'),
        { fillVolumeL, surfaceM2: 0.1, hasReservoir: true },
        tools,
      )
    expect(of(38).massG).toBeCloseTo(2 * of(19).massG, 9)
    // 1–1½ US cups for a planter of 19 L (practice).
    expect(of(19).massG).toBeGreaterThanOrEqual(236)
    expect(of(19).massG).toBeLessThanOrEqual(355)
    expect(of(19).reasons.map(({ code }) => code)).toContain('feed.cupScales')
  })
  test('250 ppm by a feed of 4 % N would be 1.25 times its label: it stops there, and says so', () => {
    const [weekly] = stepsOf({ programmeId: 'weekly' })
    const dose = stepDose(
      weekly!,
      feed('tomatoFeed'),
      { fillVolumeL: 20, surfaceM2: 0.1, hasReservoir: false },
      tools,
    )
    expect(dose.solution!.gramsL).toBeCloseTo(5, 9)
    expect(dose.reasons.map(({ code }) => code)).toContain('feed.stopsAtLabel')
  })
})
