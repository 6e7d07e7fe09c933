import { boxOf, type Plan, type PlanPoint } from '@rimbo/core'

/** A plan on the screen: the house below, y upwards. */
export interface PlanScale {
  readonly pxPerMm: number
  readonly x: (xMm: number) => number
  readonly y: (yMm: number) => number
  readonly toMm: (xPx: number, yPx: number) => PlanPoint
}

/** Room for measures, names and the house round the floor, px. */
const EDGE_PX = 64

export function planScale({ corners }: Plan, width: number, height: number): PlanScale {
  const { leftMm, rightMm, lowMm, highMm } = boxOf(corners)
  const pxPerMm = Math.min(
    (width - 2 * EDGE_PX) / (rightMm - leftMm),
    (height - 2 * EDGE_PX) / (highMm - lowMm),
  )
  const left = (width - (rightMm - leftMm) * pxPerMm) / 2
  const top = (height - (highMm - lowMm) * pxPerMm) / 2
  return {
    pxPerMm,
    x: (xMm) => left + (xMm - leftMm) * pxPerMm,
    y: (yMm) => top + (highMm - yMm) * pxPerMm,
    toMm: (xPx, yPx) => ({
      xMm: leftMm + (xPx - left) / pxPerMm,
      yMm: highMm - (yPx - top) / pxPerMm,
    }),
  }
}
