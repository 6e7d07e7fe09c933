// Doses in grams, spoons and cans; what labels say, in every form they say it.
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { feed, soluble, tools } from '../../test/feeding'
import { checked, defaultMeasures, units } from '../units'
import {
  analysisSchema,
  doseFor,
  labelMassG,
  labelStrengthGL,
  labelToElements,
  measuredOut,
  nutrientsIn,
  placementOf,
  productSchema,
  solutionL,
  spoonMassG,
  type DosedPot,
  type LabelRate,
} from '.'

const pot: DosedPot = { fillVolumeL: 20, surfaceM2: 0.07, hasReservoir: false }
const faultOf = (run: () => unknown) => {
  try {
    run()
    return undefined
  } catch (error) {
    return error as { code: string; faults: readonly { code: string; path: unknown[] }[] }
  }
}

describe('a label', () => {
  test('says the same as oxide and as element (formula masses, IUPAC)', () => {
    const oxide = labelToElements({ n: 5, p2o5: 10, k2o: 10, cao: 10, mgo: 10 })
    const element = labelToElements({ n: 5, p: oxide.p, k: oxide.k, ca: oxide.ca, mg: oxide.mg })
    expect(element).toEqual(oxide)
    // The factors that handbooks print.
    expect(oxide.p / 10).toBeCloseTo(0.4364, 3)
    expect(oxide.k / 10).toBeCloseTo(0.8301, 3)
    expect(oxide.ca / 10).toBeCloseTo(0.7147, 3)
    expect(oxide.mg / 10).toBeCloseTo(0.603, 3)
  })
  test('of salts is their formula mass: Epsom 9.86 % Mg, gypsum 23.3 % Ca, limestone 40.0, dolomite 21.7 and 13.2', () => {
    expect(labelToElements(feed('epsomSalt').analysis).mg).toBeCloseTo(9.86, 2)
    expect(labelToElements(feed('gypsum').analysis).ca).toBeCloseTo(23.3, 1)
    expect(labelToElements(feed('ground').analysis).ca).toBeCloseTo(40, 1)
    const dolomite = labelToElements(feed('dolomitic').analysis)
    expect(dolomite.ca).toBeCloseTo(21.7, 1)
    expect(dolomite.mg).toBeCloseTo(13.2, 1)
  })
  test('of potassium sulphate is printed as 0-0-50 to 0-0-54 (trade)', () => {
    const k2o = labelToElements(feed('potassiumSulphate').analysis).k / 0.8301
    expect(k2o).toBeGreaterThan(50)
    expect(k2o).toBeLessThan(54.2)
  })
  test('over a hundred per cent is refused, with what it comes to', () => {
    const fault = faultOf(() => checked(analysisSchema, { n: 40, p2o5: 40, k2o: 30 }))!
    expect(fault.faults[0]).toMatchObject({ code: 'analysisOver100', params: { given: 110 } })
  })
  test('that names a nutrient twice is refused at the second', () =>
    expect(faultOf(() => checked(analysisSchema, { p2o5: 5, p: 2 }))!.faults[0]).toMatchObject({
      code: 'twiceNamed',
      path: ['p'],
    }))
  test('below zero is refused', () =>
    expect(faultOf(() => checked(analysisSchema, { n: -1 }))!.faults[0]!.code).toBe('tooSmall'))
})

describe('a product', () => {
  const own = { ...soluble('own', { n: 10 }), name: 'Own' }
  test('of controlled release has to say how long it lasts', () => {
    const fault = faultOf(() => checked(productSchema, { ...own, form: 'controlledRelease' }))!
    expect(fault.faults[0]).toMatchObject({ code: 'longevityMissing', path: ['longevityDays'] })
    expect(
      faultOf(() =>
        checked(productSchema, { ...own, form: 'controlledRelease', longevityDays: 150 }),
      ),
    ).toBeUndefined()
  })
  test('with a can of no litres is refused', () => {
    const rates = [{ kind: 'perCan', amount: 10, unit: 'g', canL: 0 }]
    expect(faultOf(() => checked(productSchema, { ...own, rates }))).toMatchObject({
      code: 'invalid',
    })
  })
  test('keeps what a later program wrote into it', () =>
    expect(checked(productSchema, { ...own, shelfLife: 3 })).toMatchObject({ shelfLife: 3 }))
})

