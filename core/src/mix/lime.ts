import { memory, practice, published, reason, type Provenance, type Reason } from '../units'
import { estimatedPh, judgePh, WANTED_PH } from './acidity'
import type { Batch } from './batch'

export const limeKinds = [
  'ground',
  'dolomitic',
  'pelleted',
  'hydrated',
  'eggshell',
  'woodAsh',
] as const
export type LimeKindId = (typeof limeKinds)[number]

export type LimeCaution = 'lime' | 'causticLime' | 'woodAsh'

/** Something that makes a mix less acid. */
export interface LimeKind {
  readonly id: LimeKindId
  /** Acid that a gram takes up, beside a gram of pure calcium carbonate. */
  readonly neutralisingValue: number
  /** Share of it that works within a season: coarse grains hardly do. */
  readonly workingShare: number
  readonly densityGMl: number
  readonly caution: LimeCaution
  readonly provenance: Provenance
}

// Formula masses from standard atomic weights: CaCO₃ 100.09, CaMg(CO₃)₂ 184.40, Ca(OH)₂ 74.09.
const stoichiometry = published('formula masses, IUPAC standard atomic weights')
const kind = (
  id: LimeKindId,
  neutralisingValue: number,
  workingShare: number,
  densityGMl: number,
  caution: LimeCaution,
  provenance: Provenance,
): LimeKind => ({ id, neutralisingValue, workingShare, densityGMl, caution, provenance })

/** Kinds of lime. What works of it, and what a millilitre weighs, are from memory. */
export const limes: Readonly<Record<LimeKindId, LimeKind>> = {
  ground: kind('ground', 1, 1, 1.3, 'lime', stoichiometry),
  dolomitic: kind('dolomitic', 1.085, 0.95, 1.3, 'lime', stoichiometry),
  pelleted: kind('pelleted', 0.95, 0.7, 1.05, 'lime', memory),
  hydrated: kind('hydrated', 1.351, 1, 0.5, 'causticLime', stoichiometry),
  eggshell: kind('eggshell', 0.95, 0.3, 0.9, 'lime', memory),
  woodAsh: kind('woodAsh', 0.5, 1, 0.5, 'woodAsh', memory),
}

/** Carbonate alone takes a mix no further (published: calcite in equilibrium with air lies at pH 8.3). */
const MOST_LIMED_PH = 8.3

/** How far the estimate of a dose may be off, either way (practice: 3–5 g/L of peat). */
const DOSE_ERROR = 0.25

export interface LimeDose {
  readonly kind: LimeKind
  readonly massG: number
  readonly leastG: number
  readonly mostG: number
  /** As estimated or measured before liming. */
  readonly ph: number
  /** In what the recipe itself strews in, as ground limestone, g. */
  readonly broughtG: number
  /** The recipe alone brings the mix past what tomatoes and peppers need. */
  readonly isTooMuch: boolean
  readonly reasons: readonly Reason[]
}

const inKind = (groundG: number, { neutralisingValue, workingShare }: LimeKind) =>
  groundG / (neutralisingValue * workingShare)

/** Ground limestone that does as much as some of another lime, g. */
export const asGroundG = (massG: number, { neutralisingValue, workingShare }: LimeKind): number =>
  massG * neutralisingValue * workingShare

/** Pure calcium carbonate that takes up as much acid as some calcium and magnesium bound as a lime, g for each g. */
export const CARBONATE_PER_CALCIUM = 100.09 / 40.078
export const CARBONATE_PER_MAGNESIUM = 100.09 / 24.305

/**
 * Ground limestone that does as much as the limes a recipe strews in, g: those told
 * in grams a litre. What it tells in spoons a pot is known with the pot.
 */
const broughtByRecipeG = ({ mix, volumeL }: Batch): number =>
  (mix.recipe.amendments ?? []).reduce((sum, { productId, amount, unit }) => {
    const lime = limeKinds.find((id) => id === productId)
    return lime && unit === 'gramsPerLitre' ? sum + asGroundG(amount * volumeL, limes[lime]) : sum
  }, 0)

const kindReasons = (lime: LimeKind, groundG: number): Reason[] =>
  lime.id === 'ground' || groundG === 0
    ? []
    : [
        reason(
          'lime.kind',
          {
            lime: lime.id,
            groundG,
            value: lime.neutralisingValue,
            workingShare: lime.workingShare,
            massG: inKind(groundG, lime),
          },
          lime.provenance,
        ),
      ]

/**
 * Lime that brings a fresh batch to the pH that tomatoes and peppers need, less what
 * the recipe itself brings. A mix that is estimated to lie there already gets none.
 * It is an estimate: measure the pH after a week, before adding more.
 *
 * @param kindId   which lime; ground limestone where left out
 * @param broughtG ground limestone that does as much as the limes of the recipe; those
 *   it tells in grams a litre where left out
 */
