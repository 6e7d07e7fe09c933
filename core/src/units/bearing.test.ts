import { expect, test } from '@jest/globals'
import { compassPoint, compassPoints, parseBearing } from '.'

test('a direction is a number of degrees or a point of the compass', () => {
  expect(['0', '205', '205°', ' ssw ', 'N', 'W', '360'].map(parseBearing)).toEqual([
    0, 205, 205, 202.5, 0, 270, 0,
  ])
  for (const bad of ['', '-3', '361', 'up', '0x10', '1e2'])
    expect(() => parseBearing(bad)).toThrow('badBearing')
  for (const point of compassPoints) expect(compassPoint(parseBearing(point))).toBe(point)
  expect(compassPoint(359)).toBe('N')
  expect(['205 degrees', '205,5', '90º'].map(parseBearing)).toEqual([205, 205.5, 90])
})
