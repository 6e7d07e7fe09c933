import { mean, sum, variance } from 'd3-array'
import jstat from 'jstat'
import { InputError } from '../units'

/** How a comparison was made. */
export const trialMethods = [
  'tooFew',
  'pooledLog',
  'welchLog',
  'pairedLog',
  'fieller',
  'gammaPoisson',
] as const
export type TrialMethod = (typeof trialMethods)[number]

export interface TrialInput {
  /** What each plant of a side gave: kilograms, or fruits. */
  readonly a: readonly number[]
  readonly b: readonly number[]
  readonly kind: 'mass' | 'count'
  /** The first of a stood beside the first of b, and so on. */
  readonly paired?: boolean
}

export interface TrialComparison {
  /** Mean of a less mean of b. */
  readonly difference: number
  /** Mean of a over mean of b. */
  readonly ratio: number
  /** Of the ratio, by `level`. */
  readonly interval: readonly [number, number]
  readonly level: number
  readonly verdict: 'cannotTell' | 'more' | 'less'
  readonly method: TrialMethod
}

const LEVEL = 0.95
const UPPER = (1 + LEVEL) / 2
const tOf = (degrees: number, p = UPPER): number => jstat.studentt.inv(p, degrees)

type Interval = readonly [number, number]
const NOTHING_KNOWN: Interval = [0, Infinity]

/** From so many plants on each side Welch's own spread of each is used. */
const WELCH_FROM = 4

/** Variance of a mean, and the degrees of freedom of two of them together (Welch 1947, Biometrika 34:28–35). */
const ofMean = (values: readonly number[]) => variance(values)! / values.length
function welchDegrees(a: readonly number[], b: readonly number[]): number {
  const [va, vb] = [ofMean(a), ofMean(b)]
  const spread = va ** 2 / (a.length - 1) + vb ** 2 / (b.length - 1)
  return spread > 0 ? (va + vb) ** 2 / spread : a.length + b.length - 2
}

const aboutLog = (middle: number, half: number): Interval => [
  Math.exp(middle - half),
  Math.exp(middle + half),
]

/** Welch's interval of the difference of logarithms: of the ratio of two masses that are spread alike. */
function welchLog(a: readonly number[], b: readonly number[]): Interval {
  const [la, lb] = [a.map(Math.log), b.map(Math.log)]
  const half = tOf(welchDegrees(la, lb)) * Math.sqrt(ofMean(la) + ofMean(lb))
  return aboutLog(mean(la)! - mean(lb)!, half)
}

/**
 * The same with one spread for both sides: of two or three plants each, Welch's
 * degrees of freedom are told by chance, and its interval is far too wide.
 */
function pooledLog(a: readonly number[], b: readonly number[]): Interval {
  const [la, lb] = [a.map(Math.log), b.map(Math.log)]
  const degrees = a.length + b.length - 2
  const pooled = ((a.length - 1) * variance(la)! + (b.length - 1) * variance(lb)!) / degrees
  const half = tOf(degrees) * Math.sqrt(pooled * (1 / a.length + 1 / b.length))
  return aboutLog(mean(la)! - mean(lb)!, half)
}

/** Student's interval of the mean logarithm of each pair's ratio. */
function pairedLog(a: readonly number[], b: readonly number[]): Interval {
  const logs = a.map((one, at) => Math.log(one / b[at]!))
  return aboutLog(mean(logs)!, tOf(logs.length - 1) * Math.sqrt(ofMean(logs)))
}

/**
 * Fieller's interval of a ratio of means, where a plant gave nothing and has no
 * logarithm; without an end above where the mean of b may be nothing.
 *
 * @source Fieller 1954, J. R. Statist. Soc. B 16:175–185
 */
function fieller(a: readonly number[], b: readonly number[], isPaired: boolean): Interval {
  const [ma, mb] = [mean(a)!, mean(b)!]
  const n = a.length
  const covariance = isPaired
    ? sum(a.map((one, at) => (one - ma) * (b[at]! - mb))) / (n - 1) / n
    : 0
  const t2 = tOf(isPaired ? n - 1 : welchDegrees(a, b)) ** 2
  // (ma − ρ mb)² = t² (va − 2ρ cov + ρ² vb), solved for ρ.
  const square = mb ** 2 - t2 * ofMean(b)
  const half = ma * mb - t2 * covariance
  const rest = ma ** 2 - t2 * ofMean(a)
  const root = half ** 2 - square * rest
  if (square <= 0 || root < 0) return NOTHING_KNOWN
  return [Math.max(0, (half - Math.sqrt(root)) / square), (half + Math.sqrt(root)) / square]
}

