import {
  bodyVolumeL,
  mixBody,
  plainBody,
  sectionAreaMm2,
  type MixBody,
  type Shape,
  type Vessel,
} from '../container'
import { memory, practice, published, reason, remembered, type Reason } from '../units'
import { drainedBody, wetZoneMm, type DrainedState, type Mix } from './drained'
import { conductivityCmD } from './properties'
import { effectiveSaturation, type RetentionCurve } from './retention'

/** A pot with some of its mix given up for a coarse layer, beside the same pot without. */
export interface CoarseLayer {
  readonly body: MixBody
  readonly plain: MixBody
  readonly withLayer: DrainedState
  readonly without: DrainedState
  /** Height above the floor up to which the mix is short of air. */
  readonly wetToMm: number
  readonly wetToWithoutMm: number
  /** Mix that roots lose, L. */
  readonly lostL: number
  /** Air in the mix of the whole pot, L. */
  readonly airL: number
  readonly airWithoutL: number
  readonly reasons: readonly Reason[]
}

/**
 * Why stones at the bottom do not drain a pot. Water passes from fine pores into
 * coarse ones only where it is hardly held at all: the mix above a coarse layer
 * stays as wet at the layer's edge as it would be at the floor, only higher up,
 * and there is less of it.
 *
 * @param layerMm depth of the coarse layer, less than the fill
 * @source Bilderback & Fonteno 1987, J. Environ. Hort. 5:180–182, for the perched water
 */
export function coarseLayer(
  shape: Shape,
  fillMm: number,
  layerMm: number,
  curve: RetentionCurve,
): CoarseLayer {
  const plain = plainBody(shape, fillMm)
  const body: MixBody = {
    slices: [{ fromMm: layerMm, toMm: fillMm, areaMm2: (zMm) => sectionAreaMm2(shape, zMm) }],
    waterTableMm: layerMm,
  }
  const withLayer = drainedBody(body, curve)
  const without = drainedBody(plain, curve)
  const wetMm = wetZoneMm(curve)
  const volumeL = bodyVolumeL(body)
  const plainL = bodyVolumeL(plain)
  return {
    body,
    plain,
    withLayer,
    without,
    wetToMm: Math.min(fillMm, layerMm + wetMm),
    wetToWithoutMm: Math.min(fillMm, wetMm),
    lostL: plainL - volumeL,
    airL: volumeL * withLayer.airSpace,
    airWithoutL: plainL * without.airSpace,
    reasons: [
      reason(
        'layer.lifts',
        {
          layerMm,
          lostL: plainL - volumeL,
          airShare: withLayer.airSpace,
          airWithoutShare: without.airSpace,
        },
        published('Bilderback & Fonteno 1987, J. Environ. Hort. 5:180–182'),
      ),
    ],
  }
}

/** Vessels that show what a form does to one mix. */
export const exampleForms = ['tray', 'flatBag', 'pocket', 'bucket', 'tallBarrel'] as const
export type ExampleForm = (typeof exampleForms)[number]

const round = (diameterMm: number, heightMm: number): Shape => ({
  kind: 'round',
  topDiameterMm: diameterMm,
  bottomDiameterMm: diameterMm,
  heightMm,
})
const box = (lengthMm: number, widthMm: number, heightMm: number): Shape => ({
  kind: 'rectangular',
  topLengthMm: lengthMm,
  topWidthMm: widthMm,
  bottomLengthMm: lengthMm,
  bottomWidthMm: widthMm,
  heightMm,
})

/** Usual measures (practice): a tray of modules, a flat bag, a tower's pocket, a bucket, a tall barrel. */
const FORMS: Readonly<Record<ExampleForm, { readonly shape: Shape; readonly fillMm: number }>> = {
  tray: { shape: box(500, 300, 60), fillMm: 50 },
  flatBag: { shape: box(1000, 380, 140), fillMm: 130 },
  pocket: { shape: round(130, 140), fillMm: 120 },
  bucket: { shape: round(280, 330), fillMm: 285 },
  tallBarrel: { shape: round(560, 850), fillMm: 800 },
}

export interface InForm extends DrainedState {
  readonly form: ExampleForm
  readonly shape: Shape
  readonly fillMm: number
  readonly body: MixBody
}

