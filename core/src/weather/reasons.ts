import { published, reason, type Reason } from '../units'
import {
  hargreavesEvapotranspirationMm,
  referenceEvapotranspiration,
  type EvaporationDay,
  type Site,
} from './referenceEvapotranspiration'

const paper = 'FAO Irrigation and Drainage Paper 56'

/** Why a day's reference evapotranspiration is what it is, with a second method beside it. */
export function referenceReasons(day: EvaporationDay, site: Site): readonly Reason[] {
  const { assumed } = referenceEvapotranspiration(day, site)
  return [
    reason('reference.penmanMonteith', {}, published(`${paper}, Eq. 6`)),
    ...assumed.map((term) =>
      term === 'vapourPressure' && day.dewBelowMinK
        ? reason(
            'reference.assumed.dryAir',
            { belowK: day.dewBelowMinK },
            published(`${paper}, annex 6`),
          )
        : reason(`reference.assumed.${term}`, {}, published(`${paper}, chapter 3`)),
    ),
    reason(
      'reference.hargreaves',
      { otherWaterMm: hargreavesEvapotranspirationMm(day, site) },
      published(`${paper}, Eq. 52`),
    ),
  ]
}
