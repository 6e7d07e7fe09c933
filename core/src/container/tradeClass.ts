import { own, published, units } from '../units'

export const tradeClassProvenance = published(
  'ANSI Z60.1, American Standard for Nursery Stock, container classes',
)

/** Nursery container classes: the volume that may be sold under each number, in³. */
const CLASSES_IN3: Readonly<Record<string, readonly [least: number, most: number]>> = {
  '#1': [152, 251],
  '#2': [320, 474],
  '#3': [628, 742],
  '#5': [785, 1242],
  '#7': [1337, 1790],
  '#10': [2080, 2646],
  '#15': [2768, 3696],
  '#20': [4520, 5152],
  '#25': [5775, 6861],
}

const CUBIC_INCH_L = units.volume.in3.factor

export interface TradeClassRange {
  readonly leastL: number
  readonly mostL: number
}

/** The volumes that a nursery class covers, L, or undefined for no such class. */
export function tradeClassRange(tradeClass: string): TradeClassRange | undefined {
  const range = own(CLASSES_IN3, tradeClass)
  return range && { leastL: range[0] * CUBIC_INCH_L, mostL: range[1] * CUBIC_INCH_L }
}

/**
 * The nursery trade class of a volume: "#7" and the like. A class is a range, not
 * a number of gallons, and there are gaps between them.
 *
 * @returns undefined where no class covers the volume
 * @source ANSI Z60.1
 */
export function tradeClassOf(volumeL: number): string | undefined {
  const volumeIn3 = volumeL / CUBIC_INCH_L
  return Object.keys(CLASSES_IN3).find((name) => {
    const [least, most] = own(CLASSES_IN3, name)!
    return volumeIn3 >= least && volumeIn3 <= most
  })
}
