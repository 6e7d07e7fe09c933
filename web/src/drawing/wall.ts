import type { Container } from '@rimbo/core'

/** Thinnest wall that can be seen, px. */
const LEAST_WALL_PX = 2.2

/** A wall as drawn: at its thickness, but never thinner than can be seen, mm. */
export const drawnWallMm = (container: Container, scale: number): number =>
  Math.max(container.wallMm, LEAST_WALL_PX / scale)

/** What lies under the mix: the floor of a pot; a basket hangs by its rim. */
export const drawnFloorMm = (container: Container, scale: number): number =>
  container.shape.kind === 'bowl' ? 0 : drawnWallMm(container, scale)
