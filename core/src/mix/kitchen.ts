import { InputError, memory, practice, reason, type Reason } from '../units'
import { drainFaults, type DrainTest } from './drainTest'
import type { ExtractMethod, MixTest, MixTestKind, testedKinds } from './kitchenSchema'

export interface DrainResult {
  readonly totalPorosity: number
  readonly containerCapacity: number
  readonly airSpace: number
  readonly reasons: readonly Reason[]
}

/**
 * Pores, water and air from a pour-and-drain test: the water that fills a pot of
 * mix is its pores, what drains out again is its air, what stays is what it holds.
 *
 * @returns shares of the volume of mix, 0–1
 * @throws InputError `moreOutThanIn`, or `moreInThanPot` where there was no solid left
 */
export function interpretDrainTest(test: DrainTest): DrainResult {
  const [fault] = drainFaults(test)
  if (fault) throw new InputError(fault.code, fault.params)
  const { potL, waterInL, waterOutL, startWaterL = 0 } = test
  const totalPorosity = (waterInL + startWaterL) / potL
  const airSpace = waterOutL / potL
  return {
    totalPorosity,
    airSpace,
    containerCapacity: totalPorosity - airSpace,
    reasons: [
      reason('test.drain', {
        potL,
        inL: waterInL + startWaterL,
        outL: waterOutL,
        poreShare: totalPorosity,
        airShare: airSpace,
      }),
    ],
  }
}

/** Salt limits, as the conductivity of a saturated extract, dS/m. */
export const SALTY_EC_DS_M = 4
const POOR_EC_DS_M = 0.8

/** What a saturated extract would read, beside what each quick method reads (memory). */
const TO_SATURATED: Readonly<Record<ExtractMethod, number>> = { oneToTwo: 2.6, pourThrough: 0.67 }

export interface ExtractResult {
  readonly saturatedEcDsM: number
  readonly verdict: 'poor' | 'good' | 'salty'
  readonly reasons: readonly Reason[]
}

/**
 * Salt in a mix from a quick extract: one part of mix shaken with two of water,
 * or what runs out when a little is poured through.
 *
 * @param ecDsM as the meter reads, dS/m (mS/cm)
 */
export function interpretExtract(method: ExtractMethod, ecDsM: number): ExtractResult {
  const saturatedEcDsM = ecDsM * TO_SATURATED[method]
  const verdict =
    saturatedEcDsM > SALTY_EC_DS_M ? 'salty' : saturatedEcDsM < POOR_EC_DS_M ? 'poor' : 'good'
  return {
    saturatedEcDsM,
    verdict,
    reasons: [
      reason(
        'test.extract',
        { ec: ecDsM, factor: TO_SATURATED[method], saturated: saturatedEcDsM },
        memory,
      ),
      reason(`test.${verdict}`, { limit: SALTY_EC_DS_M, poor: POOR_EC_DS_M }, practice),
    ],
  }
}

/** The last test of a kind made of something, if any. */
export function lastTest<K extends MixTestKind>(
  tests: readonly MixTest[],
  kind: K,
  of: (typeof testedKinds)[number],
  testedId: string,
): Extract<MixTest, { kind: K }> | undefined {
  const own = tests.filter(
    (test): test is Extract<MixTest, { kind: K }> =>
      test.kind === kind && test.of === of && test.testedId === testedId,
  )
  return own.sort((one, other) => (one.at < other.at ? -1 : 1)).at(-1)
}
