import type { MonthNormal } from '@rimbo/core'

/** Invented normals of Port Maren, January to December. */
const ROWS = [
  [10.5, 4, 85, 8],
  [11.5, 4.5, 75, 7],
  [14, 6.5, 80, 8],
  [17.5, 9.5, 75, 8],
  [21.5, 13.5, 55, 6],
  [26, 17, 35, 4],
  [29, 20, 20, 2],
  [29, 20, 35, 4],
  [25, 16.5, 80, 6],
  [20, 12.5, 120, 9],
  [15, 8, 115, 9],
  [11.5, 5, 95, 8],
] as const

export const normals: MonthNormal[] = ROWS.map(([tempMaxC, tempMinC, rainMm, wetDays]) => ({
  tempMaxC,
  tempMinC,
  rainMm,
  wetDays,
}))
