export { placeSchema, spaceSchema, type Place, type Space } from './schema'
