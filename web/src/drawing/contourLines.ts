import { contours } from 'd3'

export interface ContourLine {
  readonly value: number
  /** In cells: x along, y from the house. */
  readonly lines: readonly (readonly (readonly [x: number, y: number])[])[]
}

/**
 * Lines of equal value over a grid, in cells, without the pieces that only run
 * along the grid's own edge.
 */
export function contourLines(
  values: ArrayLike<number>,
  columns: number,
  rows: number,
  thresholds: readonly number[],
): readonly ContourLine[] {
  const isOnEdge = ([x, y]: readonly [number, number]) =>
    x <= 0.01 || y <= 0.01 || x >= columns - 0.01 || y >= rows - 0.01
  return contours()
    .size([columns, rows])
    .thresholds([...thresholds])(Array.from(values))
    .map(({ value, coordinates }) => ({
      value,
      lines: coordinates.flatMap((polygon) =>
        polygon.flatMap((ring) => {
          const points = ring.map(([x, y]): readonly [number, number] => [x!, y!])
          const pieces: (readonly [number, number])[][] = [[]]
          points.forEach((point, index) => {
            const before = points[index - 1]
            if (before && isOnEdge(before) && isOnEdge(point)) pieces.push([])
            pieces.at(-1)!.push(point)
          })
          return pieces.filter((piece) => piece.length > 1)
        }),
      ),
    }))
}

/** Where to write a line's value: in the middle of its longest piece. */
export function labelPlace({ lines }: ContourLine): readonly [number, number] | undefined {
  const longest = [...lines].sort((one, other) => other.length - one.length)[0]
  return longest?.[Math.floor(longest.length / 2)]
}
