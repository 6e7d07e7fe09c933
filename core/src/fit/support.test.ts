import { describe, expect, test } from '@jest/globals'
import { made, varietyOf } from '../../test/made'
import { supportFor } from './support'

const barrel = made('halfBarrel')
const of = (id: string, heightMm: number, container = barrel, ways = {}) =>
  supportFor(varietyOf(id), container, heightMm, ways)

// Common practice among growers, with no source.
describe('supports by the height to come', () => {
  test('a vine’s stake is 1.8–2.4 m, and longer than the plant with what goes into the mix', () => {
    const stake = of('vineSalad', 1900)
    expect(stake.support).toBe('stake')
    expect(stake.lengthMm).toBeGreaterThanOrEqual(1900 + 200)
    expect(of('vineSalad', 1500).lengthMm).toBeGreaterThanOrEqual(1800)
    expect(of('vineSalad', 2000).lengthMm).toBeLessThanOrEqual(2400)
  })
  test('a tall cherry in a wide pot takes two cages and a stake, a bush one cage, a pepper a stake', () => {
    expect(of('vineCherry', 1900).parts.map(({ what, count }) => [what, count])).toEqual([
      ['cage', 2],
      ['stake', 1],
    ])
    expect(of('bushSalad', 1000).support).toBe('cage')
    expect(of('sweetBlock', 750).support).toBe('stake')
  })
  test('where no stake holds, a string from overhead: flat bags, ring pots', () =>
    expect(of('vineSalad', 1800, made('flatBag')).support).toBe('string'))
  test('low and trailing plants need none, whatever the ways', () => {
    expect(of('dwarfCherry', 350, barrel, { support: 'stake' }).support).toBe('none')
    expect(of('trailingCherry', 450).lengthMm).toBe(0)
  })
  test('the gardener’s way goes first', () =>
    expect(of('vineCherry', 1900, barrel, { support: 'string' }).support).toBe('string'))
})
