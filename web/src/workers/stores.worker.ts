import {
  seasonCosts,
  shoppingList,
  stockForecast,
  type Garden,
  type Need,
  type Shop,
  type ShoppingList,
} from '@rimbo/core'
import { expose } from './door'
import { loadSolver } from './solver'

const work = {
  forecast: (garden: Garden, now: string, to: string) => stockForecast(garden, now, to),
  /** The cheapest way to buy it all, proven where there is time. */
  list: async (
    garden: Garden,
    need: readonly Need[],
    shops: readonly Shop[],
    progress: (share: number) => void,
  ): Promise<ShoppingList> => {
    const solve = await loadSolver()
    progress(0.3)
    return shoppingList(garden, need, shops, solve)
  },
  costs: (garden: Garden, season: string) => seasonCosts(garden, season),
}
export type StoresWork = typeof work
expose(work)