describe('label rates', () => {
  const product = soluble('x', { n: 10 }, { densityGMl: 1.2 })
  test.each<[LabelRate, number]>([
    [{ kind: 'perLitreWater', amount: 2, unit: 'g' }, 2],
    [{ kind: 'perLitreWater', amount: 2, unit: 'ml' }, 2.4],
    [{ kind: 'perCan', amount: 25, unit: 'g', canL: 10 }, 2.5],
    // One part and 199 of water: a two hundredth of the volume.
    [{ kind: 'dilution', waterParts: 199 }, 6],
    [{ kind: 'capful', caps: 2, capMl: 20, canL: 4 }, 12],
  ])('%j is %d g in a litre', (rate, gramsL) =>
    expect(labelStrengthGL(rate, product).gramsL).toBeCloseTo(gramsL, 9),
  )
  test.each<[LabelRate, number, number]>([
    [{ kind: 'perLitreMix', massG: 3, mostG: 5 }, 60, 100],
    [{ kind: 'perM2', massG: 100 }, 7, 7],
    [{ kind: 'perPot', massG: 30, potVolumeL: 10 }, 60, 60],
  ])('%j is %d g for a pot of 20 L, %d at most', (rate, massG, mostG) => {
    const said = labelMassG(rate, pot)
    expect(said.massG).toBeCloseTo(massG, 9)
    expect(said.mostG).toBeCloseTo(mostG, 9)
  })
  test('a tablespoon in a US gallon of crystals is about 4 g/L (practice: the usual label)', () => {
    const spoonG = spoonMassG({ id: 'x', densityGMl: 1 }, 'tablespoon', 'us', defaultMeasures)
    const { gramsL } = labelStrengthGL(
      { kind: 'perCan', amount: spoonG, unit: 'g', canL: units.volume.usGallon.factor },
      product,
    )
    expect(gramsL).toBeCloseTo(3.9, 1)
  })
  test('in millilitres want a density: it is asked for, not guessed', () => {
    const { densityGMl: _none, ...unknown } = product
    for (const rate of [
      { kind: 'perLitreWater', amount: 2, unit: 'ml' },
      { kind: 'dilution', waterParts: 100 },
    ] as const)
      expect(faultOf(() => labelStrengthGL(rate, unknown))).toMatchObject({
        code: 'densityUnknown',
      })
  })
})

