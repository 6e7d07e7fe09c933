export { ingredientStockL, stockOn, type StockItem, type StockKind, type StockUnit } from './stock'
export { shelfStock, type ShelfStock } from './shelf'
