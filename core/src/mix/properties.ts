import type { MixBody } from '../container'
import { memory, published, reason, type Reason } from '../units'
import { estimatedPh, judgePh, phReasons, type PhVerdict } from './acidity'
import { aged, blended, settledShareOf, type Blend } from './blend'
import {
  BUFFER_TO_CM,
  drainedBody,
  drainedReasons,
  EASILY_FROM_CM,
  EASILY_TO_CM,
  mixOf,
  type Mix,
} from './drained'
import type { NutrientsMgL } from './ingredientSchema'

const yeager = published(
  'Yeager et al., Best Management Practices: Guide for Producing Nursery Crops',
)
const deBoodt = published('de Boodt & Verdonck 1972, Acta Hort. 26:37–44')

/** Published ranges, shares of volume and g/L. */
export const mixRanges = {
  airSpace: { least: 0.1, most: 0.3, provenance: yeager },
  containerCapacity: { least: 0.45, most: 0.65, provenance: yeager },
  totalPorosity: { least: 0.5, most: 0.85, provenance: yeager },
  bulkDensityGL: { least: 190, most: 700, provenance: yeager },
  easilyAvailable: { least: 0.2, most: 0.3, provenance: deBoodt },
  waterBuffer: { least: 0.04, most: 0.1, provenance: deBoodt },
} as const
export type RangedProperty = keyof typeof mixRanges

export type RangeVerdict = 'low' | 'good' | 'high'

/** A quantity beside its published range. */
export interface Ranged {
  readonly property: RangedProperty
  readonly value: number
  readonly verdict: RangeVerdict
  readonly reasons: readonly Reason[]
}

function judgeRange(property: RangedProperty, value: number, more: readonly Reason[] = []): Ranged {
  const { least, most, provenance } = mixRanges[property]
  const verdict = value < least ? 'low' : value > most ? 'high' : 'good'
  const params =
    property === 'bulkDensityGL'
      ? { valueGL: value, leastGL: least, mostGL: most }
      : { valueShare: value, leastShare: least, mostShare: most }
  return {
    property,
    value,
    verdict,
    reasons: [reason(`range.${property}`, params, provenance), ...more],
  }
}

/** Nitrogen that microbes take from a mix while its wood decays. */
export interface NitrogenDraw {
  /** Of what decays in a season. Undefined where nothing does. */
  readonly carbonToNitrogen: number | undefined
  readonly isFlagged: boolean
  /** Taken from each mixed litre over a season, mg; nothing where it gives. */
  readonly drawMgL: number
  /** The other way round: set free, mg; nothing where it takes. */
  readonly giveMgL: number
  readonly reasons: readonly Reason[]
}

/** Above this, what decays takes nitrogen from the mix; below, it gives some (memory). */
const BALANCED_CN = 30

/** C:N of what decays in a season, and the nitrogen that it takes. */
export function nitrogenDraw(mix: Blend): NitrogenDraw {
  const packing = 1 / (1 - mix.shrinkShare)
  const decaying = mix.shares.map(({ ingredient, share }) => ({
    carbonGL:
      share * packing * ingredient.bulkDensityGL * ingredient.carbonShare * ingredient.decayShare,
    ratio: ingredient.carbonToNitrogen,
  }))
  const carbonGL = decaying.reduce((sum, one) => sum + one.carbonGL, 0)
  const nitrogenGL = decaying.reduce((sum, one) => sum + one.carbonGL / one.ratio, 0)
  if (!(carbonGL > 0))
    return {
      carbonToNitrogen: undefined,
      isFlagged: false,
      drawMgL: 0,
      giveMgL: 0,
      reasons: [reason('nitrogen.nothingDecays', {}, memory)],
    }
  const carbonToNitrogen = carbonGL / nitrogenGL
  const takenMgL = (carbonGL / BALANCED_CN - nitrogenGL) * 1000
  const drawMgL = Math.max(0, takenMgL)
  const isFlagged = carbonToNitrogen > BALANCED_CN
  return {
    carbonToNitrogen,
    isFlagged,
    drawMgL,
    giveMgL: Math.max(0, -takenMgL),
    reasons: [
      reason('nitrogen.ratio', { carbonGL, ratio: Math.round(carbonToNitrogen) }, memory),
      reason(isFlagged ? 'nitrogen.takes' : 'nitrogen.gives', { drawG: drawMgL / 1000 }, memory),
    ],
  }
}

