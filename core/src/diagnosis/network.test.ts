// Exact inference against the plain sum over every combination of causes.
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { entropyBits, infer, type Finding, type Network } from './network'

const CAUSES = 7
const share = (most = 0.95) => fc.double({ min: 0.01, max: most, noNaN: true })
const finding: fc.Arbitrary<Finding> = fc.record({
  leak: share(0.2),
  makes: fc.array(fc.oneof(fc.constant(0), share()), { minLength: CAUSES, maxLength: CAUSES }),
  lets: fc.array(fc.oneof(fc.constant(1), fc.constant(1), share()), {
    minLength: CAUSES,
    maxLength: CAUSES,
  }),
})
const network: fc.Arbitrary<Network> = fc.record({
  priors: fc.array(share(0.6), { minLength: CAUSES, maxLength: CAUSES }),
  present: fc.array(finding, { maxLength: 4 }),
  absent: fc.array(finding, { maxLength: 3 }),
})

/** Chance of a sign with some causes at work: anything made it, and nothing held it back. */
function chanceOf({ leak, makes, lets }: Finding, atWork: readonly boolean[]): number {
  let [unmade, passes] = [1 - leak, 1]
  atWork.forEach((is, cause) => {
    if (!is) return
    unmade *= 1 - makes[cause]!
    passes *= lets[cause]!
  })
  return passes * (1 - unmade)
}

/** Every combination of causes, one by one. */
function enumerate({ priors, present, absent }: Network) {
  let evidence = 0
  const withCause = priors.map(() => 0)
  for (let set = 0; set < 1 << priors.length; set++) {
    const atWork = priors.map((_, cause) => (set & (1 << cause)) !== 0)
    const chance =
      priors.reduce((product, prior, cause) => product * (atWork[cause] ? prior : 1 - prior), 1) *
      present.reduce((product, each) => product * chanceOf(each, atWork), 1) *
      absent.reduce((product, each) => product * (1 - chanceOf(each, atWork)), 1)
    evidence += chance
    atWork.forEach((is, cause) => {
      if (is) withCause[cause]! += chance
    })
  }
  return { evidence, shares: withCause.map((chance) => chance / evidence) }
}

describe('the network', () => {
  test('is what summing over every combination of causes gives', () => {
    fc.assert(
      fc.property(network, (given) => {
        const [found, summed] = [infer(given), enumerate(given)]
        expect(Math.abs(found.evidence / summed.evidence - 1)).toBeLessThan(1e-6)
        found.shares.forEach((one, cause) =>
          expect(Math.abs(one - summed.shares[cause]!)).toBeLessThan(1e-6),
        )
      }),
      { numRuns: 150 },
    )
  })
  test('with more signs than are taken at once the shares stay near the exact ones', () => {
    // Eleven and more signs: the stated approximation, against enumeration.
    const many = fc.record({
      priors: fc.array(share(0.4), { minLength: CAUSES, maxLength: CAUSES }),
      present: fc.array(
        finding.map((one) => ({ ...one, lets: one.lets.map(() => 1) })),
        { minLength: 11, maxLength: 12 },
      ),
      absent: fc.constant([]),
    })
    let [off, count] = [0, 0]
    fc.assert(
      fc.property(many, (given) => {
        const exact = enumerate(given).shares
        infer(given).shares.forEach((one, cause) => {
          off += Math.abs(one - exact[cause]!)
          count++
        })
      }),
      { numRuns: 60, seed: 7 },
    )
    expect(off / count).toBeLessThan(0.02)
  })
  test('doubt is greatest at even chances, and none where all is sure', () => {
    expect(entropyBits(0.5)).toBe(1)
    expect(entropyBits(0)).toBe(0)
    expect(entropyBits(1)).toBe(0)
    expect(entropyBits(0.11)).toBeCloseTo(0.5, 2)
  })
})
