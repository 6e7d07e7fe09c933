// Containers as they are sold: what they hold against what they are called.
import { describe, expect, test } from '@jest/globals'
import { containerSchema, containerVolumes, tradeClassRange, usualContainers } from '.'

const asContainer = ({ id, type, measures }: (typeof usualContainers)[number]) => ({
  ...measures,
  id,
  type,
  code: 'P1',
  name: id,
  spaceId: 's',
  mulchMm: 0,
  exposure: 'open' as const,
})
const rimL = (id: string) =>
  containerVolumes(asContainer(usualContainers.find((one) => one.id === id)!)).rimVolumeL

describe('usual containers', () => {
  test('are at least sixteen, none twice, each a container that can be kept', () => {
    expect(usualContainers.length).toBeGreaterThanOrEqual(16)
    expect(new Set(usualContainers.map(({ id }) => id)).size).toBe(usualContainers.length)
    for (const usual of usualContainers)
      expect(containerSchema.safeParse(asContainer(usual)).error).toBeUndefined()
  })
  test.each(usualContainers.map((usual) => [usual.id, usual] as const))(
    '%s holds what it is called, to a tenth',
    (id, { namedL }) => expect(Math.abs(rimL(id) / namedL - 1)).toBeLessThanOrEqual(0.1),
  )
  // A US gallon is 231 in³, 3.785 L, exactly 3.785411784 (NIST Handbook 44, Appendix C).
  test.each([
    ['bucket', 5],
    ['fabric5', 5],
    ['fabric7', 7],
    ['fabric10', 10],
    ['fabric15', 15],
    ['fabric20', 20],
  ])('%s: %d US gallons, to a tenth', (id, gallons) =>
    expect(Math.abs(rimL(id) / (gallons * 3.785411784) - 1)).toBeLessThanOrEqual(0.1),
  )
  // ANSI Z60.1: a nursery class of the same number is smaller than its gallons; a bag sold by the gallon is larger.
  test.each([
    ['fabric5', '#5'],
    ['fabric7', '#7'],
    ['fabric10', '#10'],
  ])('%s is not smaller than its nursery class', (id, tradeClass) =>
    expect(rimL(id)).toBeGreaterThan(tradeClassRange(tradeClass)!.leastL),
  )
})
