import { containerVolumes } from '../../container'
import { remembered } from '../../units'
import { heightOf, type Fill, type PotState } from './states'

/** Mix as it was put in, between two heights above the inner floor. */
export interface Layer {
  readonly fill: Fill
  readonly fromMm: number
  readonly toMm: number
}

/**
 * What a pot was filled and topped up with, from the oldest, each as it lies on the one
 * before. What was worked in lies in all of them; a tower is filled tier by tier, and is one.
 */
export const layersOf = remembered(({ container, fills }: PotState): readonly Layer[] => {
  const laid = container.tower ? fills.slice(0, 1) : fills.filter(({ isWorkedIn }) => !isWorkedIn)
  const totalL = laid.reduce((sum, { volumeL }) => sum + volumeL, 0)
  const { fillVolumeL } = containerVolumes(container)
  let [belowL, fromMm] = [0, 0]
  return laid.map((fill, index) => {
    belowL += fill.volumeL
    const isTop = index === laid.length - 1
    const toMm = isTop ? container.fillMm : heightOf(container, (belowL / totalL) * fillVolumeL)
    const layer = { fill, fromMm, toMm }
    fromMm = toMm
    return layer
  })
})
