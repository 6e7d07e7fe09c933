import type { GardenRecord } from '../kinds'
import type { Shop } from '../shops'
import { keepIn } from '../touched'
import { editOf, without, type GardenEdit } from './edit'

/** Keeps a shop with its packs and prices. */
export const keepShop = (edited: Shop, start: Shop | undefined, isNew: boolean): GardenEdit =>
  editOf('shop', { name: edited.name ?? '' }, (draft) => {
    const shops = draft.shops ?? []
    keepIn(shops, edited, start, isNew)
    draft.shops = shops
  })

/** Takes a shop away; what was bought there stays bought. */
export const removeShop = ({ id, name }: Pick<Shop, 'id' | 'name'>): GardenEdit =>
  editOf('removeShop', { name: name ?? '' }, (draft) => {
    draft.shops = without(draft.shops ?? [], id)
  })

/** Records what was bought or counted, as one change. */
export const recordStock = (records: readonly GardenRecord[]): GardenEdit =>
  editOf('stock', { count: records.length }, (draft) => {
    draft.records.push(...records)
  })
