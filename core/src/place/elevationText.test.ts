import { expect, test } from '@jest/globals'
import { InputError } from '../units'
import { parseElevation } from './elevationText'

test.each([
  ['366', 'metric', 366_000],
  ['366', 'us', 366 * 304.8],
  ['-420 m', 'metric', -420_000],
  ['−430', 'metric', -430_000],
  ['1200 ft', 'metric', 1200 * 304.8],
  [' 8 m ', 'us', 8000],
] as const)('%s, %s: %d mm', (text, system, mm) =>
  expect(parseElevation(text, system)).toBeCloseTo(mm, 6),
)
test.each(['high', '', '--3', '3 kg'])('%s is no height', (text) =>
  expect(() => parseElevation(text, 'metric')).toThrow(InputError),
)
