import { measuredOut, type FeedDose, type FeedTools } from '../../feed'
import type { Measured } from '../../units'
import { type DueFeed, type FeedToday } from '../feed'
import type { Round, Stop } from './round'

/** A stop of the walk with its feed. */
export interface FedStop {
  readonly stop: Stop
  readonly feed: FeedToday | undefined
  /** To give on this walk: nothing of it is held back. */
  readonly due: readonly DueFeed[]
  /** Plain water beside what the feed is dissolved in, L. */
  readonly plainL: number
}

/** Cans of one feed at one strength. */
export interface FeedCans {
  readonly dose: FeedDose
  readonly containerIds: readonly string[]
  readonly litres: number
  readonly cans: number
  /** Of the product, in all of it. */
  readonly massG: number
  readonly measure: Measured | undefined
  /** Of a liquid, mL. */
  readonly volumeMl: number | undefined
}

export interface FeedRound {
  readonly stops: readonly FedStop[]
  readonly cans: readonly FeedCans[]
  /** Strewn, not dissolved: of each product. */
  readonly strewn: readonly FeedCans[]
  /** Plain water and solutions to carry, L, and the cans it takes. */
  readonly carryL: number
  readonly carryCans: number
}

/** Strengths that differ by less are one can. */
const SAME_STRENGTH = 0.02

function gathered(stops: readonly FedStop[], tools: FeedTools): FeedCans[] {
  const groups: { dose: FeedDose; ids: string[]; litres: number; massG: number }[] = []
  for (const { stop, due } of stops)
    for (const { dose } of due) {
      const litres = dose.solution?.volumeL ?? 0
      const gramsL = dose.solution?.gramsL
      const same = groups.find(
        (one) =>
          one.dose.product.id === dose.product.id &&
          (gramsL === undefined
            ? one.dose.solution === undefined
            : Math.abs((one.dose.solution?.gramsL ?? 0) / gramsL - 1) < SAME_STRENGTH),
      )
      const id = stop.pot.container.id
      if (!same) groups.push({ dose, ids: [id], litres, massG: dose.massG })
      else {
        same.ids.push(id)
        same.litres += litres
        same.massG += dose.massG
      }
    }
  return groups.map(({ dose, ids, litres, massG }) => ({
    dose,
    containerIds: ids,
    litres,
    massG,
    ...measuredOut(dose.product, massG, tools),
    cans: litres / tools.measures.canL,
  }))
}

/**
 * The walk with its feeds: what each pot gets beside its water, and how much of
 * what goes into which can. Of several solutions for one pot only the first is
 * given: one can at a time.
 */
export function feedRound(
  { stops }: Round,
  feedOf: (stop: Stop) => FeedToday | undefined,
  tools: FeedTools,
): FeedRound {
  const fed = stops.map((stop): FedStop => {
    const feed = feedOf(stop)
    const ready = feed?.due.filter(({ isHeld }) => !isHeld) ?? []
    const firstCan = ready.find(({ dose }) => dose.solution)
    const due = ready.filter((one) => !one.dose.solution || one === firstCan)
    const inFeedL = firstCan?.dose.solution?.volumeL ?? 0
    return { stop, feed, due, plainL: Math.max(0, stop.nowL - inFeedL) }
  })
  const carryL = fed.reduce(
    (sum, { plainL, due }) =>
      sum + plainL + due.reduce((litres, { dose }) => litres + (dose.solution?.volumeL ?? 0), 0),
    0,
  )
  const cans = gathered(fed, tools)
  return {
    stops: fed,
    cans: cans.filter(({ dose }) => dose.solution),
    strewn: cans.filter(({ dose }) => !dose.solution),
    carryL,
    carryCans: Math.ceil(carryL / tools.measures.canL - 1e-9),
  }
}
