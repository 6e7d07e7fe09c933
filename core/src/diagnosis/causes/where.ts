/** From the lowest leaves up. */
export const CLIMBS = {
  onLowestUp: 'always',
  onOldLeaves: 'always',
  onAllLeaves: 'sometimes',
  onNewLeaves: 'rarely',
} as const
/** On any leaves. */
export const ANYWHERE = {
  onAllLeaves: 'often',
  onOldLeaves: 'often',
  onLowestUp: 'often',
  onNewLeaves: 'sometimes',
  onOneSide: 'sometimes',
} as const