/** Fruit counts of like plants vary a little more than by chance alone, as if so much was known of it (memory). */
const USUAL_DISPERSION = 1.35
const USUAL_DEGREES = 4

/**
 * The ratio of two rates of fruit, each a gamma distribution given its total
 * (Jeffreys' prior), their ratio an F; totals count for less as the plants of a
 * side differ by more than chance, drawn towards what is usual while they are few.
 *
 * @source Gelman et al. 2013, Bayesian Data Analysis, 3rd ed., §2.6; the dispersion as in
 *   McCullagh & Nelder 1989, Generalized Linear Models, 2nd ed., §6.2
 */
function gammaPoisson(a: readonly number[], b: readonly number[]): Interval {
  const pearson = sum([a, b], (side) => {
    const middle = mean(side)!
    return middle > 0 ? sum(side, (one) => (one - middle) ** 2 / middle) : 0
  })
  const degrees = a.length + b.length - 2
  const dispersion = Math.max(
    1,
    (USUAL_DEGREES * USUAL_DISPERSION + pearson) / (USUAL_DEGREES + degrees),
  )
  const [da, db] = [a, b].map((side) => (2 * sum(side) + 1) / dispersion) as [number, number]
  const scale = da / a.length / (db / b.length)
  return [scale * jstat.centralF.inv(1 - UPPER, da, db), scale * jstat.centralF.inv(UPPER, da, db)]
}

function requireNumbers({ a, b, paired }: TrialInput): void {
  if ([...a, ...b].some((one) => !Number.isFinite(one) || one < 0))
    throw new InputError('trialNumbers')
  if (paired && a.length !== b.length)
    throw new InputError('trialPairs', { a: a.length, b: b.length })
}

function intervalOf({ a, b, kind, paired = false }: TrialInput): {
  readonly interval: Interval
  readonly method: TrialMethod
} {
  if (a.length < 2 || b.length < 2) return { interval: NOTHING_KNOWN, method: 'tooFew' }
  if (kind === 'count' && !paired) return { interval: gammaPoisson(a, b), method: 'gammaPoisson' }
  if ([...a, ...b].some((one) => one === 0))
    return { interval: fieller(a, b, paired), method: 'fieller' }
  if (paired) return { interval: pairedLog(a, b), method: 'pairedLog' }
  return Math.min(a.length, b.length) < WELCH_FROM
    ? { interval: pooledLog(a, b), method: 'pooledLog' }
    : { interval: welchLog(a, b), method: 'welchLog' }
}

/**
 * What a trial of two sides tells: how many times what b gave a gave, with the
 * interval in which the truth lies in 95 of 100 such trials. Nothing is told from
 * fewer than two plants on a side.
 *
 * @throws InputError `trialNumbers` for what is no number or below nothing,
 *   `trialPairs` where pairs do not come out even
 * @example compareTrial({ a: [16], b: [32], kind: 'count' }).verdict // => 'cannotTell'
 */
export function compareTrial(input: TrialInput): TrialComparison {
  requireNumbers(input)
  const [ma, mb] = [mean(input.a) ?? 0, mean(input.b) ?? 0]
  const { interval, method } = intervalOf(input)
  const [low, high] = interval
  return {
    difference: ma - mb,
    ratio: mb > 0 ? ma / mb : ma > 0 ? Infinity : 1,
    interval,
    level: LEVEL,
    verdict: low > 1 ? 'more' : high < 1 ? 'less' : 'cannotTell',
    method,
  }
}

/** Between like plants in like pots, crops differ by so much of their mean (memory). */
const USUAL_SD_SHARE = 0.3

/**
 * The smallest difference that so many plants on each side can tell from chance,
 * as a share of what the other side gives: with so much power, at so small a
 * chance of being misled. One plant each tells none.
 *
 * @returns the difference, 0.6 for 60 % more
 * @source two-sided t test on logarithms; the sum of quantiles as in
 *   Snedecor & Cochran 1989, Statistical Methods, 8th ed., §6.14
 */
export function planTrial({
  plantsEach,
  sdShare = USUAL_SD_SHARE,
  alpha = 1 - LEVEL,
  power = 0.8,
}: {
  readonly plantsEach: number
  readonly sdShare?: number
  readonly alpha?: number
  readonly power?: number
}): { readonly tellsShare: number } {
  if (plantsEach < 2) return { tellsShare: Infinity }
  const degrees = 2 * (plantsEach - 1)
  const sdLog = Math.sqrt(Math.log1p(sdShare ** 2))
  const quantiles = tOf(degrees, 1 - alpha / 2) + tOf(degrees, power)
  return { tellsShare: Math.expm1(quantiles * sdLog * Math.sqrt(2 / plantsEach)) }
}
