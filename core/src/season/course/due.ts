import { EVENING_FROM_H } from '../../water'
import type { PotToday } from './day'

/** Water that is due at a pot today. */
export interface WaterDue {
  readonly volumeL: number
  /** The hour from which it is due; on the next walk where left out. */
  readonly hour?: number
}

/** The water of a pot today: for this walk, and for the one in the evening. */
export const waterDues = ({
  nowL,
  eveningL,
}: Pick<PotToday, 'nowL' | 'eveningL'>): readonly WaterDue[] => [
  ...(nowL > 0 ? [{ volumeL: nowL }] : []),
  ...(eveningL > 0 ? [{ volumeL: eveningL, hour: EVENING_FROM_H }] : []),
]

/** Water among some dues, L. */
export const waterIn = (dues: readonly WaterDue[]): number =>
  dues.reduce((sum, { volumeL }) => sum + volumeL, 0)
