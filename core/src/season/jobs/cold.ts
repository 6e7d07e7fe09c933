import type { Variety } from '../../plant'

/** Nights that each crop wants at least, °C (practice: tomatoes 7, peppers 10). */
const NIGHTS_C = { tomato: 7, pepper: 10 } as const
export const cropColdC = ({ crop }: Pick<Variety, 'crop'>): number => NIGHTS_C[crop]

/** At this lowest of the night a plant is covered: frost may come a little lower than told (memory), °C. */
export const FROST_NEAR_C = 1
