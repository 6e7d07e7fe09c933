export { learnedFruitMass, type FruitMass } from './learned'
export { harvestSides, harvestSummary, type HarvestRow, type HarvestSide } from './summary'
