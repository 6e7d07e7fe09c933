export { checkOf, checkOutcomes, factsFrom, type PotCheck } from './factsFrom'
export { mixVerdictAfter } from './mixAfter'
