import {
  addDays,
  dayOf,
  gardenCourse,
  isFedOn,
  judgePlan,
  potFeeding,
  usualWater,
  type FeedPlan,
  type FeedProduct,
  type Garden,
  type GardenRecord,
} from '@rimbo/core'
import { DEMO_NOW } from './garden'

/** What each pot is fed by. Two of them are fed badly, so that it can be found. */
const feedPlans: Readonly<Record<string, FeedPlan>> = {
  b1: { programmeId: 'toMeasure' },
  f1: { programmeId: 'alternateWeeks' },
  f2: { programmeId: 'alternateWeeks' },
  f3: { programmeId: 'toMeasure' },
  k1: { programmeId: 'controlledAndLate' },
  k2: { programmeId: 'toMeasure' },
  // Far too strong, every other day, by the high-nitrogen feed to the end.
  k3: { programmeId: 'weekly', everyDays: 2, strength: 4, lateProductId: 'balancedSoluble' },
  r1: { programmeId: 'dryRing' },
  r2: { programmeId: 'toMeasure' },
  n1: { programmeId: 'weekly' },
  l1: { programmeId: 'compostAndSeaweed' },
  t1: { programmeId: 'toMeasure' },
  h1: { programmeId: 'twiceAWeekLow' },
  h2: { programmeId: 'twiceAWeekLow' },
  s1: { programmeId: 'granularAndCalcium' },
  // Hardly anything but seaweed, on half earth.
  s2: { programmeId: 'organicLiquid', productId: 'seaweedExtract' },
}

/** A feed of the gardener's own, of which nobody has weighed a spoon yet. */
const ownProduct: FeedProduct = {
  id: 'own-vine-feed',
  name: 'Vine and fruit crystals 12-5-24',
  form: 'solubleCrystals',
  analysis: { n: 12, p2o5: 5, k2o: 24, mgo: 3, so3: 6 },
  ammoniumShare: 0.2,
  rates: [{ kind: 'perLitreWater', amount: 1, mostAmount: 2, unit: 'g' }],
  leastDays: 7,
  mostDays: 10,
  solubilityGL: 250,
  placement: 'drench',
  cautions: [],
  packs: [{ massG: 750, price: 8.9 }],
}

/** What the demo's gardener feeds with. */
export const feedShelf = {
  products: [ownProduct],
  feedPlans,
  water: usualWater.tap,
}

/** None in the heat wave. */
const HEAT = { from: '2026-06-09', to: '2026-06-13' }

type FeedDraft = Omit<Extract<GardenRecord, { kind: 'feed' }>, 'id'>

/** Each pot as its plan would have fed it from planting on, up to yesterday. */
export function feeds(garden: Garden): FeedDraft[] {
  const course = gardenCourse(garden, DEMO_NOW)
  const today = dayOf(DEMO_NOW)
  return course.pots.flatMap((pot): FeedDraft[] => {
    const feeding = potFeeding(course, pot)
    const containerId = pot.container.id
    const plan = feedPlans[containerId]
    if (!feeding || !plan) return []
    return judgePlan(garden, feeding, plan, 0).feeds.flatMap(({ day, dose }): FeedDraft[] => {
      const date = addDays(course.from, day)
      if (date >= today || !isFedOn(feeding, day) || (date >= HEAT.from && date <= HEAT.to))
        return []
      const litres = dose.solution?.volumeL
      return [
        {
          kind: 'feed',
          at: `${date}T07:40`,
          containerId,
          productId: dose.product.id,
          massG: Math.max(0.5, Math.round(dose.massG * 2) / 2),
          ...(litres !== undefined && { volumeL: Math.max(0.1, Math.round(litres * 10) / 10) }),
        },
      ]
    })
  })
}
