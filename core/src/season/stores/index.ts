export { stockForecast, type NeedWeek, type StockNeed } from './forecast'
export { germinationShare, seedLifeProvenance, seedsFor } from './seeds'
