import { generatorFromNormals, usualFrosts, type MonthNormal, type UsualFrosts } from '../generator'
import type { Site } from '../referenceEvapotranspiration'

/** A climate in one line, to be known or doubted at a glance. */
export interface ClimateSummary {
  /** By number, 1 for January. */
  readonly warmest: { readonly month: number; readonly tempMaxC: number }
  readonly coldest: { readonly month: number; readonly tempMinC: number }
  /** Last of spring and first of autumn, `MM-DD`; none where it freezes in few years. */
  readonly frosts: UsualFrosts
}

/** The month with the highest highs, the one with the lowest lows, and when it freezes. */
export function climateSummary(normals: readonly MonthNormal[], site: Site): ClimateSummary {
  const highs = normals.map(({ tempMaxC }) => tempMaxC)
  const lows = normals.map(({ tempMinC }) => tempMinC)
  const tempMaxC = Math.max(...highs)
  const tempMinC = Math.min(...lows)
  return {
    warmest: { month: highs.indexOf(tempMaxC) + 1, tempMaxC },
    coldest: { month: lows.indexOf(tempMinC) + 1, tempMinC },
    frosts: usualFrosts(generatorFromNormals(normals, site)),
  }
}
