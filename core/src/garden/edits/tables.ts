import type { Garden } from '../garden'
import type { TableName } from '../tables'
import { editOf, type GardenEdit } from './edit'

/** Puts a list that was read from a table in the place of the garden's own. */
export const keepTable = <N extends TableName>(name: N, list: NonNullable<Garden[N]>): GardenEdit =>
  editOf('table', { count: list.length }, (draft) => {
    Object.assign(draft, { [name]: list })
  })
