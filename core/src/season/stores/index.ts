export { missingOf, stockForecast, type NeedWeek, type StockNeed } from './forecast'
export { comesUpShare, germinationShare, seedLifeProvenance, seedsFor } from './seeds'
