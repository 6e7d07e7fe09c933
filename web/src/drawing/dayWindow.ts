import { computed, onScopeDispose, ref, type Ref } from 'vue'

export const ROW_PX = 24

/** How fast days go by while the line is held beyond the edge: rows a frame for each px. */
const EDGE_ROWS = 0.006
/** Rows that are kept in sight above and below the line. */
const MARGIN_ROWS = 1

export interface DayRow {
  /** First day of the row, counted from the first of the course; a first week may begin before it. */
  readonly fromDay: number
  /** Its middle, px from the top of the strings. */
  readonly y: number
}

export interface DayWindowOptions {
  /** Days of the course. */
  readonly days: number
  /** Days of one row: one, or a week. */
  readonly daysPerRow: number
  /** So many days before the course its first row begins: weeks begin on their own day. */
  readonly lead?: number
  /** Room for strings, px. */
  readonly height: number
  readonly today: number
}

/**
 * The part of a season that is in sight, day below day, and the line that can be
 * drawn through it. Held beyond an edge, the line draws the days along.
 *
 * @param shown the day that the line stands on
 */
export function useDayWindow(options: () => DayWindowOptions, shown: Ref<number>) {
  /** Row at the upper edge; may lie between two. */
  const top = ref<number>()
  let pointerY: number | undefined
  let frame = 0

  const rowsInSight = computed(() => options().height / ROW_PX)
  const lead = () => options().lead ?? 0
  const rowCount = computed(() => Math.ceil((options().days + lead()) / options().daysPerRow))
  const rowOf = (day: number) => Math.floor((day + lead()) / options().daysPerRow)
  const within = (row: number) =>
    Math.max(0, Math.min(row, Math.max(0, rowCount.value - rowsInSight.value)))
  /** A third of what is in sight is past, until it is drawn elsewhere. */
  const topRow = computed(() =>
    within(top.value ?? rowOf(options().today) - Math.floor(rowsInSight.value / 3)),
  )
  const yOf = (day: number) => ((day + lead() + 0.5) / options().daysPerRow - topRow.value) * ROW_PX

  const rows = computed<readonly DayRow[]>(() => {
    const first = Math.floor(topRow.value)
    const count = Math.min(Math.ceil(rowsInSight.value) + 1, rowCount.value - first)
    return Array.from({ length: Math.max(0, count) }, (_, index) => ({
      fromDay: (first + index) * options().daysPerRow - lead(),
      y: (first + index + 0.5 - topRow.value) * ROW_PX,
    }))
  })

  const keepDay = (day: number) => Math.max(0, Math.min(options().days - 1, Math.round(day)))

  /** Brings a day into sight, if it is not. */
  function reveal(day: number): void {
    const row = rowOf(day)
    const last = topRow.value + rowsInSight.value - MARGIN_ROWS - 1
    if (row < topRow.value + MARGIN_ROWS) top.value = within(row - MARGIN_ROWS)
    else if (row > last) top.value = within(row - rowsInSight.value + MARGIN_ROWS + 1)
  }

  function follow(): void {
    frame = 0
    if (pointerY === undefined) return
    const { height, daysPerRow } = options()
    const over = pointerY < ROW_PX ? pointerY - ROW_PX : Math.max(0, pointerY - (height - ROW_PX))
    if (over !== 0) {
      top.value = within(topRow.value + over * EDGE_ROWS * (daysPerRow > 1 ? 0.5 : 1))
      frame = requestAnimationFrame(follow)
    }
    const y = Math.max(0, Math.min(height, pointerY))
    shown.value = keepDay((topRow.value + y / ROW_PX) * daysPerRow - 0.5 - lead())
  }

  /** The line is drawn to a height; let go, it stays on its day. */
  function drag(y: number, isDone: boolean): void {
    pointerY = isDone ? undefined : y
    if (!isDone && !frame) follow()
  }

  /** Moves the line by days, and brings it into sight. */
  function step(days: number): void {
    const next = keepDay(shown.value + days)
    shown.value = next
    reveal(next)
  }

  function scroll(px: number): void {
    top.value = within(topRow.value + px / ROW_PX)
  }

  onScopeDispose(() => cancelAnimationFrame(frame))
  return { rows, yOf, drag, step, scroll, reveal }
}
