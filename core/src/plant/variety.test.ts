import { describe, expect, test } from '@jest/globals'
import { faultsOf } from '../units'
import {
  catalogue,
  fruitClassesOf,
  habitsOf,
  isSmallFruited,
  isVine,
  varietySchema,
  type Variety,
} from '.'

const variety = (id: string): Variety => catalogue.find((one) => one.id === id)!

describe('varieties', () => {
  test('each has a habit and a fruit of its own crop', () => {
    for (const one of catalogue) {
      expect(habitsOf[one.crop] as readonly string[]).toContain(one.habit)
      expect(fruitClassesOf[one.crop] as readonly string[]).toContain(one.fruitClass)
    }
  })
  test('a vine is a tomato that grows until frost; small fruit are currants and cherries', () => {
    expect(['moneymaker', 'marmande', 'rocoto'].map((id) => isVine(variety(id)))).toEqual([
      true,
      false,
      false,
    ])
    expect(
      ['tinyTim', 'broadRippleYellowCurrant', 'legend'].map((id) => isSmallFruited(variety(id))),
    ).toEqual([true, true, false])
  })
  test('other species are named where they are not the crop’s usual one', () => {
    expect(variety('scotchBonnet').species).toBe('Capsicum chinense')
    expect(variety('padron').species).toBeUndefined()
  })
  test.each([
    ['a plant of 9 m', { matureHeightMm: 9000 }, 'matureHeightMm', 'tooBig'],
    ['ripe in a week', { daysToMaturity: 7 }, 'daysToMaturity', 'tooSmall'],
    ['half a day', { daysToMaturity: 60.5 }, 'daysToMaturity', 'wrongType'],
    ['no leaf', { matureCanopyM2: 0 }, 'matureCanopyM2', 'tooSmall'],
    ['another crop', { crop: 'turnip' }, 'crop', 'notAllowed'],
  ])('%s is refused at its field', (_, change, field, code) => {
    const result = varietySchema.safeParse(
      { ...variety('stupice'), ...change },
      { reportInput: true },
    )
    expect(faultsOf(result.error!)).toMatchObject([{ path: [field], code }])
  })
})
