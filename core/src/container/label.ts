import { z } from 'zod'
import {
  InputError,
  open,
  parseQuantity,
  reason,
  textSchema,
  units,
  type DecimalMark,
  type Reason,
  type UnitSystem,
} from '../units'
import { tradeClassOf, tradeClassProvenance, tradeClassRange } from './tradeClass'

/** What a container says of itself: a volume, or a nursery class. */
export const labelSchema = open({
  /** As it is printed. */
  text: textSchema,
  volumeL: z.number().positive().max(5000).optional(),
  /** "#7" and the like. */
  tradeClass: z.string().max(4).optional(),
})
export type Label = z.infer<typeof labelSchema>

/** "#7", "No. 7", "7 trade gallon" name a class and not a volume. */
const TRADE_CLASS = /^(?:#|no\.?|nr\.?)\s*(\d+)$|^(\d+)\s*trade\s*gal(?:lon)?s?$/i

/**
 * Reads a label as printed: "19 l", "5 gal", "#7".
 *
 * @param decimal the decimal mark of the reader’s language
 * @throws InputError as parseQuantity, or `unknownTradeClass`
 */
export function readLabel(text: string, system: UnitSystem, decimal: DecimalMark = 'point'): Label {
  const found = TRADE_CLASS.exec(text.trim())
  if (!found) return { text: text.trim(), volumeL: parseQuantity(text, 'volume', system, decimal) }
  const tradeClass = `#${found[1] ?? found[2]}`
  if (!tradeClassRange(tradeClass))
    throw new InputError('unknownTradeClass', { given: text.trim() })
  return { text: text.trim(), tradeClass }
}

export type LabelVerdict = 'agrees' | 'holdsLess' | 'holdsMore'

export interface LabelFinding {
  readonly verdict: LabelVerdict
  /** True volume over the claimed one; for a class, over its number in US gallons. */
  readonly trueOverClaim: number
  readonly reasons: readonly Reason[]
}

/** Labels within this share of the truth are let stand. */
const TOLERANCE = 0.1

/**
 * Whether a label tells what a container holds to the rim, and where it does
 * not, whether the nursery classes explain it.
 */
export function judgeLabel(label: Label, rimVolumeL: number): LabelFinding | undefined {
  const gallonL = units.volume.usGallon.factor
  const claimL = label.volumeL ?? (label.tradeClass && Number(label.tradeClass.slice(1)) * gallonL)
  if (!claimL) return undefined
  const trueOverClaim = rimVolumeL / claimL
  const verdict: LabelVerdict =
    Math.abs(trueOverClaim - 1) <= TOLERANCE
      ? 'agrees'
      : trueOverClaim < 1
        ? 'holdsLess'
        : 'holdsMore'
  const params = {
    claimL,
    trueL: rimVolumeL,
    label: label.text,
    overShare: Math.abs(trueOverClaim - 1),
  }
  return {
    verdict,
    trueOverClaim,
    reasons: [
      reason(label.tradeClass ? 'label.classNominal' : `label.${verdict}`, params),
      ...tradeReasons(label, claimL, rimVolumeL, verdict),
    ],
  }
}

function tradeReasons(
  label: Label,
  claimL: number,
  rimVolumeL: number,
  verdict: LabelVerdict,
): Reason[] {
  const gallons = Math.round(claimL / units.volume.usGallon.factor)
  const isWholeGallons = Math.abs(claimL / units.volume.usGallon.factor - gallons) < 0.05 * gallons
  const named = label.tradeClass ?? (isWholeGallons ? `#${gallons}` : undefined)
  const range = named && tradeClassRange(named)
  if (!named || !range || (!label.tradeClass && verdict === 'agrees')) return []
  const params = { tradeClass: named, gallons, ...range, trueL: rimVolumeL }
  const isInClass = tradeClassOf(rimVolumeL) === named
  if (isInClass) return [reason('label.classExplains', params, tradeClassProvenance)]
  return label.tradeClass ? [reason('label.outsideClass', params, tradeClassProvenance)] : []
}
