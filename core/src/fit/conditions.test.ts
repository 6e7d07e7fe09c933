import { describe, expect, test } from '@jest/globals'
import { made, varietyOf as variety } from '../../test/made'
import type { Container } from '../container'
import {
  heatCondition,
  heightCondition,
  lightCondition,
  rotCondition,
  sunCondition,
  supportCondition,
  weightCondition,
  type SpotConditions,
} from './conditions'

const mild = { tempMaxC: 24, tempMinC: 14, sunHours: 6 }
const hot = { tempMaxC: 36, tempMinC: 22, sunHours: 9 }
const spot = (more: Partial<SpotConditions> = {}): SpotConditions => ({
  hot: mild,
  spring: mild,
  ...more,
})

describe('sun and light', () => {
  test('8 h are wanted, 6 h the least for fruit (practice)', () => {
    const verdict = (sunHours: number) => sunCondition(spot({ sunHours })).verdict
    expect([8, 7.9, 6, 5.9, 0].map(verdict)).toEqual(['good', 'tight', 'tight', 'poor', 'poor'])
    expect(sunCondition(spot()).verdict).toBe('silent')
  })
  // Marcelis et al. 2006, Acta Hort. 711: about one per cent of yield for one per cent of light.
  test('a tenth less light is a tenth less yield, up to what a plant can use', () => {
    const factor = (dliMol: number) => lightCondition(spot({ dliMol })).factor
    expect(factor(18) / factor(20)).toBeCloseTo(0.9, 9)
    expect(factor(30)).toBe(1)
    expect(factor(40)).toBe(1)
    expect(lightCondition(spot()).factor).toBe(1)
  })
  test('20–30 mol are wanted a day', () => {
    const verdict = (dliMol: number) => lightCondition(spot({ dliMol })).verdict
    expect([25, 20, 15, 8].map(verdict)).toEqual(['good', 'good', 'tight', 'poor'])
  })
})

describe('height and support', () => {
  const pot = made('pot')
  const under = (id: string, ceilingMm: number, container = pot) =>
    heightCondition(variety(id), container, 1, spot({ ceilingMm }))
  test('a vine of 2 m in a pot wants 2.31 m; lower it is stopped, far lower it is not worth it', () => {
    expect(under('moneymaker', 2320).verdict).toBe('good')
    expect(under('moneymaker', 2000)).toMatchObject({ verdict: 'tight' })
    expect(under('moneymaker', 2000).factor).toBeCloseTo((2000 - 310) / 2000, 9)
    expect(under('moneymaker', 1200).verdict).toBe('poor')
  })
  test('a raised pot has so much less, a smaller plant so much more', () => {
    const raised = under('moneymaker', 2320, made('pot', { baseHeightMm: 600 }))
    expect(raised.verdict).toBe('tight')
    const small = heightCondition(variety('moneymaker'), pot, 0.3, spot({ ceilingMm: 2000 }))
    expect(small.verdict).toBe('good')
  })
  test('what trails needs no height', () =>
    expect(under('trailingCherry', 500, made('basket')).factor).toBe(1))
  test('vines a stake, bushes a cage, peppers a short stake, dwarfs nothing (practice)', () => {
    const code = (id: string) => supportCondition(variety(id), pot, 1, spot()).reasons[0]!.code
    expect(['moneymaker', 'rioGrande', 'padron', 'tinyTim', 'trailingCherry'].map(code)).toEqual([
      'fit.support.stake',
      'fit.support.cage',
      'fit.support.shortStake',
      'fit.support.none',
      'fit.support.none',
    ])
  })
  test('a vine’s stake is 1.8–2.4 m (practice), and no longer than the room', () => {
    const stake = (more: Partial<SpotConditions>) =>
      Number(
        supportCondition(variety('moneymaker'), pot, 0.7, spot(more)).reasons[0]!.params['stakeMm'],
      )
    expect(stake({})).toBeGreaterThan(1800)
    expect(stake({})).toBeLessThan(2400)
    expect(stake({ ceilingMm: 1800 })).toBe(1800 - 310 + 250)
  })
})

describe('heat, rot and weight', () => {
  test('black small pots in full sun lose roots (practice); large or white ones fewer', () => {
    const factor = (container: Container) => heatCondition(container, spot({ hot })).factor
    const black = factor(made('bucket', { colour: 'black' }))
    expect(black).toBeLessThan(0.95)
    expect(factor(made('bucket', { colour: 'white' }))).toBeGreaterThan(black)
    expect(factor(made('halfBarrel', { colour: 'black' }))).toBeGreaterThan(black)
    expect(factor(made('bucket', { colour: 'black', isInsulated: true }))).toBeGreaterThan(black)
    expect(heatCondition(made('bucket', { colour: 'white' }), spot()).factor).toBe(1)
  })
  test('heat never takes more than the outer roots of the sunny side', () => {
    const furnace = spot({ hot: { tempMaxC: 50, tempMinC: 35, sunHours: 12 } })
    expect(heatCondition(made('bucket', { colour: 'black' }), furnace).factor).toBeGreaterThan(0.75)
  })
  test('large fruit in small bags gets blossom-end rot most easily, cherries least (practice)', () => {
    const code = (id: string, litres: number) =>
      rotCondition(variety(id), litres).reasons[0]!.code.split('.').at(-1)
    expect(code('brandywine', 15)).toBe('most')
    expect(code('moneymaker', 15)).toBe('prone')
    expect(code('brandywine', 40)).toBe('little')
    expect(code('blackCherry', 5)).toBe('least')
    expect(rotCondition(variety('brandywine'), 15).verdict).toBe('tight')
  })
  test('over 16 and 25 kg a caution (UK HSE INDG143)', () => {
    const code = (kg: number) => weightCondition(kg).reasons[0]!.code
    expect([10, 20, 40].map(code)).toEqual([
      'fit.weight.light',
      'fit.weight.lifting16',
      'fit.weight.lifting25',
    ])
  })
})
