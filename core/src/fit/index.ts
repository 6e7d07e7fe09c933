export { relativeYield, sharingProvenance, volumeProvenance, type RelativeYield } from './yield'
export { schoolIds, type SchoolId } from './schools'
export { judgeFit, type FitJudgement, type FitVerdict } from './judge'
