import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals'
import { effectScope, ref } from 'vue'
import { useDayWindow, ROW_PX, type DayWindowOptions } from './dayWindow'

let scope = effectScope()
let frames: FrameRequestCallback[] = []
/** Lets so many frames go by. */
function run(count: number): void {
  for (let frame = 0; frame < count; frame++) {
    const now = frames
    frames = []
    now.forEach((work) => work(0))
  }
}
beforeEach(() => {
  scope = effectScope()
  frames = []
  globalThis.requestAnimationFrame = (work) => frames.push(work)
  globalThis.cancelAnimationFrame = jest.fn()
})
afterEach(() => scope.stop())

const ROWS = 10
function windowOn(day: number, more: Partial<DayWindowOptions> = {}) {
  const shown = ref(day)
  const options = { days: 275, daysPerRow: 1, height: ROWS * ROW_PX, today: 109, ...more }
  return { shown, ...scope.run(() => useDayWindow(() => options, shown))! }
}

describe('the days in sight', () => {
  test('a third is past, and each row stands where its day is', () => {
    const { rows, yOf } = windowOn(109)
    expect(rows.value[0]!.fromDay).toBe(106)
    for (const { fromDay, y } of rows.value) expect(y).toBeCloseTo(yOf(fromDay), 9)
  })
  test('end where the season ends', () => {
    const { rows } = windowOn(274, { today: 274 })
    expect(rows.value.at(-1)!.fromDay).toBe(274)
  })
  test('in weeks each row starts a week', () => {
    const { rows } = windowOn(109, { daysPerRow: 7 })
    for (const { fromDay } of rows.value) expect(fromDay % 7).toBe(0)
  })
  test('weeks begin on their own day, the first perhaps before the season', () => {
    const { rows, yOf } = windowOn(2, { daysPerRow: 7, lead: 3, today: 2 })
    expect(rows.value.slice(0, 2).map(({ fromDay }) => fromDay)).toEqual([-3, 4])
    for (const { fromDay, y } of rows.value) expect(y).toBeCloseTo(yOf(fromDay + 3), 9)
  })
})

describe('the line', () => {
  test('stands on the day under the pointer', () => {
    const { shown, drag, yOf } = windowOn(109)
    const y = yOf(112)
    drag(y, false)
    drag(y, true)
    expect(shown.value).toBe(112)
  })
  test('held beyond the edge it draws the days along, to the last and no further', () => {
    const { shown, drag } = windowOn(109)
    drag(ROWS * ROW_PX + 60, false)
    run(60)
    expect(shown.value).toBeGreaterThan(125)
    run(2000)
    expect(shown.value).toBe(274)
    drag(ROWS * ROW_PX + 60, true)
    run(1)
    expect(frames).toHaveLength(0)
  })
  test('moved by keys it stays in sight', () => {
    const { shown, step, yOf } = windowOn(109)
    step(-30)
    expect(shown.value).toBe(79)
    expect(yOf(79)).toBeGreaterThan(0)
    step(-500)
    expect(shown.value).toBe(0)
    step(200)
    expect(yOf(200)).toBeLessThan(ROWS * ROW_PX)
  })
})
