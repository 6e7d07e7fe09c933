export type { FactDates } from './factDates'
export { checkOf, checkOutcomes, factsFrom, type PotCheck } from './factsFrom'
export { mixVerdictAfter } from './mixAfter'
export { isGoingRound } from './neighbours'
