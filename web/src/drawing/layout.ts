import { ticks } from 'd3'
import { toUnit, type PotToday, type UnitSystem } from '@rimbo/core'
import { extentOf } from './plantPlaces'

export interface PlacedPot {
  readonly pot: PotToday
  /** Middle of the pot on the ground line, px. */
  readonly x: number
  readonly width: number
}

export interface LineUpLayout {
  /** px per mm. */
  readonly scale: number
  readonly pots: readonly PlacedPot[]
  readonly width: number
  readonly groundY: number
  readonly topMm: number
}

const GAP_PX = 26
const LEAST_COLUMN_PX = 84
/** Width of the height ruler and the days, and of the weather, which stay when the line scrolls. */
export const RULER_PX = 66
export const SKY_PX = 52
const EDGE_PX = 16
/** The line-up always shows so much height, so that small plants look small. */
const LEAST_TOP_MM = 1300
/** Below this a pot cannot be read; the line scrolls sideways instead. */
const LEAST_SCALE = 0.18
const MOST_SCALE = 0.3

/** All pots on one ground line, in walking order, to one scale that fills the height. */
export function lineUpLayout(
  pots: readonly PotToday[],
  width: number,
  sectionHeight: number,
  belowMm: number,
): LineUpLayout {
  const extents = pots.map(extentOf)
  const topMm = Math.max(LEAST_TOP_MM, ...extents.map((extent) => extent.topMm)) + 110
  const byHeight = sectionHeight / (topMm + belowMm)
  const widthMm = extents.reduce((sum, extent) => sum + 2 * extent.halfMm, 0)
  const free = width - RULER_PX - SKY_PX - EDGE_PX - GAP_PX * pots.length
  const byWidth = free / Math.max(widthMm, 1)
  const scale = Math.min(MOST_SCALE, byHeight, Math.max(LEAST_SCALE, byWidth))
  const columns = extents.map((extent) => Math.max(LEAST_COLUMN_PX, 2 * extent.halfMm * scale))
  const used = columns.reduce((sum, column) => sum + column, 0) + RULER_PX + SKY_PX + EDGE_PX
  const gap = Math.min(90, Math.max(GAP_PX, (width - used) / Math.max(1, pots.length)))
  let x = RULER_PX
  const placed = pots.map((pot, index) => {
    const column = columns[index]!
    const middle = x + gap / 2 + column / 2
    x += column + gap
    return { pot, x: middle, width: column }
  })
  return {
    scale,
    pots: placed,
    width: Math.max(width - SKY_PX, x + EDGE_PX),
    groundY: sectionHeight - belowMm * scale,
    topMm: (sectionHeight - belowMm * scale) / scale,
  }
}

export interface RulerTick {
  readonly mm: number
  readonly value: number
}

/** No step so near the end that its figure would be cut. */
const TICKS_UP_TO = 0.97

/** Steps of the height ruler: metres, or feet. */
export function rulerTicks(topMm: number, system: UnitSystem): readonly RulerTick[] {
  const unit = system === 'metric' ? 'm' : 'ft'
  const top = toUnit(topMm, 'length', unit)
  const perUnitMm = topMm / top
  return ticks(0, top, 8)
    .map((value) => ({ value, mm: value * perUnitMm }))
    .filter((tick) => tick.mm < topMm * TICKS_UP_TO)
}
