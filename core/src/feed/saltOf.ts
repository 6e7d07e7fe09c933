import { DISSOLVED_CA_MG_L, MOBILE_SHARE, type FedPot } from './fedPot'
import { ofNutrients, type NutrientAmounts } from './label'
import type { NutrientRows } from './need'
import { cationsMeq } from './solution'

/** Salt that is no nutrient comes with the mix and the water, and leaves with what drains. */
export function saltOf(
  { days, givenL, drainedL, water, startG, startEcDsM }: FedPot,
  dissolvedG: NutrientRows,
  start: number,
  heldL: number,
  saturatedL: number,
): Float64Array {
  const ecDsM = new Float64Array(days)
  // Charge is balanced: whichever of cations and nitrate there is more of has its counterpart.
  const charge = (mg: NutrientAmounts) =>
    Math.max(cationsMeq(mg, 0), cationsMeq({ ...mg, k: 0, ca: 0, mg: 0 }, 1))
  const ofNutrient = (grams: NutrientAmounts) =>
    charge(ofNutrients((one) => grams[one] * 1000)) / 10 / saturatedL
  const dissolvedAtStart = ofNutrients((one) =>
    one === 'ca'
      ? Math.min(startG.ca * MOBILE_SHARE.ca, (DISSOLVED_CA_MG_L * heldL) / 1000)
      : startG[one] * MOBILE_SHARE[one],
  )
  const waterOther =
    water.ecDsM - cationsMeq({ n: 0, p: 0, k: 0, ca: water.caMgL, mg: water.mgMgL }, 0) / 10
  let other = startEcDsM - ofNutrient(dissolvedAtStart)
  for (let day = start; day < days; day++) {
    other += (givenL[day]! * Math.max(0, waterOther)) / saturatedL
    other *= Math.exp(-drainedL[day]! / heldL)
    const nutrientEc = ofNutrient(ofNutrients((one) => dissolvedG[one][day]!))
    ecDsM[day] = Math.max(0, other + nutrientEc)
  }
  return ecDsM
}
