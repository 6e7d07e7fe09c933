export {
  ingredientStockL,
  nextUseBy,
  pastUse,
  purchaseRecords,
  stockKindOf,
  stockKinds,
  stockOn,
  type StockItem,
  type StockKind,
  type StockLot,
} from './stock'
export { feedsAtHand, shelfStock, type ShelfStock } from './shelf'
export {
  overbought,
  purchasesOf,
  shoppingList,
  type BoughtNow,
  type Need,
  type ShoppingLine,
  type ShoppingList,
  type Trip,
} from './shopping'
export { ofMix, usedIn, type Used } from './used'
