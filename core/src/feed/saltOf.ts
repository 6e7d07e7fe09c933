import {
  DISSOLVED_CA_MG_L,
  heldOn,
  MOBILE_SHARE,
  saturatedOn,
  watersOf,
  type FedPot,
} from './fedPot'
import { ofNutrients, type NutrientAmounts } from './label'
import type { NutrientRows } from './need'
import { cationsMeq } from './solution'

/** Salt that is no nutrient comes with the mix and the water, and leaves with what drains. */
export function saltOf(pot: FedPot, dissolvedG: NutrientRows, start: number): Float64Array {
  const { days, drainedL, startG, startEcDsM, refills = [] } = pot
  const ecDsM = new Float64Array(days)
  // Charge is balanced: whichever of cations and nitrate there is more of has its counterpart.
  const charge = (mg: NutrientAmounts) =>
    Math.max(cationsMeq(mg, 0), cationsMeq({ ...mg, k: 0, ca: 0, mg: 0 }, 1))
  const ofNutrient = (grams: NutrientAmounts, day: number) =>
    charge(ofNutrients((one) => grams[one] * 1000)) / 10 / saturatedOn(pot, day)
  /** Of the salt of a mix, what is none of these nutrients. */
  const otherOf = (mixEcDsM: number, grams: NutrientAmounts, day: number) =>
    mixEcDsM -
    ofNutrient(
      ofNutrients((one) =>
        one === 'ca'
          ? Math.min(grams.ca * MOBILE_SHARE.ca, (DISSOLVED_CA_MG_L * heldOn(pot, day)) / 1000)
          : grams[one] * MOBILE_SHARE[one],
      ),
      day,
    )
  const ofWaters = watersOf(pot).map(({ water, volumeL }) => ({
    volumeL,
    otherEcDsM: Math.max(
      0,
      water.ecDsM - cationsMeq({ n: 0, p: 0, k: 0, ca: water.caMgL, mg: water.mgMgL }, 0) / 10,
    ),
  }))
  let other = otherOf(startEcDsM, startG, start)
  for (let day = start; day < days; day++) {
    for (const refill of refills)
      if (refill.day === day)
        other = other * refill.keptShare + otherOf(refill.bringsEcDsM, refill.bringsG, day)
    for (const { volumeL, otherEcDsM } of ofWaters)
      other += (volumeL[day]! * otherEcDsM) / saturatedOn(pot, day)
    other *= Math.exp(-drainedL[day]! / heldOn(pot, day))
    const nutrientEc = ofNutrient(
      ofNutrients((one) => dissolvedG[one][day]!),
      day,
    )
    ecDsM[day] = Math.max(0, other + nutrientEc)
  }
  return ecDsM
}