/** The same mix in vessels of different height: the lower, the wetter. */
export const sameMixIn = (curve: RetentionCurve): readonly InForm[] =>
  exampleForms.map((form) => {
    const { shape, fillMm } = FORMS[form]
    const body = plainBody(shape, fillMm)
    return { form, shape, fillMm, body, ...drainedBody(body, curve) }
  })

/** Flow that a grown plant asks for on a hot day: 3 L through 0.2 m² of mix, cm a day (practice). */
const DRAWN_CM_D = 1.5
/** No suction beyond this still moves water upwards in a mix, cm. */
const MOST_SUCTION_CM = 1000

/** K(h) of a mix over all suctions: steps of suction, cm, and the conductivity in each, cm a day. */
const conductivityBySuction = remembered(({ blend, curve }: Mix) => {
  const m = 1 - 1 / curve.vanGenuchten.n
  const soakedCmD = conductivityCmD(blend)
  const STEP = 0.03
  const steps: { readonly cm: number; readonly cmD: number }[] = []
  for (let suction = 1e-3; suction < MOST_SUCTION_CM; suction *= 1 + STEP) {
    const saturation = effectiveSaturation(curve.vanGenuchten, suction * (1 + STEP / 2))
    const open = 1 - (1 - saturation ** (1 / m)) ** m
    steps.push({ cm: suction * STEP, cmD: soakedCmD * Math.sqrt(saturation) * open ** 2 })
  }
  return steps
})

/** How high a flow of so many cm a day rises in a mix above free water, cm. */
const riseCm = (mix: Mix, flowCmD: number): number =>
  conductivityBySuction(mix).reduce((rise, { cm, cmD }) => rise + cm / (1 + flowCmD / cmD), 0)

/**
 * How high a mix lifts water from a reservoir fast enough for a plant, mm.
 *
 * The height at which so much still flows upwards: the sum of dh / (1 + q/K(h))
 * over all suctions, with the conductivity of Mualem's model.
 *
 * @source Gardner 1958, Soil Sci. 85:228–232; Mualem 1976, Water Resour. Res. 12:513–522
 */
export const capillaryRiseMm = (mix: Mix): number => riseCm(mix, DRAWN_CM_D) * 10

/** Flows between which that at a height is looked for, cm a day. */
const FLOWS_CM_D = { least: 1e-4, most: 1e3 }

/**
 * The other way round: how much water a day still rises to a height above free
 * water, cm; what a reservoir can deliver there.
 */
export function capillaryFlowCmD(mix: Mix, heightMm: number): number {
  let [low, high] = [Math.log(FLOWS_CM_D.least), Math.log(FLOWS_CM_D.most)]
  for (let step = 0; step < 24; step++) {
    const middle = (low + high) / 2
    if (riseCm(mix, Math.exp(middle)) * 10 > heightMm) low = middle
    else high = middle
  }
  return Math.exp(low)
}

export interface ReservoirReach {
  /** Mix that stands in water or short of air above it, height above the inner floor, mm. */
  readonly wetToMm: number
  /** Up to here water climbs fast enough. */
  readonly reachesMm: number
  /** Mix above that, which must be watered from the top until roots grow down. */
  readonly dryAboveMm: number
  readonly reasons: readonly Reason[]
}

/** The wet foot of a reservoir pot and how high its water climbs; undefined without a reservoir. */
export function reservoirReach(vessel: Vessel, mix: Mix): ReservoirReach | undefined {
  if (!vessel.reservoir) return undefined
  const { waterTableMm, slices } = mixBody(vessel)
  const topMm = slices.at(-1)!.toMm
  const riseMm = capillaryRiseMm(mix)
  const reachesMm = Math.min(topMm, waterTableMm + riseMm)
  return {
    wetToMm: Math.min(topMm, waterTableMm + wetZoneMm(mix.curve)),
    reachesMm,
    dryAboveMm: topMm - reachesMm,
    reasons: [
      reason(
        'reservoir.climbs',
        { riseMm, waterTableMm },
        published('Gardner 1958, Soil Sci. 85:228–232; Mualem 1976, Water Resour. Res. 12:513–522'),
      ),
      reason('reservoir.conductivity', { rateCmD: conductivityCmD(mix.blend) }, memory),
      reason('reservoir.usual', {}, practice),
    ],
  }
}
