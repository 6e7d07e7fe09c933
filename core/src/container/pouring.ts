import type { Container } from './schema'

/** Into which part of a container something is poured. */
export interface Pouring {
  readonly water: 'top' | 'ring' | 'reservoir' | 'tier'
  readonly feed: 'top' | 'centre' | 'tier'
}

/**
 * Where water goes, and where what is fed in water goes: on a bag with ring pots water into
 * the outer ring and feed into the centre, into each tier of a tower from the top down,
 * into the reservoir of a box that has one, with feed on top of its mix (practice).
 */
export function pouringOf({
  rings,
  tower,
  reservoir,
}: Pick<Container, 'rings' | 'tower' | 'reservoir'>): Pouring {
  if (tower) return { water: 'tier', feed: 'tier' }
  if (reservoir) return { water: 'reservoir', feed: 'top' }
  return rings ? { water: 'ring', feed: 'centre' } : { water: 'top', feed: 'top' }
}
