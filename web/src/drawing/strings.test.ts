import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import { gardenCourse, potOnDay, readGarden, type GardenRecord } from '@rimbo/core'
import { knotMark } from './knots'
import { drawingKey } from './sameDrawing'

const demo = readGarden(
  readFileSync(new URL('../../../demo/port-maren.rimbo.json', import.meta.url), 'utf8'),
)
const course = gardenCourse(demo, demo.clock!)
const keyOn = (code: string, date: string) =>
  drawingKey(
    potOnDay(
      course,
      course.pots.find(({ container }) => container.code === code)!,
      date,
    ),
  )

describe('what is drawn anew from day to day', () => {
  test('a plant in full growth is, one that is done is not', () => {
    expect(keyOn('B1', '2026-06-01')).not.toBe(keyOn('B1', '2026-06-02'))
    const plant = (date: string) => keyOn('F2', date).split('|').slice(1)
    expect(plant('2026-08-20')).toEqual(plant('2026-08-21'))
  })
  test('a pot is that is mulched or topped up', () => {
    const stands = (code: string, date: string) => keyOn(code, date).split('/')[1]
    expect(stands('F3', '2026-05-21')).not.toBe(stands('F3', '2026-05-22'))
    expect(stands('R2', '2026-05-23')).not.toBe(stands('R2', '2026-05-24'))
    expect(stands('F3', '2026-06-01')).toBe(stands('F3', '2026-06-02'))
  })
  test('a pot that dries is, though its plant stands still', () => {
    const [, ...plants] = keyOn('F2', '2026-06-12').split('|')
    const [wetness] = keyOn('F2', '2026-06-12').split('|')
    const [later] = keyOn('F2', '2026-06-14').split('|')
    expect(plants).toHaveLength(1)
    expect(Number(later)).toBeGreaterThan(Number(wetness))
  })
})

describe('knots', () => {
  const markOf = (record: object) =>
    knotMark({
      kind: 'record',
      day: 0,
      record: { id: 'r', at: demo.clock!, containerId: 'b1', ...record } as GardenRecord,
    })
  test('what was felt hangs to the left, told apart without colour', () => {
    const feels = (['dry', 'moist', 'wet'] as const).map((feel) =>
      markOf({ kind: 'finger', knuckle: 'first', feel }),
    )
    expect(new Set(feels.map(({ d }) => d)).size).toBe(3)
    expect(feels.every(({ isLeft, word }) => isLeft && word === undefined)).toBe(true)
  })
  test('what is expected has the form of what will be seen, in dashes', () => {
    for (const kind of ['firstFlower', 'firstRipe'] as const) {
      const expected = knotMark({ kind, day: 0, plantingId: 'p' })
      expect(expected.d).toBe(markOf({ kind }).d)
      expect(expected.kind).toBe('knot-expected')
      expect(markOf({ kind }).kind).not.toBe('knot-expected')
    }
  })
  test('trouble stands out from work', () => {
    expect(markOf({ kind: 'sign', sign: 'pests' }).kind).toBe('knot-trouble')
    expect(markOf({ kind: 'feed', productId: 'tomatoFeed' }).kind).toBe('knot-done')
  })
})
