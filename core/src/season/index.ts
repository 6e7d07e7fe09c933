export {
  gardenToday,
  plantCount,
  weatherOn,
  type GardenToday,
  type MixToday,
  type PlantingToday,
  type PotToday,
} from './today'
