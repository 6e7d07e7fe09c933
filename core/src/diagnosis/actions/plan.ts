import type { ActionId } from './vocabulary'

/** By what it is seen that it is better. */
export const betterSigns = [
  'newLeaves',
  'nextTruss',
  'standsUp',
  'noNewSpots',
  'noNewDamage',
  'newFruit',
  'fewer',
  'plantGone',
  'nothing',
] as const
export type BetterSign = (typeof betterSigns)[number]

/** What is to be done about one cause. */
export interface CausePlan {
  /** In order within each step; the vocabulary says which step an action belongs to. */
  readonly actions: readonly ActionId[]
  /** Days until it should look better, if the cause was this one (practice). */
  readonly betterInDays: readonly [from: number, to: number]
  readonly by: BetterSign
  /** Whether the plant can stay. */
  readonly plant: 'stays' | 'goesIfWorse' | 'goes'
  /** What the mix is for the next tomatoes and peppers. */
  readonly trouble: 'none' | 'blight' | 'wilt' | 'nematodes'
}

/** A plan; the plant stays and its mix is sound where nothing else is said. */
export const plan = (
  actions: readonly ActionId[],
  betterInDays: readonly [number, number],
  by: BetterSign,
  rest: Partial<Pick<CausePlan, 'plant' | 'trouble'>> = {},
): CausePlan => ({ plant: 'stays', trouble: 'none', actions, betterInDays, by, ...rest })
