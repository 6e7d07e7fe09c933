import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import { gardenToday, readGarden } from '@rimbo/core'
import { lineUpLayout, rulerTicks } from './layout'
import { hatchMarks, TILE_PX } from './marks'
import { plantForm } from './plantForm'
import { extentOf, plantPlaces } from './plantPlaces'

const demo = readGarden(
  readFileSync(new URL('../../../demo/port-maren.rimbo.json', import.meta.url), 'utf8'),
)
const pots = gardenToday(demo, demo.clock!).pots
const pot = (code: string) => pots.find((one) => one.container.code === code)!

describe('the line-up', () => {
  const layout = lineUpLayout(pots, 1200, 500, 190)

  test('keeps the walking order, and no pot stands on another', () => {
    layout.pots.slice(1).forEach((placed, index) => {
      const before = layout.pots[index]!
      expect(placed.x - placed.width / 2).toBeGreaterThanOrEqual(before.x + before.width / 2)
    })
    expect(layout.pots.map((placed) => placed.pot)).toEqual(pots)
  })
  test('shows the tallest plant whole, and what is sunk', () => {
    for (const { pot: one } of layout.pots)
      expect(extentOf(one).topMm * layout.scale).toBeLessThanOrEqual(layout.groundY)
    expect(layout.groundY + 190 * layout.scale).toBeCloseTo(500, 9)
  })
  test('scrolls sideways rather than become unreadable, on a phone too', () => {
    const narrow = lineUpLayout(pots, 360, 500, 190)
    expect(narrow.width).toBeGreaterThan(360)
    expect(narrow.scale).toBeGreaterThan(0.12)
  })
  test('the ruler counts metres or feet', () => {
    expect(rulerTicks(2000, 'metric').find((tick) => tick.value === 1)!.mm).toBeCloseTo(1000, 9)
    expect(rulerTicks(2000, 'us').find((tick) => tick.value === 2)!.mm).toBeCloseTo(609.6, 9)
  })
})

describe('the hatch of a mix', () => {
  const marks = hatchMarks([
    { ingredientId: 'bark', share: 5 / 7 },
    { ingredientId: 'peat', share: 1 / 7 },
    { ingredientId: 'perlite', share: 1 / 7 },
  ])
  const barkMark = hatchMarks([{ ingredientId: 'bark', share: 1 }])[0]!.d

  test('shows each ingredient as often as its share', () => {
    const bark = marks.filter((mark) => mark.d === barkMark)
    expect(bark.length / marks.length).toBeCloseTo(5 / 7, 1)
  })
  test('spreads over the whole tile', () => {
    for (const [x, y] of [
      [0, 0],
      [1, 0],
      [0, 1],
      [1, 1],
    ] as const) {
      const half = TILE_PX / 2
      const inCorner = marks.filter(
        (mark) => Math.floor(mark.x / half) === x && Math.floor(mark.y / half) === y,
      )
      expect(inCorner.length).toBeGreaterThan(marks.length / 8)
    }
  })
})

describe('plants', () => {
  test('stand on the fill line; twenty in a tower stand up its sides', () => {
    expect(plantPlaces(pot('B1'))).toMatchObject([{ zMm: 360, xMm: 0 }])
    const tower = plantPlaces(pot('T1'))
    expect(tower).toHaveLength(20)
    expect(Math.min(...tower.map((place) => place.zMm))).toBeLessThan(100)
  })
  test('are drawn the same each time, with fruit where the core hangs it', () => {
    const { variety, growth } = pot('L1').plants[0]!
    const form = plantForm(variety, growth, 'seed')
    expect(plantForm(variety, growth, 'seed')).toEqual(form)
    expect(plantForm(variety, growth, 'another').leaves).not.toBe(form.leaves)
    expect(form.fruits.some((fruit) => fruit.ripeness === 'ripe')).toBe(true)
    const vine = pot('B1').plants[0]!
    const { caneMm } = plantForm(vine.variety, vine.growth, 'seed')
    expect(caneMm).toBeGreaterThan(vine.growth.heightMm)
  })
})