describe('a dose', () => {
  test('of nitrogen is so much of the product: 1 g of it is 25 g of a 4 %', () => {
    const dose = doseFor(
      pot,
      feed('tomatoFeed'),
      { kind: 'nutrient', nutrient: 'n', massG: 1 },
      tools,
    )
    expect(dose.massG).toBeCloseTo(25, 9)
    expect(dose.bringsG.n).toBeCloseTo(1, 9)
  })
  test('of a strength has that strength: 100 ppm out of 4 % is 2.5 g/L', () => {
    const { solution } = doseFor(pot, feed('tomatoFeed'), { kind: 'strength', ppm: 100 }, tools)
    expect(solution!.gramsL).toBeCloseTo(2.5, 9)
    expect(solution!.strength.ppm.n).toBeCloseTo(100, 6)
    expect(solution!.gPerCan).toBeCloseTo(25, 9)
    expect(solution!.cans).toBeCloseTo(0.2, 9)
  })
  test('strengths of feeds without nitrogen are told in potassium', () => {
    const { solution } = doseFor(
      pot,
      feed('potassiumSulphate'),
      { kind: 'strength', ppm: 150 },
      tools,
    )
    expect(solution!.strength.ppm.k).toBeCloseTo(150, 6)
  })
  test('by its label stands at most once beside the most it allows; three times is said', () => {
    const product = feed('tomatoFeed')
    const label = doseFor(pot, product, { kind: 'label' }, tools)
    expect(label.timesLabel).toBeLessThanOrEqual(1)
    const mass = { kind: 'mass', massG: label.massG * 6 } as const
    expect(doseFor(pot, product, mass, tools).timesLabel).toBeCloseTo(3, 9)
  })
  test('brings what its label says of it, whatever it is and however it is aimed', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('tomatoFeed', 'fishEmulsion', 'boneMeal', 'epsomSalt', 'controlledRelease'),
        fc.double({ min: 0.5, max: 200, noNaN: true }),
        (id, massG) => {
          const dose = doseFor(pot, feed(id), { kind: 'mass', massG }, tools)
          expect(dose.bringsG).toEqual(nutrientsIn(feed(id).analysis, massG))
          const { solution } = dose
          if (solution) expect(solution.gramsL * solution.volumeL).toBeCloseTo(massG, 6)
        },
      ),
    ))
  test('of what it has none of is refused', () =>
    expect(
      faultOf(() =>
        doseFor(pot, feed('epsomSalt'), { kind: 'nutrient', nutrient: 'n', massG: 1 }, tools),
      ),
    ).toMatchObject({ code: 'bringsNone' }))
  test('into a can of no litres, or below zero, is refused', () => {
    const noCan = { ...tools, measures: { ...defaultMeasures, canL: 0 } }
    expect(faultOf(() => doseFor(pot, feed('tomatoFeed'), { kind: 'label' }, noCan))).toMatchObject(
      {
        code: 'emptyCan',
      },
    )
    expect(
      faultOf(() => doseFor(pot, feed('tomatoFeed'), { kind: 'mass', massG: -3 }, tools)),
    ).toMatchObject({ code: 'negativeAmount' })
  })
  test('of a product nobody has weighed is told in grams alone', () => {
    const { densityGMl: _none, ...unknown } = soluble('x', { n: 10 })
    const dose = doseFor(pot, unknown, { kind: 'label' }, tools)
    expect(dose.massG).toBeGreaterThan(0)
    expect(dose.measure).toBeUndefined()
    expect(faultOf(() => spoonMassG(unknown, 'teaspoon', 'metric', defaultMeasures))).toMatchObject(
      {
        code: 'densityUnknown',
      },
    )
  })
  test('goes into as much solution as wets the pot: a tenth of its mix (practice)', () => {
    expect(solutionL(pot)).toBeCloseTo(2, 9)
    expect(solutionL({ fillVolumeL: 19 })).toBeCloseTo(1.9, 9)
  })
  test('may be strewn as well as dissolved: Epsom salt within its rate for the mix is within its label', () => {
    const epsom = feed('epsomSalt')
    const inMix = doseFor(pot, epsom, { kind: 'mass', massG: 0.6 * 20 }, tools)
    expect(inMix.timesLabel).toBeLessThanOrEqual(1)
    // As a solution it is held to what the label says of solutions, 4 g/L at most.
    const strong = doseFor(pot, epsom, { kind: 'litres', volumeL: 2, gramsL: 6 }, tools)
    expect(strong.timesLabel).toBeCloseTo(1.5, 9)
  })
  test('is stirred into the litres that are needed, by the can only where it takes one, and into a whole can where a spoon cannot measure less', () => {
    const stirOf = (fillVolumeL: number, gramsL: number) =>
      doseFor(
        { ...pot, fillVolumeL },
        feed('tomatoFeed'),
        { kind: 'litres', volumeL: fillVolumeL / 10, gramsL },
        tools,
      ).solution!.stir
    expect(stirOf(30, 2.5)).toMatchObject({ volumeL: 3, massG: 7.5 })
    expect(stirOf(250, 2.5).volumeL).toBe(defaultMeasures.canL)
    const tiny = stirOf(2, 2.5)
    expect(tiny.volumeL).toBe(defaultMeasures.canL)
    expect(tiny.massG).toBeCloseTo(25, 9)
    expect(tiny.measure).toBeDefined()
  })
  test('of a dissolved salt is told in spoons and cups, never by the hand', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('tomatoFeed', 'epsomSalt', 'calciumNitrate'),
        fc.double({ min: 0.1, max: 900, noNaN: true }),
        (id, massG) =>
          expect(measuredOut(feed(id), massG, tools).measure?.measure).not.toBe('handful'),
      ),
    ))
})

describe('how it is measured and given', () => {
  test('a handful of granular organic is 2–3 tablespoons (practice)', () => {
    const spoonG = spoonMassG(feed('granularOrganic'), 'tablespoon', 'us', defaultMeasures)
    const handG = spoonMassG(feed('granularOrganic'), 'handful', 'us', defaultMeasures)
    expect(handG / spoonG).toBeGreaterThan(2)
    expect(handG / spoonG).toBeLessThan(3.1)
  })
  test('liquids are poured, never taken by the hand; many hands are litres', () => {
    expect(measuredOut(feed('fishEmulsion'), 40, tools)).toMatchObject({
      measure: { measure: 'tablespoon' },
    })
    expect(measuredOut(feed('fishEmulsion'), 300, tools).measure!.measure).toBe('cup')
    expect(measuredOut(feed('boneMeal'), 40, tools).measure!.measure).toBe('handful')
    const compost = measuredOut(feed('compostDressing'), 400, tools)
    expect(compost.measure).toBeUndefined()
    expect(compost.volumeMl).toBeCloseTo(800, 6)
  })
  test('granules above a reservoir lie in a dry ring at the rim, elsewhere they are worked in', () => {
    const product = feed('balancedGranular')
    expect(placementOf(product, { ...pot, hasReservoir: true })).toBe('dryRimRing')
    expect(placementOf(product, pot)).toBe('throughUpperTwoThirds')
    expect(placementOf(feed('tomatoFeed'), { ...pot, hasReservoir: true })).toBe('drench')
  })
})
