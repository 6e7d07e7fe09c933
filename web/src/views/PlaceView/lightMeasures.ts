/** What the contours of a plan can show. */
export const lightMeasures = ['sunHours', 'dliMol'] as const
export type LightMeasure = (typeof lightMeasures)[number]

/** Lines drawn: each hour of sun, each five mol of light. */
export const thresholds: Readonly<Record<LightMeasure, readonly number[]>> = {
  sunHours: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14],
  dliMol: [5, 10, 15, 20, 25, 30, 35, 40],
}
