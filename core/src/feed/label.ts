/** Percent of each nutrient as a label prints it: phosphorus and the metals as oxides. */
export interface LabelAnalysis {
  readonly n?: number
  readonly p2o5?: number
  readonly k2o?: number
  readonly cao?: number
  readonly mgo?: number
}

/** Percent of each nutrient as the element. */
export interface ElementAnalysis {
  readonly n: number
  readonly p: number
  readonly k: number
  readonly ca: number
  readonly mg: number
}

// Element in its oxide by formula mass, standard atomic weights (IUPAC).
const P_IN_P2O5 = 0.4364
const K_IN_K2O = 0.8301
const CA_IN_CAO = 0.7147
const MG_IN_MGO = 0.603

/**
 * A label's guaranteed analysis as elements.
 *
 * @param label percent, oxides where the trade prints oxides
 * @returns percent of N, P, K, Ca and Mg
 */
export const labelToElements = (label: LabelAnalysis): ElementAnalysis => ({
  n: label.n ?? 0,
  p: (label.p2o5 ?? 0) * P_IN_P2O5,
  k: (label.k2o ?? 0) * K_IN_K2O,
  ca: (label.cao ?? 0) * CA_IN_CAO,
  mg: (label.mgo ?? 0) * MG_IN_MGO,
})
