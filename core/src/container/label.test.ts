import { describe, expect, test } from '@jest/globals'
import { judgeLabel, parseDiameter, readLabel, tradeClassOf, tradeClassRange } from '.'

const IN3_L = 0.016387064

describe('nursery trade classes, ANSI Z60.1', () => {
  test.each([
    ['#1', 152, 251],
    ['#2', 320, 474],
    ['#3', 628, 742],
    ['#5', 785, 1242],
    ['#7', 1337, 1790],
    ['#10', 2080, 2646],
    ['#15', 2768, 3696],
    ['#20', 4520, 5152],
    ['#25', 5775, 6861],
  ])('%s runs from %d to %d in³', (name, least, most) => {
    expect(tradeClassOf((least + 0.5) * IN3_L)).toBe(name)
    expect(tradeClassOf((most - 0.5) * IN3_L)).toBe(name)
    expect(tradeClassOf((least - 1) * IN3_L)).not.toBe(name)
    expect(tradeClassOf((most + 1) * IN3_L)).not.toBe(name)
  })
  test('there are gaps between the classes, and nothing beyond them', () => {
    expect(tradeClassOf(4.5)).toBeUndefined()
    expect(tradeClassOf(200)).toBeUndefined()
    expect(tradeClassRange('#4')).toBeUndefined()
  })
  test('a #1 pot is smaller than a gallon by any reading', () => {
    expect(tradeClassRange('#1')!.leastL).toBeLessThan(3.785)
  })
})

describe('labels', () => {
  const codes = (text: string, rimL: number) =>
    judgeLabel(readLabel(text, 'us'), rimL)!.reasons.map((reason) => reason.code)

  test('within 10 % a label is let stand', () => {
    expect(judgeLabel(readLabel('19 l', 'metric'), 17.2)!.verdict).toBe('agrees')
    expect(judgeLabel(readLabel('19 l', 'metric'), 17.0)!.verdict).toBe('holdsLess')
    expect(judgeLabel(readLabel('19 l', 'metric'), 21)!.verdict).toBe('holdsMore')
  })
  test('a “#7” that holds 23.8 L is what its class says, though not 7 gallons', () => {
    const finding = judgeLabel(readLabel('#7', 'metric'), 23.8)!
    expect(finding.verdict).toBe('holdsLess')
    expect(codes('#7', 23.8)).toEqual(['label.classNominal', 'label.classExplains'])
    expect(codes('#7', 19)).toEqual(['label.classNominal', 'label.outsideClass'])
  })
  test('a “7 gal” that holds 23.8 L is explained by the class as well', () => {
    expect(codes('7 gal', 23.8)).toEqual(['label.holdsLess', 'label.classExplains'])
    expect(codes('7 gal', 15)).toEqual(['label.holdsLess'])
    expect(codes('7 gal', 26.5)).toEqual(['label.agrees'])
  })
  test('spellings of a class, and classes there are not', () => {
    for (const text of ['#7', 'No. 7', 'no 7', '7 trade gallon'])
      expect(readLabel(text, 'us').tradeClass).toBe('#7')
    expect(() => readLabel('#4', 'us')).toThrow(
      expect.objectContaining({ code: 'unknownTradeClass' }),
    )
  })
})

test('a tape of 94 cm round a 4 mm wall is 291.2 mm inside', () => {
  expect(parseDiameter('circumference 94 cm', 'metric', 4)).toBeCloseTo(940 / Math.PI - 8, 9)
  expect(parseDiameter('37 in circumference', 'us', 0)).toBeCloseTo((37 * 25.4) / Math.PI, 9)
  expect(parseDiameter('round the outside 94 cm', 'metric', 4)).toBeCloseTo(940 / Math.PI - 8, 9)
  // About thirty across, and not a tape laid round.
  expect(parseDiameter('around 30 cm', 'metric', 4)).toBeCloseTo(300, 9)
  expect(parseDiameter('12 in', 'metric', 4)).toBeCloseTo(304.8, 9)
})
