import { reservoirReach } from '../../mix'
import { growthOn } from '../../plant'
import { addDays, type Reason } from '../../units'
import { blossomEndRotRisk, splitRisk, tooWet, type FruitRisk } from '../../water'
import { type GardenCourse, type PotCourse } from '../course'

/** What its water means for the fruit of one planting. */
export interface FruitRisks {
  readonly plantingId: string
  readonly blossomEndRot: FruitRisk
  readonly split: FruitRisk
}

export interface WaterRisks {
  readonly fruit: readonly FruitRisks[]
  readonly tooWet: readonly Reason[]
}

const SWELLING = ['set', 'colouring', 'cropping']
const RIPENING = ['colouring', 'cropping']

/** What the water of the last weeks means: black ends, split fruit, roots without air. */
export function waterRisks(course: GardenCourse, pot: PotCourse): WaterRisks {
  const { ofWater, container, mix, volumes } = pot
  const { run, weather, nowHour } = ofWater
  const date = addDays(course.today, 0)
  const reach = mix && reservoirReach(container, mix)
  const airlessShare = reach ? Math.min(1, reach.wetToMm / Math.max(1, container.fillMm)) : 0
  return {
    fruit: pot.plants.map(({ course: growth, planting, variety }) => {
      const { stage } = growthOn(growth, date)
      const fruit = {
        variety,
        isSwelling: SWELLING.includes(stage),
        isRipening: RIPENING.includes(stage),
        ecDsM: mix?.blend.ecDsM ?? 0,
      }
      return {
        plantingId: planting.id,
        blossomEndRot: blossomEndRotRisk(run, weather, nowHour, fruit),
        split: splitRisk(run, nowHour, fruit),
      }
    }),
    tooWet: tooWet(run, nowHour, {
      airlessShare,
      hasReservoir: volumes.reservoirL > 0,
      hasNoWayOut: container.holes?.count === 0,
    }),
  }
}
