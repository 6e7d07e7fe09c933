import type { ContainerType, Dimension, PartName, Shape } from '@rimbo/core'

/** Every size that a form can ask for; which of them depends on the type. */
export type SizeName =
  | 'topDiameterMm'
  | 'bottomDiameterMm'
  | 'heightMm'
  | 'topLengthMm'
  | 'topWidthMm'
  | 'bottomLengthMm'
  | 'bottomWidthMm'
  | 'diameterMm'
  | 'depthMm'

const sizesOfKind: Readonly<Record<Shape['kind'], readonly SizeName[]>> = {
  round: ['topDiameterMm', 'bottomDiameterMm', 'heightMm'],
  barrel: ['topDiameterMm', 'bottomDiameterMm', 'heightMm'],
  rectangular: ['topLengthMm', 'topWidthMm', 'bottomLengthMm', 'bottomWidthMm', 'heightMm'],
  bowl: ['diameterMm', 'depthMm'],
}

export const kindOf: Readonly<Record<ContainerType, Shape['kind']>> = {
  pot: 'round',
  bucket: 'round',
  halfBarrel: 'barrel',
  fabricBag: 'round',
  flatBag: 'rectangular',
  box: 'rectangular',
  deepBox: 'rectangular',
  reservoirBox: 'rectangular',
  reservoirBucket: 'round',
  tower: 'round',
  basket: 'bowl',
  sunkenPot: 'round',
}

export const sizesOf = (type: ContainerType): readonly SizeName[] => sizesOfKind[kindOf[type]]

/** One field of a part: a quantity, a whole number, or a choice of words. */
export type PartField =
  | {
      readonly name: string
      readonly dimension: Extract<Dimension, 'length' | 'volume' | 'share'>
      readonly optional?: true
    }
  | { readonly name: string; readonly most: number }
  | { readonly name: string; readonly choices: readonly string[] }

/** What a form asks of each part that a kind of container has beside its shape. */
export const partFields: Readonly<Record<PartName, readonly PartField[]>> = {
  reservoir: [
    { name: 'falseFloorMm', dimension: 'length' },
    { name: 'overflowMm', dimension: 'length' },
    { name: 'feeding', choices: ['foot', 'wick'] },
    { name: 'footCount', most: 12 },
    { name: 'footDiameterMm', dimension: 'length' },
  ],
  rings: [
    { name: 'count', most: 12 },
    { name: 'topDiameterMm', dimension: 'length' },
    { name: 'bottomDiameterMm', dimension: 'length' },
    { name: 'heightMm', dimension: 'length' },
    { name: 'fillMm', dimension: 'length' },
  ],
  cutOuts: [
    { name: 'count', most: 12 },
    { name: 'diameterMm', dimension: 'length' },
  ],
  tower: [
    { name: 'tiers', most: 12 },
    { name: 'pocketsPerTier', most: 12 },
    { name: 'pocketVolumeL', dimension: 'volume', optional: true },
  ],
  layers: [
    { name: 'fillerMm', dimension: 'length' },
    { name: 'poorSoilMm', dimension: 'length' },
  ],
  sunken: [{ name: 'floorCutShare', dimension: 'share' }],
}