export function limeDose(
  batch: Batch,
  kindId: LimeKindId = 'ground',
  broughtG: number = broughtByRecipeG(batch),
): LimeDose {
  const lime = limes[kindId]
  const { bufferGL } = batch.mix
  const { volumeL } = batch
  const ph = estimatedPh(batch.mix)
  const isAcid = judgePh(ph) === 'acid'
  const wantedG = isAcid ? (WANTED_PH.aim - ph) * bufferGL * volumeL : 0
  const groundG = Math.max(0, wantedG - broughtG)
  const phThen = Math.min(MOST_LIMED_PH, ph + broughtG / Math.max(1e-9, bufferGL * volumeL))
  const isTooMuch = broughtG > wantedG && judgePh(phThen) === 'alkaline'
  const massG = inKind(groundG, lime)
  return {
    kind: lime,
    massG,
    leastG: massG * (1 - DOSE_ERROR),
    mostG: massG * (1 + DOSE_ERROR),
    ph,
    broughtG,
    isTooMuch,
    reasons: [
      ...(isTooMuch
        ? [reason('lime.recipeTooMuch', { broughtG, ph: phThen, mostPh: WANTED_PH.most }, memory)]
        : []),
      ...(isAcid
        ? [
            reason(
              'lime.raise',
              { ph, aimPh: WANTED_PH.aim, rateGL: bufferGL, volumeL, groundG: wantedG },
              memory,
            ),
            reason('lime.makers', {}, practice),
          ]
        : [reason(judgePh(ph) === 'alkaline' ? 'lime.alkaline' : 'lime.none', { ph }, memory)]),
      ...(broughtG > 0 && wantedG > 0
        ? [reason('lime.recipeBrings', { broughtG, groundG }, memory)]
        : []),
      ...kindReasons(lime, groundG),
      reason('lime.measure', {}, practice),
    ],
  }
}

/** Elemental sulphur that takes up as much alkali as a gram of calcium carbonate: S 32.06 / CaCO₃ 100.09. */
const SULPHUR_PER_CARBONATE = 0.3203
/** More at once than this harms roots, g for each litre of mix (memory). */
const MOST_SULPHUR_GL = 0.5
/** A grown pot gets no more lime at once than this, g for each litre (memory). */
const MOST_LIME_GL = 2

export interface PhCorrection {
  readonly verdict: 'acid' | 'good' | 'alkaline'
  /** Lime to add now, g; nothing unless it is too acid. */
  readonly limeG: number
  /** Elemental sulphur to add now, g; nothing unless it is too alkaline. */
  readonly sulphurG: number
  readonly reasons: readonly Reason[]
}

/**
 * What to do after the pH of a mix was measured. Never calcium by habit: where
 * the pH is right, fruit that rots at its end wants even water, not lime.
 *
 * @param ph       as measured, of the mix and not of the drained water
 * @param bufferGL ground limestone that raises a litre by one, g
 */
export function phCorrection(
  ph: number,
  bufferGL: number,
  volumeL: number,
  kindId: LimeKindId = 'ground',
): PhCorrection {
  const lime = limes[kindId]
  const verdict = judgePh(ph)
  const awayGL = Math.abs(WANTED_PH.aim - ph) * bufferGL
  if (verdict === 'good')
    return {
      verdict,
      limeG: 0,
      sulphurG: 0,
      reasons: [reason('ph.good', { ph }, practice), reason('ph.noHabit', {}, practice)],
    }
  if (verdict === 'acid') {
    const groundG = Math.min(awayGL, MOST_LIME_GL) * volumeL
    return {
      verdict,
      limeG: inKind(groundG, lime),
      sulphurG: 0,
      reasons: [
        reason('ph.acid', { ph, aimPh: WANTED_PH.aim, rateGL: bufferGL, volumeL, groundG }, memory),
        ...kindReasons(lime, groundG),
        ...(awayGL > MOST_LIME_GL ? [reason('ph.inSteps', {}, memory)] : []),
        reason('lime.measure', {}, practice),
      ],
    }
  }
  const sulphurGL = Math.min(awayGL * SULPHUR_PER_CARBONATE, MOST_SULPHUR_GL)
  return {
    verdict,
    limeG: 0,
    sulphurG: sulphurGL * volumeL,
    reasons: [
      reason('ph.alkaline', { ph, sulphurG: sulphurGL * volumeL }, stoichiometry),
      ...(awayGL * SULPHUR_PER_CARBONATE > MOST_SULPHUR_GL
        ? [reason('ph.inSteps', {}, memory)]
        : []),
      reason('ph.slow', {}, practice),
    ],
  }
}
