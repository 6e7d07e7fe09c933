import { randomLcg } from 'd3'
import { own } from '@rimbo/core'

/**
 * The hatch of each ingredient: a mark of its own, so that a mix is told without
 * colour. Sizes in screen pixels: a hatch is a sign and not to scale.
 */
export type MarkDrawing = { readonly d: string; readonly isFilled: boolean }

const dot = (r: number) => `M${-r} 0a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0z`

const MARKS: Readonly<Record<string, MarkDrawing>> = {
  peat: { d: dot(0.7), isFilled: true },
  coir: { d: 'M-2 1q2 -3 4 -1', isFilled: false },
  perlite: { d: dot(1.9), isFilled: false },
  vermiculite: { d: 'M0 -2.2L1.8 0 0 2.2 -1.8 0z', isFilled: false },
  bark: { d: 'M-3 1L3 -1', isFilled: false },
  woodFibre: { d: 'M-4 -0.5Q0 1.5 4 -0.5', isFilled: false },
  compost: { d: 'M0 -1.6L1.7 1.4 -1.7 1.4z', isFilled: true },
  manure: { d: 'M-1.5 -1.5L1.5 1.5M1.5 -1.5L-1.5 1.5', isFilled: false },
  leafMould: { d: 'M-2 -1L0 1.2 2 -1', isFilled: false },
  castings: { d: 'M-2.2 0q1.1 -2 2.2 0t2.2 0', isFilled: false },
  loam: { d: 'M-2.4 -0.9H2.4M-1.4 0.9H1.4', isFilled: false },
  sand: { d: `${dot(0.5)}M2 1.2h.8M-2 1.4h.8`, isFilled: true },
  riceHulls: { d: 'M-2.4 0Q0 -1.6 2.4 0Q0 1.6 -2.4 0z', isFilled: false },
  pumice: { d: 'M-1.6 -1.6H1.6V1.6H-1.6z', isFilled: false },
  perliteFine: { d: dot(1.2), isFilled: false },
  woodChips: { d: 'M-3.4 -0.8H3.4V0.8H-3.4z', isFilled: false },
  mushroomCompost: { d: 'M-1.8 0.6a1.8 1.8 0 0 1 3.6 0zM0 0.6v1.4', isFilled: false },
  pottingMix: { d: 'M-1.3 0H1.3M0 -1.3V1.3', isFilled: false },
  clayLoam: { d: 'M-2.6 -0.9H2.6M-2.6 0.9H2.6', isFilled: false },
  lava: { d: 'M-2 1.4L-0.6 -1.6 1.8 -0.8 1.4 1.6z', isFilled: false },
  expandedClay: { d: dot(2.6), isFilled: false },
  biochar: { d: 'M-1.4 -1.4H1.4V1.4H-1.4z', isFilled: true },
}

/** What a gardener has added has no mark of its own: a small cross in a ring. */
const OWN_MARK: MarkDrawing = { d: `${dot(1.8)}M-1 0H1M0 -1V1`, isFilled: false }

/** Dashes lie, as they settle; other marks turn any way. */
const LYING = new Set(['bark', 'woodFibre', 'loam', 'riceHulls'])

/** Side of the tile that a hatch repeats, px. */
export const TILE_PX = 42
const MARKS_PER_TILE = 30

export interface PlacedMark extends MarkDrawing {
  readonly x: number
  readonly y: number
  readonly turnDeg: number
}

export interface HatchShare {
  readonly ingredientId: string
  readonly share: number
}

/** Steps of the additive recurrence that spreads points evenly over a square (plastic number). */
const STEP_X = 0.7548776662466927
const STEP_Y = 0.5698402909980532

/**
 * Marks of a mix, spread evenly over one tile, each ingredient as often as its
 * share: always the ingredient that lies furthest behind comes next.
 */
export function hatchMarks(shares: readonly HatchShare[]): readonly PlacedMark[] {
  const placed = shares.map(() => 0)
  const random = randomLcg(0.5)
  // A little off the lattice, or marks of one kind would stand in rows.
  const jitter = () => (random() - 0.5) * 5
  return Array.from({ length: MARKS_PER_TILE }, (_, index) => {
    const behind = shares.map(({ share }, which) => share * (index + 1) - placed[which]!)
    const next = behind.indexOf(Math.max(...behind))
    placed[next]! += 1
    const mark = own(MARKS, shares[next]!.ingredientId) ?? OWN_MARK
    return {
      ...mark,
      x: ((0.5 + index * STEP_X) % 1) * TILE_PX + jitter(),
      y: ((0.5 + index * STEP_Y) % 1) * TILE_PX + jitter(),
      turnDeg: (random() - 0.5) * (LYING.has(shares[next]!.ingredientId) ? 50 : 180),
    }
  })
}
