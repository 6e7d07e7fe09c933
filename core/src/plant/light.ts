import { published } from '../units'

/** Tomatoes and peppers need 20–30 mol a day: no gain beyond 25 (memory). */
export const LIGHT_FULL_MOL = 25
export const lightYieldProvenance = published(
  'Marcelis et al. 2006, Acta Hort. 711:97–103: one per cent of light, about one per cent of yield',
)

/** What a day's light leaves of growth and yield, 0–1: one for one up to all they can use. */
export const lightShareOf = (dliMol: number): number => Math.min(1, dliMol / LIGHT_FULL_MOL)