/** What is known of a mix before it is mixed, whatever it is filled into. */
export interface MixProperties {
  readonly totalPorosity: Ranged
  readonly bulkDensityGL: Ranged
  /** Between 10 and 50 cm of suction, share of volume. */
  readonly easilyAvailable: Ranged
  /** Between 50 and 100 cm. */
  readonly waterBuffer: Ranged
  readonly ph: {
    readonly value: number
    readonly verdict: PhVerdict
    readonly reasons: readonly Reason[]
  }
  readonly nitrogen: NitrogenDraw
  readonly nutrientsMgL: NutrientsMgL
  readonly ecDsM: number
  /** Share of its height that it settles in a season. */
  readonly settleShare: number
  /** Conductivity for water when soaked, cm a day. */
  readonly conductivityCmD: number
}

/** Conductivity of a blend: the mean of its ingredients in orders of magnitude. */
export const conductivityCmD = ({ shares }: Blend): number =>
  Math.exp(blended(shares, (one) => Math.log(one.conductivityCmD)))

/** What a mix is by itself: pores, density, water within reach, pH, nitrogen, nutrients, settling. */
export function mixProperties({ blend, curve }: Mix): MixProperties {
  const held = curve.waterShare
  return {
    totalPorosity: judgeRange('totalPorosity', curve.totalPorosity),
    bulkDensityGL: judgeRange('bulkDensityGL', blend.bulkDensityGL),
    easilyAvailable: judgeRange('easilyAvailable', held(EASILY_FROM_CM) - held(EASILY_TO_CM)),
    waterBuffer: judgeRange('waterBuffer', held(EASILY_TO_CM) - held(BUFFER_TO_CM)),
    ph: {
      value: estimatedPh(blend),
      verdict: judgePh(estimatedPh(blend)),
      reasons: phReasons(blend),
    },
    nitrogen: nitrogenDraw(blend),
    nutrientsMgL: blend.nutrientsMgL,
    ecDsM: blend.ecDsM,
    settleShare: settledShareOf(blend),
    conductivityCmD: conductivityCmD(blend),
  }
}

/** What a mix is in one container. */
export interface PotMix {
  readonly airSpace: Ranged
  readonly containerCapacity: Ranged
  readonly dryG: number
  /** Drained after watering. */
  readonly wetG: number
  /** Air at the end of a first season, when it has settled. */
  readonly settledAir: Ranged
}

/** A mix as it is at the end of a first season. */
export const settledMix = (mix: Mix): Mix => mixOf(aged(mix.blend, 1))

/**
 * Air, water and weight of a mix as a container holds it, drained; fresh and settled.
 *
 * @param volumeL mix in all of it: a tower has a body a tier
 * @param settled the same mix at the end of a season, worked out once for all containers
 */
export function potMix(body: MixBody, volumeL: number, mix: Mix, settled: Mix): PotMix {
  const { airSpace, containerCapacity } = drainedBody(body, mix.curve)
  const why = drainedReasons(body, mix)
  return {
    airSpace: judgeRange('airSpace', airSpace, why),
    containerCapacity: judgeRange('containerCapacity', containerCapacity, why),
    dryG: mix.blend.bulkDensityGL * volumeL,
    wetG: (mix.blend.bulkDensityGL + 1000 * containerCapacity) * volumeL,
    settledAir: judgeRange('airSpace', drainedBody(body, settled.curve).airSpace, [
      reason('mix.settles', { settleShare: settledShareOf(mix.blend) }, memory),
    ]),
  }
}
