import type { Garden } from '../garden'
import type { RecordKind } from '../kinds'

/** Codes of all changes but records; their words are in the interface. */
export const editCodes = [
  'addContainer',
  'addUsual',
  'editContainer',
  'copyContainer',
  'unroll',
  'deleteContainer',
  'moveContainer',
  'placeAll',
  'plan',
  'addSpace',
  'removeSpace',
  'arrangement',
  'applyArrangement',
  'plant',
  'plantAll',
  'takeOut',
  'variety',
  'setMix',
  'recipe',
  'removeRecipe',
  'ingredient',
  'removeIngredient',
  'mixTest',
  'removeMixTest',
  'feedPlan',
  'feedPlanAll',
  'noFeedPlan',
  'shelf',
  'offShelf',
  'product',
  'removeProduct',
  'water',
  'weather',
  'place',
  'weatherFile',
  'weatherService',
  'normals',
  'settings',
  'probe',
  'closeSeason',
  'deleteRecord',
  'restoreRecord',
  'changeRecord',
  'entry',
  'carryOver',
  'trial',
  'table',
  'shop',
  'removeShop',
  'stock',
  'removeTrial',
  'jobs',
  'snoozeJob',
  'skipJob',
  'switchOffJobs',
  'takeBackJobChange',
  'ownJob',
  'removeOwnJob',
  'ways',
  'checkOutcome',
] as const
export type EditCode = (typeof editCodes)[number]

/** A change of a garden: what it is called where it can be undone, and what it does. */
export interface GardenEdit {
  readonly label: {
    readonly code: `change.${EditCode}` | `change.record.${RecordKind}`
    readonly params?: Record<string, string | number>
  }
  /** Changes a draft of the garden as it is stored at that moment. */
  readonly apply: (draft: Garden) => void
}

/** An edit with one of these codes. */
export const editOf = (
  code: EditCode,
  params: Record<string, string | number>,
  apply: (draft: Garden) => void,
): GardenEdit => ({ label: { code: `change.${code}`, params }, apply })

/** A list without the item of that id. */
export const without = <T extends { readonly id: string }>(list: readonly T[], id: string): T[] =>
  list.filter((one) => one.id !== id)
