/**
 * A noisy-or network of causes that can stand together.
 *
 * Each cause is at work or not, independently, by its prior odds. A sign comes
 * when any cause at work makes it (each by its own chance) or something that is
 * in no table does (its leak); a cause that speaks against a sign lets through
 * only a share of it.
 *
 * @source Pearl 1988, Probabilistic Reasoning in Intelligent Systems, §4.3.2 (noisy-or)
 */
export interface Network {
  /** Chance that each cause is at work before any sign, 0–1. */
  readonly priors: readonly number[]
  readonly present: readonly Finding[]
  readonly absent: readonly Finding[]
}

/** A sign as the causes make it, each by its place in `priors`. */
export interface Finding {
  readonly leak: number
  /** Chance that each cause makes the sign when it is at work, 0–1; nothing where the two are unconnected. */
  readonly makes: readonly number[]
  /** Share of the sign that each cause lets through when it is at work; 1 where it does not speak against it. */
  readonly lets: readonly number[]
}

export interface Posterior {
  /** Chance of all that was seen and not seen. */
  readonly evidence: number
  /** Chance that each cause is at work, given that. */
  readonly shares: readonly number[]
}

/** Present signs that are reckoned with at once; more of them are taken in turn. */
const SIGNS_AT_ONCE = 10
/** Absent signs that a cause holds back, reckoned exactly; of more, the holding back is left out. */
const HELD_BACK_AT_ONCE = 3

/** One sign that a cause may make: its bit in a set of signs, and the chance. */
interface Link {
  readonly bit: number
  readonly chance: number
}

function linksOf(present: readonly Finding[], cause: number): readonly Link[] {
  const links: Link[] = []
  for (let bit = 0; bit < present.length; bit++) {
    const chance = present[bit]!.makes[cause]!
    if (chance > 0) links.push({ bit: 1 << bit, chance })
  }
  return links
}

/** Chances of each set of signs, in place, once a cause at work has added its own. */
function addSigns(sets: Float64Array, links: readonly Link[]): void {
  for (const { bit, chance } of links)
    for (let block = 0; block < sets.length; block += 2 * bit)
      for (let set = block; set < block + bit; set++) {
        const added = sets[set]! * chance
        sets[set | bit]! += added
        sets[set]! -= added
      }
}

/** The same looked at from the end, in place: what is still missing, given what a cause adds. */
function missingSigns(sets: Float64Array, links: readonly Link[]): void {
  for (const { bit, chance } of links)
    for (let block = 0; block < sets.length; block += 2 * bit)
      for (let set = block; set < block + bit; set++)
        sets[set] = sets[set]! * (1 - chance) + sets[set | bit]! * chance
}

/** Chance of the evidence together with each cause being at work. */
interface Joint {
  readonly evidence: number
  readonly withCause: readonly number[]
}

/**
 * The joint chances, exactly: causes are gone through one by one, and beside
 * each set of signs made so far stands its chance. All terms are positive, so
 * nothing is lost by cancelling. Work grows by 2^signs, not by 2^causes.
 */
function jointOf(
  priors: readonly number[],
  present: readonly Finding[],
  off: readonly number[],
): Joint {
  const size = 1 << present.length
  const links = priors.map((_, cause) => linksOf(present, cause))
  // What a cause at work is weighed with: absent signs it would have made, present ones it speaks against.
  const weights = priors.map((prior, cause) => {
    let weight = prior * off[cause]!
    for (const { lets } of present) weight *= lets[cause]!
    return weight
  })
  const coupled: number[] = []
  let outside = 1
  for (let cause = 0; cause < priors.length; cause++)
    if (links[cause]!.length > 0) coupled.push(cause)
    else outside *= 1 - priors[cause]! + weights[cause]!

  // Row by row the chances of each set before each cause; the last row after all of them.
  const rows = new Float64Array((coupled.length + 1) * size)
  const rowOf = (at: number) => rows.subarray(at * size, (at + 1) * size)
  const start = rowOf(0)
  start[0] = 1
  addSigns(
    start,
    present.map(({ leak }, bit) => ({ bit: 1 << bit, chance: leak })),
  )
  const active = new Float64Array(size)
  for (const [at, cause] of coupled.entries()) {
    const [before, after] = [rowOf(at), rowOf(at + 1)]
    active.set(before)
    addSigns(active, links[cause]!)
    const [atWork, idle] = [weights[cause]!, 1 - priors[cause]!]
    for (let set = 0; set < size; set++) after[set] = active[set]! * atWork + before[set]! * idle
  }

  // Backwards: the chance that the causes still to come make the signs that are missing.
  const later = new Float64Array(size)
  later[size - 1] = 1
  const withCause = priors.map(() => 0)
  for (let at = coupled.length - 1; at >= 0; at--) {
    const cause = coupled[at]!
    const before = rowOf(at)
    active.set(later)
    missingSigns(active, links[cause]!)
    const [atWork, idle] = [weights[cause]!, 1 - priors[cause]!]
    let together = 0
    for (let set = 0; set < size; set++) {
      together += before[set]! * active[set]!
      later[set] = active[set]! * atWork + later[set]! * idle
    }
    withCause[cause] = together * atWork * outside
  }
  const evidence = rows[rows.length - 1]! * outside
  for (const [cause, weight] of weights.entries())
    if (links[cause]!.length === 0)
      withCause[cause] = (evidence * weight) / (1 - priors[cause]! + weight)
  return { evidence, withCause }
}

/** Absent signs that some cause holds back: there the absence is the whole less the presence. */
function withAbsent(network: Network, heldBack: readonly Finding[], off: readonly number[]): Joint {
  const [first, ...others] = heldBack
  if (!first) return jointOf(network.priors, network.present, off)
  const whole = withAbsent(network, others, off)
  const seen = withAbsent({ ...network, present: [...network.present, first] }, others, off)
  return {
    evidence: Math.max(0, whole.evidence - seen.evidence),
    withCause: whole.withCause.map((chance, cause) => Math.max(0, chance - seen.withCause[cause]!)),
  }
}

/**
 * What the signs make of each cause. Exact up to ten signs present; beyond that
 * the first ten are taken in, and what they made of each cause is the prior of
 * the next, as if the causes were independent by then.
 */
export function infer(network: Network): Posterior {
  const { priors, present, absent } = network
  const heldBack = absent
    .filter(({ lets }) => lets.some((share) => share < 1))
    .slice(0, HELD_BACK_AT_ONCE)
  const plain = absent.filter((finding) => !heldBack.includes(finding))
  const off = priors.map((_, cause) => {
    let chance = 1
    for (const { makes } of plain) chance *= 1 - makes[cause]!
    return chance
  })
  const leaks = plain.reduce((chance, { leak }) => chance * (1 - leak), 1)
  const atOnce = SIGNS_AT_ONCE - heldBack.length
  const { evidence, withCause } = withAbsent(
    { priors, present: present.slice(0, atOnce), absent: [] },
    heldBack,
    off,
  )
  const shares = withCause.map((chance) => (evidence > 0 ? Math.min(1, chance / evidence) : 0))
  const left = present.slice(atOnce)
  if (left.length === 0) return { evidence: evidence * leaks, shares }
  const later = infer({ priors: shares, present: left, absent: [] })
  return { evidence: evidence * leaks * later.evidence, shares: later.shares }
}

/** Doubt about one cause, bits. */
export const entropyBits = (share: number): number =>
  share <= 0 || share >= 1 ? 0 : -(share * Math.log2(share) + (1 - share) * Math.log2(1 - share))
