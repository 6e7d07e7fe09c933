import type { PlantGrowth, PotToday } from '@rimbo/core'

/** Less than this is less than a pixel in the line-up, mm. */
const STEP_MM = 8
/** Wetness is drawn in so many steps for each doubling of suction: pots dry and are filled day by day. */
const DRYNESS_STEPS = 1

const growthKey = ({ isStanding, heightMm, canopyM2, trusses }: PlantGrowth): string =>
  isStanding
    ? [
        Math.round(heightMm / STEP_MM),
        Math.round(Math.sqrt(canopyM2) * (1000 / STEP_MM)),
        ...trusses.map((truss) => `${Math.round(truss.heightMm)}${truss.ripeness}`),
      ].join(' ')
    : ''

/** How it stands: topped up, rolled, mulched, with what holds its plants up. */
const standsKey = ({ container, state }: PotToday): string =>
  [
    container.fillMm,
    container.rolledMm ?? 0,
    container.mulchMm,
    state.supports.length,
    state.fills.length,
  ].join(' ')

/** Two days of one pot with the same key are drawn the same, to within a pixel. */
export const drawingKey = (pot: PotToday): string =>
  `${[
    Math.round(Math.log2(1 + pot.dryingCm) * DRYNESS_STEPS),
    ...pot.plants.map(({ growth }) => growthKey(growth)),
  ].join('|')}/${standsKey(pot)}`
